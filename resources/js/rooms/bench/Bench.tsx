import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { RoomName } from '../../shared/RoomName';
import { type Command, useCommands } from '../../shared/commands';
import { keyOf, useKeys } from '../../shared/keys';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { SkipTo } from '../../shared/SkipTo';
import { SchoolsAtWork } from '../../shared/SchoolsAtWork';
import { BenchWaiting } from '../../shared/Waiting';
import { WhyProvider } from '../../shared/why/WhyProvider';
import { BenchHeader } from './BenchHeader';
import { KeyList } from './KeyList';
import { Ledger } from './Ledger';
import { cured, ledger, withLine, withMeasured, withPaid, withPreparation, withTyped } from './ledger';
import { withLineMoved, withNewLayer } from './layers';
import { AllergenLine, PortionFacts, Unanswered } from './PortionFacts';
import { Reader } from './Reader';
import { railName } from './railWords';
import { RouteShelf } from './RouteShelf';
import { SplitSection } from './SplitSection';
import { useBench } from './useBench';
import { WatchPanel } from './WatchPanel';

/** Read, reformulate and balance a dish. */
export function Bench() {
    const { versionId } = useParams();
    const navigate = useNavigate();
    const last = localStorage.getItem('last-version');
    useEffect(() => {
        if (versionId) localStorage.setItem('last-version', versionId);
        else if (last) void navigate(`/bench/${last}`, { replace: true });
    }, [versionId, last, navigate]);
    if (!versionId || !/^\d+$/.test(versionId)) {
        return (
            <Box sx={{ p: 3, maxWidth: 560 }}>
                <Panel>
                    <RoomName style={{ margin: '0 0 0.67em' }}>Nothing on the Bench</RoomName>
                    <p>Choose a dish on the Counter, or type one in.</p>
                    <Link to="/">To the Counter</Link> · <Link to="/new">New dish</Link>
                </Panel>
            </Box>
        );
    }
    return <BenchOf key={versionId} id={Number(versionId)} />;
}

