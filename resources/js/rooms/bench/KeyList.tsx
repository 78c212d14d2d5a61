import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Command } from '../../shared/commands';
import { allAsTheyWere, giveKey, keyOf, keyWrong, switchKeys, useKeys } from '../../shared/keys';

/** Keys that stay what they are: those of a field, and those that every program has. */
const FIXED: [string, string][] = [
    ['↑ ↓ ← →', 'from cell to cell of the ledger; Enter changes a figure'],
    ['↑ ↓', 'in a figure: a little more or less'],
    ['Alt ↑ ↓', 'move the line, over the edge of a layer too; move a step of the method'],
    ['Enter', 'in a step: keep it; with Ctrl, part it at the cursor'],
    ['Backspace', 'at the beginning of a step: join it to the one before'],
    ['Delete', 'on a step: take it out'],
    ['Ctrl K', 'find a dish, an ingredient, a room, or what to do'],
    ['Ctrl Z', 'undo; with Shift, redo'],
];

/** What every key does; another can be chosen for each, and all can be switched off. */
export function KeyList({ commands, onClose }: { commands: readonly Command[]; onClose: () => void }) {
    const keys = useKeys();
    const [choosing, setChoosing] = useState<string | null>(null);
    const [wrong, setWrong] = useState('');
    const choose = (command: Command) => (event: React.KeyboardEvent) => {
        if (choosing !== command.id || ['Tab', 'Shift', 'Enter'].includes(event.key) || event.ctrlKey || event.metaKey || event.altKey) return;
        event.preventDefault();
        event.stopPropagation();
        if (event.key === 'Escape') {
            setChoosing(null);
            return;
        }
        const key = event.key === 'Backspace' || event.key === 'Delete' ? '' : event.key;
        const reason = key === '' ? '' : keyWrong(key, command, commands, keys);
        setWrong(reason);
        if (reason === '') {
            giveKey(command, key);
            setChoosing(null);
        }
    };
    return (
        <Dialog open onClose={onClose} aria-labelledby="keys-title">
            <DialogTitle id="keys-title" className="name">
                Keys on the Bench
            </DialogTitle>
            <DialogContent>
                <FormControlLabel control={<Switch checked={keys.on} onChange={(e) => switchKeys(e.target.checked)} />} label={keys.on ? 'Single keys are on' : 'Single keys are off'} />
                <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '86px 1fr', gap: 0.75, m: 0, mt: 1, alignItems: 'center' }}>
                    {commands.map((command) => (
                        <Box key={command.id} sx={{ display: 'contents' }}>
                            <dt>
                                <Button
                                    variant={choosing === command.id ? 'contained' : 'outlined'} disabled={!keys.on} aria-label={choosing === command.id ? `Press the key for: ${command.name}` : `${keyOf(command, keys) || 'No key'}: choose another for: ${command.name}`}
                                    onClick={() => {
                                        setWrong('');
                                        setChoosing(choosing === command.id ? null : command.id);
                                    }}
                                    onKeyDown={choose(command)} onBlur={() => setChoosing(null)} sx={{ minWidth: 44, minHeight: 'var(--press-usual)', py: 0, textTransform: 'none' }}
                                >
                                    {choosing === command.id ? 'press it' : keyOf(command, keys) || 'none'}
                                </Button>
                            </dt>
                            <dd style={{ margin: 0 }}>
                                {command.name}
                                {choosing === command.id && (
                                    <Box component="span" role="status" sx={{ display: 'block', fontSize: 'var(--text-small)', color: wrong ? 'var(--beet)' : 'var(--ink-soft)' }}>
                                        {wrong || 'Backspace for none, Escape to leave it'}
                                    </Box>
                                )}
                            </dd>
                        </Box>
                    ))}
                    {FIXED.map(([key, what]) => (
                        <Box key={key} sx={{ display: 'contents' }}>
                            <dt style={{ fontWeight: 700 }}>{key}</dt>
                            <dd style={{ margin: 0 }}>{what}</dd>
                        </Box>
                    ))}
                </Box>
                <p style={{ marginBottom: 0 }}>
                    Words with a dotted line explain themselves; all of them stand under <Link to="/words">Words</Link>.
                </p>
            </DialogContent>
            <DialogActions>
                <Button onClick={allAsTheyWere}>As they were</Button>
                <Button variant="contained" onClick={onClose}>
                    Close
                </Button>
            </DialogActions>
        </Dialog>
    );
}
