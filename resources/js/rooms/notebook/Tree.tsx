import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { lineageQuery, treeCompareQuery } from '../../api/queries';
import type { LineageNode } from '../../api/types';
import { RoomName } from '../../shared/RoomName';
import { longDay } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';

const MARKS: Record<LineageNode['kind'], { mark: string; word: string; colour: string }> = {
    version: { mark: '▣', word: 'version', colour: 'var(--cobalt)' }, revision: { mark: '●', word: 'revision', colour: 'var(--ink)' }, run: { mark: '♨', word: 'run', colour: 'var(--beet)' },
    trial: { mark: '◆', word: 'trial', colour: 'var(--yolk)' }, ladder: { mark: '▥', word: 'pots', colour: 'var(--herb)' }, tasting: { mark: '◉', word: 'tasting', colour: 'var(--ink-soft)' },
};

/** A dish as a tree: what changed on each branch, what was made and tried of it, and how it came out. Any two nodes are compared. */
export function Tree() {
    const dish = Number(useParams().dishId);
    const { data, error, isPending, refetch } = useQuery(lineageQuery(dish));
    const [chosen, setChosen] = useState<string[]>([]);
    const pick = (id: string) => setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen.slice(-1), id]);
    const [a, b] = chosen.map((id) => data?.find((one) => one.id === id));
    return (
        <Box sx={{ p: '14px 16px', maxWidth: 1120 }}>
            <RoomName style={{ margin: '0 0 10px' }}>How it came about</RoomName>
            <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', md: a && b ? '1fr 1fr' : '1fr' }, alignItems: 'start' }}>
                <Panel>
                    {isPending && <Waiting what="the tree"><LinesWaiting /></Waiting>}
                    {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
                    <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)', mb: 1 }}>
                        {Object.values(MARKS).map((one) => `${one.mark} ${one.word}`).join('   ')}. Choose two to put them beside each other.
                    </Box>
                    {data && <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>{data.filter((one) => one.parent === null).map((one) => <Branch key={one.id} node={one} all={data} chosen={chosen} onPick={pick} />)}</Box>}
                </Panel>
                {data && a && b && <Beside key={`${a.id} ${b.id}`} dish={dish} a={a} b={b} all={data} />}
            </Box>
        </Box>
    );
}

