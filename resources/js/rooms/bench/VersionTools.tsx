import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Ability, BenchData, Formula } from '../../api/types';
import { useMay } from '../../shared/Only';
import { useRemoval } from '../../shared/useRemoval';
import { CompareDialog } from './CompareDialog';
import { DishDialog } from './DishDialog';
import { FaultDialog } from './FaultDialog';
import { HistoryDrawer } from './HistoryDrawer';
import { NotesDialog } from './NotesDialog';
import { PotsDialog } from './PotsDialog';
import { RetargetDialog } from './RetargetDialog';
import { ScaleDialog } from './ScaleDialog';
import { SchoolsDialog } from './SchoolsDialog';
import { useMade } from './useMade';

type Tool = 'dish' | 'history' | 'retarget' | 'scale' | 'compare' | 'notes' | 'schools' | 'fault' | 'pots';

const TOOLS: { id: Tool; name: string; needs?: Ability }[] = [
    { id: 'dish', name: 'Name, kind and portions', needs: 'develop' },
    { id: 'history', name: 'History' },
    { id: 'retarget', name: 'Softer, sharper, less sweet…', needs: 'develop' },
    { id: 'scale', name: 'Another tin or number', needs: 'develop' },
    { id: 'compare', name: 'Compare with another version' },
    { id: 'fault', name: 'Something went wrong…' },
    { id: 'pots', name: 'Find a dose in small pots', needs: 'record' },
    { id: 'notes', name: 'Notes' },
    { id: 'schools', name: 'Schools', needs: 'develop' },
];

/** What can be done with a version as a whole. */
interface Props {
    data: BenchData;
    formula: Formula;
    onKeep: (formula: Formula) => Promise<void>;
    /** A write of the server's own over the version, once what is typed is kept. */
    onWrite: (send: (revision: number) => Promise<BenchData>) => Promise<void>;
    onOpen: (version: number) => void;
    onRestore: (number: number) => void;
}

export function VersionTools({ data, formula, onKeep, onWrite, onOpen, onRestore }: Props) {
    const may = useMay();
    const { remove } = useRemoval();
    const copy = useMade(`versions/${data.version.id}/versions`, onOpen);
    const [anchor, setAnchor] = useState<HTMLElement | null>(null);
    const [tool, setTool] = useState<Tool | null>(null);
    const close = () => setTool(null);
    return (
        <>
            <Button variant="outlined" aria-haspopup="menu" aria-expanded={anchor !== null} onClick={(e) => setAnchor(e.currentTarget)}>
                This version
            </Button>
            <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
                {TOOLS.map(({ id, name, needs }) => (
                    <MenuItem
                        key={id} disabled={needs !== undefined && !may(needs)}
                        onClick={() => {
                            setAnchor(null);
                            setTool(id);
                        }}
                    >
                        {name}
                    </MenuItem>
                ))}
                <MenuItem
                    disabled={copy.isPending || !may('develop')}
                    onClick={() => {
                        setAnchor(null);
                        copy.mutate({ ...data.version.brief, formula });
                    }}
                >
                    Make a copy beside it
                </MenuItem>
                {data.version.parent_id !== null && (
                    <MenuItem
                        disabled={!may('develop')}
                        onClick={() => {
                            setAnchor(null);
                            void remove('versions', data.version.id, `${data.version.dish_title}, ${data.version.name}`, () => onOpen(data.original.version_id));
                        }}
                    >
                        Remove this version
                    </MenuItem>
                )}
                <MenuItem component={Link} to={`/tree/${data.version.dish_id}`}>
                    How it came about
                </MenuItem>
                <MenuItem component={Link} to={`/panel?with=${data.version.id}`}>
                    Taste it blind
                </MenuItem>
                <MenuItem component={Link} to={`/spread/${data.version.id}`}>
                    All five diets at once
                </MenuItem>
            </Menu>
            {tool === 'dish' && <DishDialog data={data} formula={formula} onKeep={onKeep} onClose={close} />}
            {tool === 'history' && <HistoryDrawer data={data} onRestore={onRestore} onClose={close} />}
            {tool === 'retarget' && <RetargetDialog data={data} onClose={close} onMade={onOpen} />}
            {tool === 'scale' && <ScaleDialog data={data} onClose={close} onMade={onOpen} />}
            {tool === 'compare' && <CompareDialog data={data} onClose={close} />}
            {tool === 'fault' && <FaultDialog data={data} onWrite={onWrite} onClose={close} />}
            {tool === 'pots' && <PotsDialog data={data} formula={formula} onClose={close} />}
            {tool === 'notes' && <NotesDialog data={data} onClose={close} />}
            {tool === 'schools' && <SchoolsDialog data={data} onClose={close} />}
        </>
    );
}