function BenchOf({ id }: { id: number }) {
    const bench = useBench(id);
    const { data, formula, query } = bench;
    const navigate = useNavigate();
    const [chosen, setChosen] = useState<number | null>(null);
    const [keys, setKeys] = useState(false);
    const [asking, setAsking] = useState(false);
    const [lit, setLit] = useState<string | null>(null);
    const [isFolded, setFolded] = useState(() => localStorage.getItem('section') === 'folded');
    const fold = () => {
        localStorage.setItem('section', isFolded ? 'shown' : 'folded');
        setFolded(!isFolded);
    };
    const { undo, redo, canUndo, canRedo } = bench;

    const commands = useMemo<Command[]>(
        () => [
            { id: 'grams', name: 'To the first gram figure', key: 'g', act: () => document.querySelector<HTMLInputElement>('[data-grams]')?.focus() },
            { id: 'balance', name: 'Balance again, pinned lines held', key: 'b', act: () => document.querySelector<HTMLButtonElement>('[data-balance]')?.click() },
            { id: 'diets', name: 'To the diets', key: 'r', act: () => document.querySelector<HTMLButtonElement>('[data-routes] button')?.focus() },
            { id: 'undo', name: 'Undo', key: 'u', act: () => canUndo && undo() },
            { id: 'redo', name: 'Redo', key: 'y', act: () => canRedo && redo() },
            { id: 'keys', name: 'List the keys', key: '?', act: () => setKeys(true) },
        ],
        [undo, redo, canUndo, canRedo],
    );
    useCommands(commands);
    const chosenKeys = useKeys();
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            const typing = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);
            if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !typing) {
                event.preventDefault();
                if (event.shiftKey) redo();
                else undo();
            } else if (!typing && !event.ctrlKey && !event.metaKey && !event.altKey) {
                const command = commands.find((one) => keyOf(one, chosenKeys) === event.key);
                if (command) {
                    event.preventDefault();
                    command.act();
                }
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    }, [undo, redo, commands, chosenKeys]);

    const isOriginal = data?.original.version_id === id;
    const now = useMemo(() => (data && formula ? { ...data.now, formula } : null), [data, formula]);
    const layers = useMemo(() => (now && data ? ledger(now, isOriginal ? null : data.original) : []), [now, data, isOriginal]);

    if (query.isPending) return <BenchWaiting />;
    if (!data || !now || !formula) {
        return (
            <Box sx={{ p: 3, maxWidth: 640 }}>
                <ProblemNote error={query.error} onRetry={() => void query.refetch()} />
                <Link to="/">To the Counter</Link>
            </Box>
        );
    }
    const heaviest = data.now.reading.layers.reduce((best, layer, n, all) => (layer.set.ge !== null && (all[best]?.set.ge === null || layer.mass_g > (all[best]?.mass_g ?? 0)) ? n : best), 0);
    const layer = Math.min(chosen ?? heaviest, formula.layers.length - 1);

    return (
        <WhyProvider version={id} revision={data.version.revision}>
        <Box
            sx={{
                p: '10px 14px 12px', height: { xs: 'auto', lg: '100%' }, boxSizing: 'border-box', display: 'grid', gap: '10px',
                gridTemplateColumns: { xs: '1fr', lg: '276px minmax(340px, 1fr) 456px' },
                gridTemplateRows: { xs: 'auto', lg: `auto minmax(0, 1fr) ${asking ? 300 : 196}px` },
                overflow: { xs: 'visible', lg: 'hidden' },
            }}
        >
            <BenchHeader bench={bench} data={data} onKeys={() => setKeys(true)} onOpen={(version) => void navigate(`/bench/${version}`)} />
            <SkipTo places={[['ledger', 'To the lines'], ['payers', 'To who pays'], ['routes', 'To the routes'], ['watch', 'To what to watch']]} />
            {/* The grams come first on a narrow screen; beside the section where there is room. */}
            <Ledger
                layers={layers} side={now} chosen={layer} onChoose={setChosen} isOriginal={isOriginal}
                onLine={(at, change) => bench.edit(withLine(formula, at, change))}
                onTyped={(at, text) => bench.edit(withTyped(formula, at, text))}
                version={id}
                onKept={(at, ingredient, name, mass) => bench.edit(withPreparation(formula, at, ingredient, name, mass))}
                lit={lit} onLit={setLit}
                onKeep={bench.keep}
                onMove={(from, to) => bench.edit(withLineMoved(formula, from, to))}
                onAddLayer={(name) => bench.edit(withNewLayer(formula, name))}
                onBalance={() => bench.edit(formula, true)}
                onMeasured={(ingredient, brix, acid) => bench.edit(withMeasured(formula, ingredient, brix, acid))}
            />
            <Panel component="section" aria-label="Section and portion" sx={{ gridColumn: { lg: 1 }, gridRow: { lg: 2 }, display: 'flex', flexDirection: 'column', overflow: 'auto', p: '8px 12px' }} tabIndex={0}>
                {/* Beside the ledger there is room for it; under it, it is put together at a press. */}
                <Button aria-expanded={!isFolded} aria-controls="section" onClick={fold} size="small" sx={{ display: { lg: 'none' }, alignSelf: 'flex-start', mb: 0.5 }}>
                    {isFolded ? 'Show the section' : 'Hide the section'}
                </Button>
                <Box id="section" sx={{ display: { xs: isFolded ? 'none' : 'block', lg: 'block' }, width: '100%', maxWidth: { xs: 420, lg: 'none' }, mx: 'auto' }}>
                    <SplitSection original={isOriginal ? null : data.original} originalName={data.original.name} now={now} name={data.version.name} chosen={layer} onChoose={setChosen} />
                </Box>
                <Unanswered questions={data.now.reading.questions} />
                <PortionFacts now={data.now.reading} original={isOriginal ? null : data.original.reading} brief={data.version.brief} family={data.version.family} />
                <SchoolsAtWork schools={data.version.schools_at_work} acts="nutrition" sx={{ mt: 0.5 }} />
                <AllergenLine now={data.now.reading} original={isOriginal ? null : data.original.reading} kitchen={data.kitchen} />
            </Panel>
            <Reader key={`${isOriginal}`} data={data} layer={layer} lit={lit} onLit={setLit} onWant={bench.want} onPay={(payment, property) => bench.edit(withPaid(formula, layer, payment, railName({ property }).toLowerCase()))} formula={formula} onMethod={(method) => bench.edit({ ...formula, method })} />
            <Box sx={{ gridColumn: { lg: '1 / 3' }, minWidth: 0, minHeight: 0, display: 'flex' }}>
                <RouteShelf data={data} onAsked={setAsking} onTaken={(version) => void navigate(`/bench/${version}`)} />
            </Box>
            <WatchPanel
                watch={data.watch}
                onCure={(warning) => bench.edit(cured(formula, warning))}
            />
            {keys && <KeyList commands={commands} onClose={() => setKeys(false)} />}
        </Box>
        </WhyProvider>
    );
}