function Branch({ node, all, chosen, onPick }: { node: LineageNode; all: LineageNode[]; chosen: string[]; onPick: (id: string) => void }) {
    const children = all.filter((one) => one.parent === node.id);
    const kind = MARKS[node.kind];
    // What follows a revision is the next of its line, and stands under it; what hangs on it is drawn in.
    const line = children.filter((one) => one.kind === 'revision');
    const hung = children.filter((one) => one.kind !== 'revision');
    return (
        <>
            <Box component="li" sx={{ position: 'relative', pl: '22px', pb: 0.75, borderLeft: '2px solid var(--line)', ml: '8px' }}>
                <Box aria-hidden sx={{ position: 'absolute', left: -9, top: 1, width: 16, textAlign: 'center', bgcolor: 'var(--panel)', color: kind.colour, lineHeight: 1 }}>{kind.mark}</Box>
                <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap' }}>
                    <Box component="span" className={node.kind === 'version' ? 'name' : undefined} sx={{ fontWeight: 650, fontSize: node.kind === 'version' ? 'var(--text-head)' : 'var(--text-plain)' }}>
                        {node.kind === 'version' ? <Link to={`/bench/${node.version_id}`}>{node.title}</Link> : node.title}
                        {node.is_head && ' (as it stands)'}
                    </Box>
                    {node.kind !== 'version' && <span style={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>{longDay(node.at.slice(0, 10))}{node.who !== '' && `, ${node.who}`}</span>}
                    {node.came !== null && <strong style={{ fontSize: 'var(--text-plain)' }}>{node.came}</strong>}
                    {node.revision_id !== null && (
                        <Button size="small" variant={chosen.includes(node.id) ? 'contained' : 'text'} aria-pressed={chosen.includes(node.id)} aria-label={`Put beside: ${kind.word} ${node.title}, ${node.at.slice(0, 10)}`} onClick={() => onPick(node.id)}>
                            beside
                        </Button>
                    )}
                </Box>
                {node.words.length > 0 && <Box sx={{ fontSize: 'var(--text-small)' }}>{node.words.join(' · ')}</Box>}
                {/* A version's own revisions come before what was made from it. */}
                {[...(node.kind === 'version' ? line : []), ...hung].length > 0 && (
                    <Box component="ul" sx={{ listStyle: 'none', m: '4px 0 0', p: 0 }}>
                        {[...(node.kind === 'version' ? line : []), ...hung].map((one) => <Branch key={one.id} node={one} all={all} chosen={chosen} onPick={onPick} />)}
                    </Box>
                )}
            </Box>
            {node.kind === 'revision' && line.map((one) => <Branch key={one.id} node={one} all={all} chosen={chosen} onPick={onPick} />)}
        </>
    );
}

/** How a node came out; of a revision, everything that was found of it. */
function came(node: LineageNode, all: LineageNode[]): string {
    const own = node.kind === 'revision' ? all.filter((one) => one.revision_id === node.revision_id && one.kind !== 'revision').flatMap((one) => (one.came === null ? [] : [`${MARKS[one.kind].word}: ${one.came}`])) : [];
    return node.came ?? (own.length > 0 ? own.join('; ') : 'nothing found of it yet');
}

function Beside({ dish, a, b, all }: { dish: number; a: LineageNode; b: LineageNode; all: LineageNode[] }) {
    const versionOf = (node: LineageNode) => all.find((one) => one.kind === 'version' && one.version_id === node.version_id)?.title ?? '';
    const same = a.revision_id === b.revision_id;
    const { data, error } = useQuery({ ...treeCompareQuery(dish, a.revision_id ?? 0, b.revision_id ?? 0), enabled: !same && a.revision_id !== null && b.revision_id !== null });
    return (
        <Panel component="section" aria-label="Beside each other">
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mb: 1 }}>
                {[a, b].map((one) => (
                    <Box key={one.id}>
                        <strong>{versionOf(one)}, {one.title}</strong> <span style={{ color: 'var(--ink-soft)' }}>{longDay(one.at.slice(0, 10))}</span>
                        <div>{came(one, all)}</div>
                    </Box>
                ))}
            </Box>
            {same && <div>Both are of the same revision: nothing was changed between them.</div>}
            {error && <ProblemNote error={error} />}
            {data && (
                <>
                    <h2 className="name" style={{ margin: '4px 0', fontSize: 'var(--text-title)' }}>What changed from {data.a.name} to {data.b.name}</h2>
                    {data.words.length === 0 && <div>Nothing in the formula.</div>}
                    <ul style={{ margin: 0, paddingLeft: 18 }}>{data.words.map((word) => <li key={word}>{word}</li>)}</ul>
                    <h2 className="name" style={{ margin: '8px 0 4px', fontSize: 'var(--text-title)' }}>What it came to, as read</h2>
                    <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%', '& td, & th': { textAlign: 'left', borderBottom: '1px solid var(--line)', p: '3px 8px 3px 0', fontVariantNumeric: 'tabular-nums' } }}>
                        <thead><tr><th>Layer</th><th>{data.a.name}</th><th>{data.b.name}</th></tr></thead>
                        <tbody>
                            {data.b.reading.layers.map((layer, n) => {
                                const before = data.a.reading.layers.find((one) => one.name === layer.name) ?? data.a.reading.layers[n];
                                return <tr key={`${layer.name} ${n}`}><th scope="row">{layer.name}</th><td>{before ? `${before.set.step}, ${before.se.toFixed(0)} SE` : 'not there'}</td><td>{layer.set.step}, {layer.se.toFixed(0)} SE</td></tr>;
                            })}
                            <tr><th scope="row">A portion</th><td>{data.a.reading.portion.mass_g.toFixed(0)} g, {data.a.reading.portion.kcal.toFixed(0)} kcal</td><td>{data.b.reading.portion.mass_g.toFixed(0)} g, {data.b.reading.portion.kcal.toFixed(0)} kcal</td></tr>
                        </tbody>
                    </Box>
                </>
            )}
        </Panel>
    );
}
