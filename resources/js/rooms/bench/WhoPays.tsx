import Box from '@mui/material/Box';
import type { Route } from '../../api/types';
import { named, whoPays } from '../../shared/routeWords';

/** One row a job that changed hands: what it was, who did it, who does it now; what nobody pays is said in words. */
export function WhoPays({ route }: { route: Route }) {
    const rows = whoPays(route);
    if (rows.length === 0) return <Box sx={{ color: 'var(--ink-soft)' }}>Every job is done by what did it before.</Box>;
    return (
        <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse', fontSize: 'var(--text-small)', '& td, & th': { textAlign: 'left', verticalAlign: 'top', p: '3px 8px 3px 0', borderBottom: '1px solid var(--line)' } }}>
            <thead>
                <tr>
                    <th scope="col">Job</th>
                    <th scope="col">Did it</th>
                    <th scope="col">Does it now</th>
                </tr>
            </thead>
            <tbody>
                {rows.map((debt) => (
                    <tr key={`${debt.layer_index} ${debt.job} ${debt.unit}`}>
                        <td>
                            <strong>{debt.job}</strong>
                            {route.layers.length > 1 && <Box component="span" sx={{ color: 'var(--ink-soft)' }}> · {debt.layer}</Box>}
                        </td>
                        <td>{named(debt.from, route.names) || '–'}</td>
                        <td>
                            {debt.state === 'paid' ? (
                                named(debt.by, route.names) || 'all of it together'
                            ) : (
                                <Box component="span" sx={{ color: debt.critical ? 'var(--beet)' : 'var(--yolk)', fontWeight: debt.critical ? 650 : 400 }}>
                                    {debt.why}
                                </Box>
                            )}
                        </td>
                    </tr>
                ))}
            </tbody>
        </Box>
    );
}
