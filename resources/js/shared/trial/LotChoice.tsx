import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { lotsWithinQuery } from '../../api/queries';
import { ProblemNote } from '../ProblemNote';

/** Which lots a trial was made of; nothing is shown where none of its ingredients has one. */
export function LotChoice({ version, chosen, onChange }: { version: number; chosen: number[]; onChange: (lots: number[]) => void }) {
    const { data, error } = useQuery(lotsWithinQuery(version));
    if (error) return <ProblemNote error={error} />;
    if (!data || data.length === 0) return null;
    return (
        <Box component="fieldset" sx={{ border: 0, p: 0, m: '12px 0 0' }}>
            <legend style={{ fontWeight: 650, padding: 0, marginBottom: 4 }}>Made of these lots</legend>
            <Box sx={{ maxHeight: 150, overflowY: 'auto' }}>
                {data.map((lot) => (
                    <Box component="label" key={lot.id} sx={{ display: 'flex', gap: 1, alignItems: 'center', minHeight: 'var(--press-usual)', fontSize: 'var(--text-plain)', cursor: 'pointer' }}>
                        <input type="checkbox" checked={chosen.includes(lot.id)} onChange={(e) => onChange(e.target.checked ? [...chosen, lot.id] : chosen.filter((id) => id !== lot.id))} />
                        <span>
                            {lot.name}: <strong>{lot.code}</strong>
                        </span>
                        {lot.recalled_on !== null && <strong style={{ color: 'var(--beet)' }}>called back: do not use it</strong>}
                        {lot.recalled_on === null && lot.is_past && <strong style={{ color: 'var(--yolk)' }}>past its date</strong>}
                    </Box>
                ))}
            </Box>
        </Box>
    );
}
