import Box from '@mui/material/Box';
import type { Card } from '../../api/types';
import { counted } from '../../shared/numbers';
import { PullTable } from '../../shared/PullTable';

/** What to fetch before the dish is made: every ingredient once, by where it is kept; a sheet of its own in print. */
export function PullList({ card }: { card: Card }) {
    return (
        <Box
            component="article"
            className="sheet"
            aria-label={`Pull list of ${card.title}, ${card.version}`}
            sx={{ bgcolor: 'var(--panel)', border: '1.5px solid var(--rim)', borderRadius: '11px', p: '16px 28px 20px', maxWidth: 980, fontSize: 'var(--text-body)', mt: 2, '@media print': { breakBefore: 'page', mt: 0 } }}
        >
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap', mb: 0.5 }}>
                <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-name)' }}>
                    To fetch
                </h2>
                <span>
                    {card.title}, {card.version}, {counted(card.portions, 'portion')}
                </span>
            </Box>
            {card.preparations.length > 0 && <Box sx={{ color: 'var(--ink-soft)', mb: 0.5 }}>What goes into {card.preparations.map((made) => made.name).join(', ')} is counted here. Made already? Leave it.</Box>}
            <PullTable pull={card.pull} />
        </Box>
    );
}
