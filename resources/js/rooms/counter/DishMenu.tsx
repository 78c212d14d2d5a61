import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { call } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import type { DishSummary } from '../../api/types';
import { notice } from '../../shared/notice';
import { useMay } from '../../shared/Only';
import { ProblemNote } from '../../shared/ProblemNote';
import { useRemoval } from '../../shared/useRemoval';

const ErrandDialog = lazy(async () => ({ default: (await import('./ErrandDialog')).ErrandDialog }));

/** What can be done with a dish where it stands on the Counter. */
export function DishMenu({ dish }: { dish: DishSummary }) {
    const client = useQueryClient();
    const [anchor, setAnchor] = useState<HTMLElement | null>(null);
    const [next, setNext] = useState(false);
    const [title, setTitle] = useState<string | null>(null);
    const may = useMay();
    const { remove } = useRemoval();
    const fresh = async () => {
        await client.invalidateQueries({ queryKey: ['dishes'] });
        await client.invalidateQueries({ queryKey: ['version'] });
    };
    const write = useWrite(dish.revision);
    const name = useMutation({
        mutationFn: () => write<DishSummary>('PATCH', `dishes/${dish.id}`, { title }),
        onSuccess: async () => {
            setTitle(null);
            await fresh();
        },
    });
    const copy = useMutation({
        mutationFn: () => call<DishSummary>('POST', `dishes/${dish.id}/copies`),
        onSuccess: async (made) => {
            await fresh();
            notice({ text: `${made.title} stands on the counter.`, back: { word: 'Remove it again', act: () => void remove('dishes', made.id, made.title) } });
        },
        onError: (error) => notice({ text: error.message }),
    });
    const put = (isAway: boolean) => write<DishSummary>('PATCH', `dishes/${dish.id}`, { away: isAway });
    const away = useMutation({
        mutationFn: put,
        onSuccess: async (_, isAway) => {
            await fresh();
            notice({
                text: isAway ? `${dish.title} is put away; it is found under State, put away.` : `${dish.title} stands on the counter.`,
                back: { word: isAway ? 'Back on the counter' : 'Put it away', act: () => void put(!isAway).then(fresh).then(() => notice(null)).catch(() => notice({ text: 'It could not be taken back.' })) },
            });
        },
        onError: (error) => notice({ text: error.message }),
    });
    const choose = (act: () => void) => () => {
        setAnchor(null);
        act();
    };
    return (
        <>
            <Button aria-haspopup="menu" aria-expanded={anchor !== null} aria-label={`What to do with ${dish.title}`} onClick={(e) => setAnchor(e.currentTarget)} sx={{ minWidth: 30, minHeight: 'var(--press-usual)', p: 0, flex: 'none', fontSize: 'var(--text-head)', lineHeight: 1 }}>
                ⋯
            </Button>
            <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
                <MenuItem disabled={!may('record')} onClick={choose(() => setNext(true))}>Say what is next</MenuItem>
                <MenuItem disabled={!may('develop')} onClick={choose(() => setTitle(dish.title))}>Call it otherwise</MenuItem>
                <MenuItem disabled={!may('develop')} onClick={choose(() => copy.mutate())}>Make a copy</MenuItem>
                <MenuItem disabled={!may('develop')} onClick={choose(() => away.mutate(!dish.is_away))}>{dish.is_away ? 'Back on the counter' : 'Put it away'}</MenuItem>
                <MenuItem disabled={!may('develop')} onClick={choose(() => void remove('dishes', dish.id, dish.title))}>Remove</MenuItem>
            </Menu>
            {next && (
                <Suspense fallback={null}>
                    <ErrandDialog dish={dish} onClose={() => setNext(false)} />
                </Suspense>
            )}
            {title !== null && (
                <Dialog open onClose={() => setTitle(null)} maxWidth="xs" fullWidth aria-labelledby="name-title">
                    <DialogTitle id="name-title" className="name">Call it otherwise</DialogTitle>
                    <DialogContent>
                        <form id="name-form" onSubmit={(e) => { e.preventDefault(); name.mutate(); }}>
                            <TextField autoFocus fullWidth size="small" label="Name of the dish" value={title} onChange={(e) => setTitle(e.target.value)} sx={{ mt: 1 }} error={title.trim() === ''} helperText={title.trim() === '' ? 'A dish needs a name' : undefined} />
                        </form>
                        {name.error && <ProblemNote error={name.error} />}
                    </DialogContent>
                    <DialogActions>
                        <Button onClick={() => setTitle(null)}>Leave it</Button>
                        <Button type="submit" form="name-form" variant="contained" disabled={title.trim() === '' || name.isPending}>
                            Keep it
                        </Button>
                    </DialogActions>
                </Dialog>
            )}
        </>
    );
}
