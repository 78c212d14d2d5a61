import Box from '@mui/material/Box';
import type { Card } from '../../api/types';
import { counted } from '../../shared/numbers';
import { PullTable } from '../../shared/PullTable';
import { Paper } from './Paper';
import type { SheetId } from '../../shared/sheets';

/** What to fetch before the dish is made: every ingredient once, by where it is kept. */
export function PullList({ card, size }: { card: Card; size: SheetId }) {
    return (
        <Paper card={card} name="Pull list" size={size}>
            <div>{counted(card.portions, 'portion')}</div>
            {card.preparations.length > 0 && <Box sx={{ color: 'var(--ink-soft)', mb: 0.5 }}>What goes into {card.preparations.map((made) => made.name).join(', ')} is counted here. Made already? Leave it.</Box>}
            <PullTable pull={card.pull} />
        </Paper>
    );
}
