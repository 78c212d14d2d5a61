import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { ShelfEntry } from '../../api/types';

/** The ingredients found, each a link; what its packet must prove for the chosen diet is said beside it. */
export function ShelfList({ found, chosen, diet, onClear }: { found: ShelfEntry[]; chosen: string | null; diet: string; onClear: () => void }) {
    if (found.length === 0) {
        return (
            <Box sx={{ py: 2, color: 'var(--ink-soft)' }}>
                Nothing on the shelf answers to that.
                <div>
                    <Button variant="outlined" onClick={onClear} sx={{ mt: 1 }}>
                        Show all of it
                    </Button>
                </div>
            </Box>
        );
    }
    return (
        <Box component="ul" aria-label={`${found.length} found`} sx={{ listStyle: 'none', m: 0, p: '0 0 6px', overflow: 'auto', flex: 1, minHeight: 0, mx: -0.75 }}>
            {found.map((entry) => (
                <Box component="li" key={entry.id} sx={{ contentVisibility: 'auto', containIntrinsicSize: 'auto 34px' }}>
                    <Box
                        component={Link} to={`/shelf/${entry.id}`} aria-current={entry.id === chosen ? 'true' : undefined}
                        sx={{
                            display: 'flex', alignItems: 'baseline', gap: 1, px: 0.75, py: '5px', borderRadius: '7px', textDecoration: 'none', color: 'var(--ink)', borderTop: '1px solid var(--line)',
                            '&:hover': { bgcolor: 'var(--sunk)' }, '&[aria-current]': { bgcolor: 'var(--cobalt)', color: 'var(--on-cobalt)', '& span': { color: 'inherit' } },
                        }}
                    >
                        <Box component="strong" sx={{ fontWeight: 600, flex: 1, minWidth: 0 }}>
                            {entry.name}
                        </Box>
                        {entry.own && (
                            <Box component="span" sx={{ fontSize: 'var(--text-small)', color: 'var(--cobalt)', fontWeight: 650 }}>
                                {entry.own === 'own' ? 'yours' : 'corrected'}
                            </Box>
                        )}
                        <Box component="span" sx={{ fontSize: 'var(--text-small)', color: diet && entry.ask.includes(diet) ? 'var(--yolk)' : 'var(--ink-soft)', whiteSpace: 'nowrap' }}>
                            {diet && entry.ask.includes(diet) ? 'ask the packet' : entry.group}
                        </Box>
                    </Box>
                </Box>
            ))}
        </Box>
    );
}
