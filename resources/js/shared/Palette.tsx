import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { dishesQuery, shelfQuery } from '../api/queries';
import { answers, useRegistered } from './commands';
import { keyOf, useKeys } from './keys';

interface Found {
    id: string;
    name: string;
    kind: string;
    key?: string | undefined;
    act: () => void;
}

const ROOMS: [string, string][] = [['Counter', '/'], ['Bench', '/bench'], ['Spread: five diets at once', '/spread'], ['Shelf', '/shelf'], ['Clock: services and their plans', '/clock'], ['Stove: what is being made', '/stove'], ['Notebook', '/notebook'], ['Notebook: how sure we are of this kitchen', '/notebook?view=sure'], ['Notebook: small pots', '/notebook?view=pots'], ['Panel: tastings', '/panel'], ['Foretell: practice', '/foretell'], ['Pass: cards', '/pass'], ['New dish', '/new'], ['Studio: people, sessions, tokens', '/studio'], ['Words and what they mean', '/words'], ['Common practice', '/practice']];
/** More than this is not read through; another word narrows it. */
const MOST = 12;

/** Ctrl+K: go to any dish, version, ingredient or room, or do what the room can do, by a word. */
export function Palette() {
    const [open, setOpen] = useState(false);
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
                event.preventDefault();
                setOpen(true);
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    }, []);
    return open ? <Finder onClose={() => setOpen(false)} /> : null;
}

function Finder({ onClose }: { onClose: () => void }) {
    const navigate = useNavigate();
    const [sought, setSought] = useState('');
    const [at, setAt] = useState(0);
    // The counter lists the first of many; the others are found by what is sought.
    const first = useQuery(dishesQuery());
    const words = sought.trim();
    const named = useQuery({ ...dishesQuery(words), enabled: words !== '' });
    const away = useQuery({ ...dishesQuery(words, 'away'), enabled: words !== '' });
    const dishes = [...new Map([...(first.data ?? []), ...(named.data ?? []), ...(away.data ?? [])].map((dish) => [dish.id, dish])).values()];
    const shelf = useQuery({ ...shelfQuery(), enabled: sought.trim().length > 1 });
    const go = (to: string) => () => void navigate(to);
    const keys = useKeys();
    const all: Found[] = [
        ...useRegistered().map((one) => ({ id: `do ${one.id}`, name: one.name, kind: 'do', key: keyOf(one, keys) || undefined, act: one.act })),
        ...dishes.flatMap((dish) => dish.versions.map((version) => ({ id: `version ${version.id}`, name: `${dish.title}, ${version.name}`, kind: dish.is_away ? 'put away' : dish.family, act: go(`/bench/${version.id}`) }))),
        ...ROOMS.map(([name, to]) => ({ id: `room ${to}`, name, kind: 'room', act: go(to) })),
        ...(shelf.data ?? []).map((one) => ({ id: `shelf ${one.id}`, name: one.name, kind: 'shelf', act: go(`/shelf/${one.id}`) })),
    ];
    const found = all.filter((one) => answers(one.name, sought)).slice(0, MOST);
    const chosen = Math.min(at, found.length - 1);
    const press = (one: Found | undefined) => {
        if (!one) return;
        onClose();
        one.act();
    };
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth slotProps={{ paper: { 'aria-label': 'Find or do', sx: { position: 'absolute', top: 60, m: 0 } } }}>
            <Box
                component="input" autoFocus role="combobox" aria-expanded aria-controls="palette-list" aria-activedescendant={found[chosen] ? `palette-${chosen}` : undefined} aria-label="Find a dish, an ingredient or a room, or say what to do" placeholder="a dish, an ingredient, a room, or what to do"
                value={sought}
                onChange={(e: React.ChangeEvent<HTMLInputElement>) => {
                    setSought(e.target.value);
                    setAt(0);
                }}
                onKeyDown={(e: React.KeyboardEvent) => {
                    if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
                        e.preventDefault();
                        setAt(Math.max(0, Math.min(found.length - 1, chosen + (e.key === 'ArrowDown' ? 1 : -1))));
                    } else if (e.key === 'Enter') {
                        e.preventDefault();
                        press(found[chosen]);
                    }
                }}
                sx={{ font: 'inherit', fontSize: 'var(--text-title)', border: 0, borderBottom: '1.5px solid var(--rim)', p: '14px 18px', color: 'var(--ink)', bgcolor: 'var(--panel)', outline: 'none' }}
            />
            <Box component="ul" id="palette-list" role="listbox" aria-label="Found" sx={{ listStyle: 'none', m: 0, p: '6px', maxHeight: 420, overflow: 'auto' }}>
                {found.map((one, n) => (
                    <Box
                        component="li" key={one.id} id={`palette-${n}`} role="option" aria-selected={n === chosen} onClick={() => press(one)}
                        sx={{ display: 'flex', gap: 1, px: 1.5, py: '6px', borderRadius: '8px', cursor: 'pointer', bgcolor: n === chosen ? 'var(--cobalt-wash)' : 'transparent', '&:hover': { bgcolor: 'var(--cobalt-wash)' } }}
                    >
                        <span style={{ flex: 1 }}>{one.name}</span>
                        <span style={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>{one.key ?? one.kind}</span>
                    </Box>
                ))}
                {found.length === 0 && <Box component="li" role="option" aria-selected={false} aria-disabled sx={{ px: 1.5, py: 1, color: 'var(--ink-soft)' }}>Nothing answers to “{sought}”. Try the beginning of another word.</Box>}
            </Box>
        </Dialog>
    );
}
