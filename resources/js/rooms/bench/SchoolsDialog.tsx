import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useWrite } from '../../api/useWrite';
import { schoolsQuery } from '../../api/queries';
import type { BenchData, SchoolQuestion } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { Waiting } from '../../shared/Waiting';

/** Where good practitioners disagree: what the studio chooses, and what this dish chooses for itself. */
export function SchoolsDialog({ data, onClose }: { data: BenchData; onClose: () => void }) {
    const schools = useQuery(schoolsQuery());
    return (
        <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="schools-title">
            <DialogTitle id="schools-title" className="name">
                Schools
            </DialogTitle>
            {schools.data ? (
                <Choices key={JSON.stringify(schools.data.studio)} revision={schools.data.revision} questions={schools.data.questions} studio={schools.data.studio} data={data} onClose={onClose} />
            ) : (
                <DialogContent>{schools.error ? <ProblemNote error={schools.error} /> : <Waiting what="the schools" />}</DialogContent>
            )}
        </Dialog>
    );
}

function Choices({ revision, questions, studio, data, onClose }: { revision: number; questions: Record<string, SchoolQuestion>; studio: Record<string, string>; data: BenchData; onClose: () => void }) {
    const client = useQueryClient();
    const [all, setAll] = useState(studio);
    const [own, setOwn] = useState(data.version.schools);
    const change = useWrite(revision);
    const changeDish = useWrite(data.version.dish_revision);
    const keep = useMutation({
        mutationFn: async () => {
            await change('PUT', 'schools', { schools: all });
            await changeDish('PUT', `dishes/${data.version.dish_id}/schools`, { schools: own });
        },
        onSuccess: async () => {
            await client.invalidateQueries();
            onClose();
        },
    });
    const choose = (which: 'studio' | 'dish', key: string, question: SchoolQuestion) => {
        const chosen = which === 'studio' ? all : own;
        const set = which === 'studio' ? setAll : setOwn;
        const inherited = which === 'studio' ? question.default : (all[key] ?? question.default);
        return (
            <TextField select size="small" fullWidth value={chosen[key] ?? ''} onChange={(e) => set({ ...chosen, [key]: e.target.value })} sx={{ '& .MuiSelect-select': { fontSize: 'var(--text-plain)', py: '7px' } }} slotProps={{ select: { displayEmpty: true }, htmlInput: { 'aria-label': `${question.words}, ${which}` } }}>
                <MenuItem value="">{which === 'studio' ? question.choices[inherited] : 'as the studio'}</MenuItem>
                {Object.entries(question.choices).filter(([value]) => which === 'dish' || value !== question.default).map(([value, words]) => (
                    <MenuItem key={value} value={value}>
                        {words}
                    </MenuItem>
                ))}
            </TextField>
        );
    };
    return (
        <>
            <DialogContent>
                {keep.error && <ProblemNote error={keep.error} />}
                <Box sx={{ display: 'grid', gridTemplateColumns: '0.9fr 1.15fr 1fr', gap: 1, alignItems: 'center' }}>
                    <span />
                    <strong>The studio</strong>
                    <strong>{data.version.dish_title}</strong>
                    {Object.entries(questions).map(([key, question]) => (
                        <Box key={key} sx={{ display: 'contents' }}>
                            <span>
                                <strong>{question.words}</strong>
                                <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', lineHeight: 1.25 }}>{question.acts}</Box>
                            </span>
                            {choose('studio', key, question)}
                            {choose('dish', key, question)}
                        </Box>
                    ))}
                </Box>
                <p style={{ color: 'var(--ink-soft)', marginBottom: 0 }}>Sweetener permissions differ by food category and country: the market here only holds back what is not authorised at all, from memory. Check your local rules.</p>
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button variant="contained" onClick={() => keep.mutate()} disabled={keep.isPending}>
                    Keep them
                </Button>
            </DialogActions>
        </>
    );
}
