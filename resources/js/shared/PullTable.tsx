import Box from '@mui/material/Box';
import type { Card } from '../api/types';
import { grams } from './numbers';

/** What is fetched, by where it is kept, and what each is for. */
export function PullTable({ pull }: { pull: Card['pull'] }) {
    return (
        <Box sx={{ columns: { xs: 1, md: 2 }, columnGap: 4 }}>
            {pull.map((part) => (
                <Box key={part.place} sx={{ breakInside: 'avoid', mb: 1.25 }}>
                    <h3 className="name" style={{ margin: '0 0 2px', fontSize: 'var(--text-head)' }}>
                        {part.place}
                    </h3>
                    <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%', '& td': { py: '2px', verticalAlign: 'top', borderTop: '1px solid var(--line)' } }}>
                        <tbody>
                            {part.lines.map((line) => (
                                <tr key={line.ingredient}>
                                    <td style={{ textAlign: 'right', fontWeight: 700, width: 78, paddingRight: 12, whiteSpace: 'nowrap' }}>{grams(line.grams)} g</td>
                                    <td>
                                        {line.name}
                                        {line.for.length > 1 && <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>{line.for.map((one) => `${one.what} ${grams(one.grams)} g`).join(', ')}</Box>}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </Box>
                </Box>
            ))}
        </Box>
    );
}
