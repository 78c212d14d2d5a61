import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { shelfQuery } from '../../api/queries';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { RoomName } from '../../shared/RoomName';
import { Waiting } from '../../shared/Waiting';
import { BY_AMOUNT, DIETS, JOBS } from '../../shared/words';
import { filterShelf, NO_FILTERS, type Filters } from './filters';
import { IngredientSheet } from './IngredientSheet';
import { PacketDialog } from './PacketDialog';
import { PreparationDialog } from './PreparationDialog';
import { ShelfList } from './ShelfList';
import { TableDialog } from './TableDialog';
import { Only } from '../../shared/Only';

/** Everything a dish can be made of: what it holds, what it does, and what its packet must prove. */
export function Shelf() {
    const { ingredientId } = useParams();
    const navigate = useNavigate();
    const { data, error, isPending, refetch } = useQuery(shelfQuery());
    const [filters, setFilters] = useState<Filters>(NO_FILTERS);
    const [adding, setAdding] = useState(false);
    const [table, setTable] = useState(false);
    const [making, setMaking] = useState(false);
    const asked = useDeferredValue(filters);
    const found = useMemo(() => (data ? filterShelf(data, asked) : []), [data, asked]);
    const set = (part: Partial<Filters>) => setFilters((was) => ({ ...was, ...part }));
    const chosen = ingredientId ?? null;
    return (
        <Box sx={{ p: '10px 14px 12px', height: { xs: 'auto', md: '100%' }, boxSizing: 'border-box', display: 'grid', gap: '10px', gridTemplateColumns: { xs: '1fr', md: '340px minmax(0, 1fr)' }, gridTemplateRows: { md: 'auto minmax(0, 1fr)' } }}>
            <Box component="header" sx={{ gridColumn: '1 / -1', display: 'flex', alignItems: 'center', gap: 1.25, flexWrap: 'wrap' }}>
                <RoomName tab={data?.find((one) => one.id === chosen)?.name}>Shelf</RoomName>
                <Box sx={{ color: 'var(--ink-soft)' }}>{data ? `${data.length} ingredients, ${data.filter((one) => one.own !== null).length} of your own` : ''}</Box>
                <Box sx={{ flex: 1 }} />
                <Only to="develop"><Button variant="outlined" onClick={() => setTable(true)}>
                    Table in or out
                </Button></Only>
                <Only to="develop"><Button variant="outlined" onClick={() => setMaking(true)}>
                    Make a preparation
                </Button></Only>
                <Only to="develop"><Button variant="contained" onClick={() => setAdding(true)}>
                    Add from a packet
                </Button></Only>
            </Box>
            <Panel component="section" aria-label="Ingredients" sx={{ display: 'flex', flexDirection: 'column', overflow: 'hidden', p: '10px 12px 4px', maxHeight: { xs: 480, md: 'none' } }}>
                <TextField size="small" type="search" label="Find an ingredient" placeholder="cream, double cream, malai…" value={filters.words} onChange={(e) => set({ words: e.target.value })} autoFocus />
                <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 1.25 }}>
                    <TextField select size="small" label="What it does" value={filters.job} onChange={(e) => set({ job: e.target.value })}>
                        <MenuItem value="">anything</MenuItem>
                        {Object.entries(JOBS).map(([id, name]) => (
                            <MenuItem key={id} value={id}>
                                {name}
                            </MenuItem>
                        ))}
                    </TextField>
                    <TextField select size="small" label="Fits" value={filters.diet} onChange={(e) => set({ diet: e.target.value })}>
                        <MenuItem value="">any diet</MenuItem>
                        {DIETS.filter((diet) => !BY_AMOUNT.includes(diet.id)).map((diet) => (
                            <MenuItem key={diet.id} value={diet.id}>
                                {diet.name}
                            </MenuItem>
                        ))}
                    </TextField>
                </Box>
                <Box component="label" sx={{ display: 'flex', alignItems: 'center', gap: 0.75, fontSize: 'var(--text-plain)', my: 0.75 }}>
                    <input type="checkbox" checked={filters.own} onChange={(e) => set({ own: e.target.checked })} style={{ width: 17, height: 17, accentColor: 'var(--cobalt)' }} />
                    only what this studio added or corrected
                </Box>
                {isPending && <Waiting what="the shelf" />}
                {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
                {data && <ShelfList found={found} chosen={chosen} diet={filters.diet} onClear={() => setFilters(NO_FILTERS)} />}
            </Panel>
            <Panel component="section" aria-label="Ingredient" sx={{ overflow: 'auto', p: '12px 16px' }} tabIndex={0}>
                {chosen ? (
                    <IngredientSheet key={chosen} id={chosen} onGone={() => void navigate('/shelf')} />
                ) : (
                    <Box sx={{ maxWidth: 520, color: 'var(--ink-soft)' }}>
                        <h2 className="name" style={{ fontSize: 'var(--text-title)', color: 'var(--ink)', marginTop: 4 }}>
                            Choose an ingredient
                        </h2>
                        <p>
                            It shows what 100 g hold and where each figure comes from, how it sets, sweetens or melts as dose or temperature goes up, which dishes use it, and the question to put to its packet for each diet. The packet in
                            your hand differs? Correct it: versions made before keep the values they were computed with until you ask them to change.
                        </p>
                    </Box>
                )}
            </Panel>
            {adding && <PacketDialog onClose={() => setAdding(false)} onKept={(id) => void navigate(`/shelf/${id}`)} />}
            {making && <PreparationDialog onClose={() => setMaking(false)} onKept={(id) => void navigate(`/shelf/${id}`)} />}
            {table && <TableDialog onClose={() => setTable(false)} />}
        </Box>
    );
}
