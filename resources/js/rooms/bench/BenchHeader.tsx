import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { BenchData } from '../../api/types';
import { RoomName } from '../../shared/RoomName';
import { dietName } from '../../shared/words';
import { TrialDialog } from '../../shared/trial/TrialDialog';
import { AimNote } from './AimNote';
import { ChangedShelf } from './ChangedShelf';
import type { SaveState } from './saver';
import type { useBench } from './useBench';
import { VersionTools } from './VersionTools';
import { counted } from '../../shared/numbers';
import { Only } from '../../shared/Only';

/** Layers whose set can be judged: a base is judged in words. */
const settingLayers = (data: BenchData) => data.now.formula.layers.flatMap((layer, n) => (data.now.reading.layers[n]?.set.ge == null ? [] : [{ id: layer.id ?? '', name: layer.name }]));

interface Props {
    bench: ReturnType<typeof useBench>;
    data: BenchData;
    onKeys: () => void;
    onOpen: (version: number) => void;
}

export function BenchHeader({ bench, data, onKeys, onOpen }: Props) {
    const [noting, setNoting] = useState(false);
    const [params, setParams] = useSearchParams();
    const next = params.get('next');
    const { version, lineage } = data;
    const brief = [
        // A version is named for its diet and its limits stand by the facts they limit: each is said once.
        ...version.brief.diets.map(dietName).filter((name) => !version.name.toLowerCase().includes(name.toLowerCase())),
        counted(data.now.reading.portions, 'portion'),
    ];
    return (
        <Box component="header" sx={{ gridColumn: '1 / -1', display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap' }}>
            <RoomName tab={`${version.dish_title}, ${version.name}`} style={{ lineHeight: 1.1 }}>{version.dish_title}</RoomName>
            <Box component="nav" aria-label="Versions" sx={{ display: 'flex', alignItems: 'center' }}>
                {lineage.map((one, n) => (
                    <Box key={one.id} sx={{ display: 'flex', alignItems: 'center' }}>
                        {n > 0 && <Box aria-hidden sx={{ width: 12, height: 2, bgcolor: one.parent_id === lineage[n - 1]?.id ? 'var(--rim)' : 'transparent' }} />}
                        <Box
                            component={Link} to={`/bench/${one.id}`} aria-current={one.id === version.id ? 'page' : undefined}
                            sx={{
                                border: '1.5px solid var(--rim)', borderRadius: '16px', px: 1.4, py: '2px', textDecoration: 'none', fontSize: 'var(--text-plain)', color: 'var(--ink)',
                                '&[aria-current]': { bgcolor: 'var(--cobalt)', color: 'var(--on-cobalt)', fontWeight: 650 },
                            }}
                        >
                            {one.name}
                        </Box>
                    </Box>
                ))}
            </Box>
            {brief.map((word) => (
                <Box key={word} sx={{ bgcolor: 'var(--cobalt-wash)', borderRadius: '8px', px: 1.1, py: '3px', fontSize: 'var(--text-plain)' }}>
                    {word}
                </Box>
            ))}
            <Box sx={{ flex: 1 }} />
            <SaveWords state={bench.state} savedAt={version.saved_at} />
            <Box sx={{ display: 'flex', gap: '4px' }}>
            <Only to="develop"><Button variant="outlined" onClick={bench.undo} disabled={!bench.canUndo} aria-label="Undo" title="Undo" sx={{ minWidth: 34, px: 1 }}>
                ↶
            </Button></Only>
            <Only to="develop"><Button variant="outlined" onClick={bench.redo} disabled={!bench.canRedo} aria-label="Redo" title="Redo" sx={{ minWidth: 34, px: 1 }}>
                ↷
            </Button></Only>
            <Button variant="outlined" onClick={onKeys} aria-label="Keys" sx={{ minWidth: 34, px: 1 }}>
                ?
            </Button>
            </Box>
            <VersionTools data={data} formula={bench.formula ?? data.now.formula} onKeep={bench.keep} onWrite={bench.alone} onOpen={onOpen} onRestore={bench.restore} />
            <Button variant="outlined" component={Link} to={`/pass/${version.id}`}>
                Card
            </Button>
            <Only to="record"><Button variant="contained" onClick={() => setNoting(true)}>
                Note a trial
            </Button></Only>
            <ChangedShelf data={data} />
            <AimNote data={data} />
            {next !== null && (
                <Box role="note" sx={{ flexBasis: '100%', bgcolor: 'var(--yolk-wash)', borderRadius: '9px', p: '6px 12px', display: 'flex', gap: 1.25, alignItems: 'center' }}>
                    <span>
                        To change, as the trial said: <strong>{next}</strong>. What you change here is a revision of its own.
                    </span>
                    <Button onClick={() => setParams({}, { replace: true })}>Done</Button>
                </Box>
            )}
            {bench.state.kind === 'conflict' && (
                <Box role="alert" sx={{ flexBasis: '100%', bgcolor: 'var(--yolk-wash)', border: '1.5px solid var(--yolk)', borderRadius: '9px', p: '8px 12px', display: 'flex', gap: 1.25, alignItems: 'center' }}>
                    <span>
                        <strong>This version was changed in another window.</strong> Yours is still here and on this machine.
                    </span>
                    <Button
                        variant="contained"
                        onClick={() =>
                            void bench.keepMine().then((made) => {
                                if (made !== null) onOpen(made);
                            })
                        }
                    >
                        Keep mine as a new version
                    </Button>
                    <Button variant="outlined" onClick={() => void bench.takeTheirs()}>
                        Take theirs
                    </Button>
                </Box>
            )}
            {bench.state.kind === 'refused' && (
                <Box role="alert" sx={{ flexBasis: '100%', bgcolor: 'var(--beet-wash)', border: '1.5px solid var(--beet)', borderRadius: '9px', p: '8px 12px', display: 'flex', gap: 1.25, alignItems: 'center' }}>
                    <span>
                        <strong>Not kept: {bench.state.problem.message}</strong> {bench.state.problem.mend}
                    </span>
                    <Button variant="outlined" onClick={bench.setDown}>
                        Go back to what was kept
                    </Button>
                </Box>
            )}
            {noting && <TrialDialog layers={settingLayers(data)} version={version.id} title={`${version.dish_title}, ${version.name}`} trials={data.trials} onClose={() => setNoting(false)} />}
        </Box>
    );
}

function SaveWords({ state, savedAt }: { state: SaveState; savedAt: string }) {
    const at = new Date(savedAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
    const words: Record<SaveState['kind'], string> = {
        kept: `kept ${at}`, saving: 'keeping…', waiting: 'not reached: kept on this machine, trying again', refused: 'not kept', conflict: 'two windows',
    };
    const off = state.kind === 'waiting' || state.kind === 'refused' || state.kind === 'conflict';
    return (
        <Box role="status" sx={{ fontSize: 'var(--text-small)', color: off ? 'var(--beet)' : 'var(--ink-soft)', fontWeight: off ? 650 : 400 }}>
            {words[state.kind]}
        </Box>
    );
}
