import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { Link } from 'react-router';

const KEYS = [
    ['g', 'to the first gram figure'],
    ['↑ ↓', 'nudge a gram figure'],
    ['Alt ↑ ↓', 'move the line, over the edge of a layer too'],
    ['b', 'balance again, pinned lines held'],
    ['r', 'to the diets'],
    ['u · y', 'undo · redo (also Ctrl+Z, Ctrl+Shift+Z)'],
    ['?', 'this list'],
];

export function KeyList({ onClose }: { onClose: () => void }) {
    return (
        <Dialog open onClose={onClose} aria-labelledby="keys-title">
            <DialogTitle id="keys-title" className="name">
                Keys on the Bench
            </DialogTitle>
            <DialogContent>
                <dl style={{ display: 'grid', gridTemplateColumns: '70px 1fr', gap: 8, margin: 0 }}>
                    {KEYS.map(([key, what]) => (
                        <div key={key} style={{ display: 'contents' }}>
                            <dt style={{ fontWeight: 700 }}>{key}</dt>
                            <dd style={{ margin: 0 }}>{what}</dd>
                        </div>
                    ))}
                </dl>
                <p style={{ marginBottom: 0 }}>
                    Words with a dotted line explain themselves; all of them stand under <Link to="/words">Words</Link>.
                </p>
            </DialogContent>
        </Dialog>
    );
}
