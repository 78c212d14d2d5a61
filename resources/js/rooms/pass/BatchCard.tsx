import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { makingQuery } from '../../api/queries';
import type { Card } from '../../api/types';
import { counted, grams, typedCount } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { Paper, Part, ruled } from './Paper';
import type { SheetId } from '../../shared/sheets';
import { limit } from './watched';

const box = <Box component="span" sx={{ display: 'inline-block', width: 13, height: 13, border: '1.3px solid var(--ink)', verticalAlign: '-2px' }} />;
const blank = (wide: number) => <Box component="span" sx={{ display: 'inline-block', width: wide, borderBottom: '1.2px solid var(--ink)', height: 15 }} />;

/** What one batch is weighed, read and signed on, for as many portions as are made. */
export function BatchCard({ card, size, us }: { card: Card; size: SheetId; us: boolean }) {
    const [typed, setTyped] = useState(String(card.portions));
    const many = typedCount(typed, 2000);
    const times = (many ?? card.portions) / card.portions;
    const { data, error, refetch } = useQuery(makingQuery(card.version_id));
    return (
        <Paper card={card} name="Batch card" size={size}>
            <Box className="no-print" sx={{ my: 1 }}>
                <TextField size="small" label="Portions of this batch" value={typed} onChange={(e) => setTyped(e.target.value)} error={many === null} helperText={many === null ? 'A whole number from 1 to 2000' : ' '} slotProps={{ htmlInput: { inputMode: 'numeric' } }} />
            </Box>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, rowGap: 0.75, mt: 0.5 }}>
                <strong>{counted(many ?? card.portions, 'portion')} of {Math.round(card.portion_g)} g</strong>
                <span>made on {blank(90)}</span>
                <span>by {blank(120)}</span>
                <span>batch {blank(80)}</span>
            </Box>
            {card.ingredients.map((layer) => (
                <Part key={layer.layer} title={layer.layer}>
                    <Box component="table" aria-label={`To weigh for ${layer.layer}`} sx={ruled}>
                        <thead>
                            <tr><th scope="col">to weigh</th><th scope="col" className="n">g</th><th scope="col" className="n">weighed, g</th><th scope="col" /><th scope="col">lot</th></tr>
                        </thead>
                        <tbody>
                            {layer.lines.map((line, n) => (
                                <tr key={n}>
                                    <th scope="row">{line.name}{line.note !== '' && <span style={{ color: 'var(--ink-soft)' }}>, {line.note}</span>}{us && times === 1 && line.us !== '' && <span style={{ color: 'var(--ink-soft)' }}> ({line.us})</span>}</th>
                                    <td className="n" style={{ fontWeight: 700 }}>{grams(line.grams * times)}</td>
                                    <td className="n">{blank(76)}</td>
                                    <td>{box}</td>
                                    <td>{blank(76)}</td>
                                </tr>
                            ))}
                        </tbody>
                    </Box>
                </Part>
            ))}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data && data.critical.length > 0 && (
                <Part title="To read">
                    <Box component="table" aria-label="To read on the probe" sx={ruled}>
                        <thead><tr><th scope="col">what</th><th scope="col">limit</th><th scope="col">read, °C</th><th scope="col">at</th><th scope="col">by</th></tr></thead>
                        <tbody>
                            {data.critical.map((one) => (
                                <tr key={`${one.layer} ${one.what}`}>
                                    <th scope="row">{one.layer}: {one.what}</th>
                                    <td>{limit(one)}</td>
                                    <td>{blank(60)}</td>
                                    <td>{blank(60)}</td>
                                    <td>{blank(50)}</td>
                                </tr>
                            ))}
                        </tbody>
                    </Box>
                    <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', mt: 0.5 }}>Limits are the model’s and common codes’; your local code comes first. A figure that was not read stays empty.</Box>
                </Part>
            )}
            <Part title="When it is done">
                <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, rowGap: 1 }}>
                    <span>portions out {blank(60)}</span>
                    <span>use by {blank(90)}</span>
                    <span>{box} labelled with its allergens: {card.contains.join(', ') || 'none of those listed'}</span>
                    <span>checked by {blank(120)}</span>
                </Box>
            </Part>
        </Paper>
    );
}
