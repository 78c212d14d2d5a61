import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { Link } from 'react-router';
import type { Command } from '../../shared/commands';

/** Keys of a line, which are of no command. */
const OF_A_LINE: [string, string][] = [
    ['↑ ↓', 'nudge a gram figure'],
    ['Alt ↑ ↓', 'move the line, over the edge of a layer too'],
    ['Ctrl K', 'find a dish, an ingredient, a room, or what to do'],
    ['Ctrl Z', 'undo; with Shift, redo'],
];

export function KeyList({ commands, onClose }: { commands: readonly Command[]; onClose: () => void }) {
    const keys: [string, string][] = [...commands.map((one): [string, string] => [one.key ?? '', one.name]), ...OF_A_LINE];
    return (
        <Dialog open onClose={onClose} aria-labelledby="keys-title">
            <DialogTitle id="keys-title" className="name">
                Keys on the Bench
            </DialogTitle>
            <DialogContent>
                <dl style={{ display: 'grid', gridTemplateColumns: '70px 1fr', gap: 8, margin: 0 }}>
                    {keys.map(([key, what]) => (
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
