import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { dishesQuery, studioQuery } from '../../api/queries';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { Waiting } from '../../shared/Waiting';
import { decisions } from './decisions';
import { DishCard } from './DishCard';
import { RemovedDrawer } from './RemovedDrawer';

/** What is on the go, and where something new starts. */
export function Counter() {
    const [sought, setSought] = useState('');
    const [asked, setAsked] = useState('');
    useEffect(() => {
        const wait = setTimeout(() => setAsked(sought.trim()), 150);
        return () => clearTimeout(wait);
    }, [sought]);
    const { data, error, isPending, refetch } = useQuery({ ...dishesQuery(asked), placeholderData: keepPreviousData });
    const studio = useQuery(studioQuery());
    const [pasted, setPasted] = useState('');
    const [removed, setRemoved] = useState(false);
    const navigate = useNavigate();
    const shown = data ?? [];
    const todo = decisions(data ?? []);
    const begin = (text: string) => void navigate('/new', { state: { text } });

    return (
        <Box sx={{ p: '14px 16px', display: 'grid', gap: 1.5, gridTemplateRows: 'auto 1fr', minHeight: '100%', boxSizing: 'border-box' }}>
            <Box component="header" sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap' }}>
                <h1 className="name" style={{ margin: 0, fontSize: 25 }}>
                    {studio.data?.name ?? 'Counter'}
                </h1>
                {data && <Box sx={{ color: 'var(--ink-soft)' }}>{data.length >= 60 ? 'the first 60 dishes: find the others by name' : `${data.length === 1 ? 'one dish' : `${data.length} dishes`} ${asked ? 'found' : 'on the counter'}`}</Box>}
                <Box sx={{ flex: 1 }} />
                <TextField
                    size="small" placeholder="Find a dish" value={sought} onChange={(e) => setSought(e.target.value)} sx={{ width: 220 }}
                    slotProps={{ htmlInput: { 'aria-label': 'Find a dish', type: 'search' } }}
                />
 <Button variant="outlined" onClick={() => setRemoved(true)} sx={{ minHeight: 38 }}>
                    Removed
                </Button>
                <Button variant="contained" component={Link} to="/new" sx={{ minHeight: 38, px: 2 }}>
                    New dish
                </Button>
            </Box>
            <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', md: '1fr 296px' }, alignItems: 'stretch' }}>
                <Box component="section" aria-label="Dishes" sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(250px, 1fr))', gridAutoRows: 'minmax(288px, 1fr)', maxHeight: { md: 'none' } }}>
                    {isPending && <Waiting what="the dishes" />}
                    {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
                    {shown.map((dish) => (
                        <DishCard key={dish.id} dish={dish} />
                    ))}
                    {data && shown.length === 0 && (
                        <Panel sx={{ gridColumn: '1 / -1' }}>
                            {asked === '' ? 'The counter is empty. Paste a recipe on the right, or press New dish.' : `No dish answers to “${sought}”. Try a shorter word.`}
                        </Panel>
                    )}
                </Box>
                <Box component="aside" aria-label="New and undecided" sx={{ display: 'flex', flexDirection: 'column', gap: 1.5 }}>
                    <Panel component="section" aria-labelledby="paste-title" sx={{ borderStyle: 'dashed' }}>
                        <h2 id="paste-title" style={{ margin: 0, fontSize: 15 }}>
                            Paste a recipe
                        </h2>
                        <Box sx={{ color: 'var(--ink-soft)', fontSize: 14, mb: 1 }}>Cups, sticks, leaves and “juice of two” are fine.</Box>
                        <TextField
                            multiline minRows={3} maxRows={6} fullWidth size="small" value={pasted}
                            onChange={(e) => setPasted(e.target.value)}
                            slotProps={{ htmlInput: { 'aria-label': 'Recipe lines' } }}
                            placeholder={'For the curd:\n1/2 cup lemon juice\n4 egg yolks'}
                        />
                        <Button variant="outlined" disabled={pasted.trim() === ''} onClick={() => begin(pasted)} sx={{ mt: 1 }}>
                            Read it
                        </Button>
                    </Panel>
                    <Panel component="section" aria-labelledby="decide-title" sx={{ flex: 1 }}>
                        <h2 id="decide-title" className="name" style={{ margin: '0 0 6px', fontSize: 18 }}>
                            Needs a decision
                        </h2>
                        {data && todo.length === 0 && <Box sx={{ color: 'var(--ink-soft)' }}>Nothing waits. Every version was made and came out as foretold.</Box>}
                        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, '& li': { py: 0.9, borderTop: '1px solid var(--line)', display: 'flex', gap: 1 } }}>
                            {todo.map((item) => (
                                <li key={item.key}>
                                    <Box component="span" aria-hidden sx={{ color: 'var(--yolk-fill)', lineHeight: 1.5 }}>
                                        {item.mark}
                                    </Box>
                                    <span>
                                        <Link to={item.to} style={{ color: 'var(--ink)', fontWeight: 650 }}>
                                            {item.title}
                                        </Link>{' '}
                                        {item.text}
                                    </span>
                                </li>
                            ))}
                        </Box>
                    </Panel>
                </Box>
            </Box>
            {removed && <RemovedDrawer onClose={() => setRemoved(false)} />}
        </Box>
    );
}
