import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { CoverAnswer } from '../../api/types';
import { money } from '../../shared/money';
import { counted } from '../../shared/numbers';
import { Only } from '../../shared/Only';

interface Props {
    answer: CoverAnswer;
    dish: { id: number; title: string };
    /** Each group of guests in words. */
    words: readonly string[];
    covers: number;
    isPending: boolean;
    onPut: (found: CoverAnswer['fewest']) => void;
    onTake: (route: CoverAnswer['routes'][number]) => void;
}

/** Which versions serve whom; who is not served and why; what must be answered before anybody is. */
export function CoverFound({ answer, dish, words, covers, isPending, onPut, onTake }: Props) {
    const { fewest, cheapest } = answer;
    const isCheaper = answer.cheapest_minor < answer.fewest_minor && cheapest.chosen.length !== fewest.chosen.length;
    const servesAll = fewest.unserved.length === 0;
    const found = (of: CoverAnswer['fewest']) => (
        <Box component="ul" sx={{ m: '4px 0', pl: 2.5 }}>
            {of.chosen.map((one) => (
                <li key={one.version}>
                    <strong>{answer.versions[one.version]?.name}</strong>, {counted(one.portions, 'portion')}, for {one.serves.map((guest) => words[guest]).join('; ')}
                    <Taste of={answer.versions[one.version]} />
                </li>
            ))}
        </Box>
    );
    return (
        <Box role="status" sx={{ pt: 1.25 }}>
            {fewest.unserved.length > 0 && (
                <Box sx={{ border: '2px solid var(--beet)', borderRadius: '9px', p: '8px 12px', mb: 1 }}>
                    <strong style={{ color: 'var(--beet)' }}>Not served by any version of {dish.title}:</strong>
                    {fewest.unserved.map((one) => <div key={one.guest}><strong>{words[one.guest]}</strong>. {one.why}</div>)}
                    {answer.routes.map((one) => (
                        <Box key={one.route} sx={{ mt: 0.75 }}>
                            A route would serve {one.guests.map((guest) => words[guest]).join('; ')}: <strong>{one.name}</strong>, {one.standing === 'met' ? 'met' : one.standing === 'met_if' ? 'met if its packets say so' : 'met, with something to see first'}, {Math.round(one.fit)} of 100 like the original.{' '}
                            <Only to="develop"><Button variant="outlined" disabled={isPending} onClick={() => onTake(one)}>Make that version</Button></Only>
                        </Box>
                    ))}
                    {answer.routes.length === 0 && <div>No route serves them either, as the shelf is. <Link to={`/bench/${answer.versions[0]?.id ?? ''}`}>The Bench</Link> says why.</div>}
                </Box>
            )}
            {fewest.chosen.length > 0 && (
                <>
                    <Box sx={{ fontSize: 'var(--text-lead)' }}>
                        {fewest.chosen.length === 1 ? (servesAll ? `One version for all ${covers}. ` : 'One version for all who can be served. ') : `${counted(fewest.chosen.length, 'version')}, and no fewer. `}
                        Ingredients about {money(answer.fewest_minor)}.
                    </Box>
                    {found(fewest)}
                    <Asked questions={fewest.questions} />
                    <Only to="record"><Button variant="contained" disabled={isPending} onClick={() => onPut(fewest)}>Put it on the Clock</Button></Only>
                    {isCheaper && (
                        <Box sx={{ mt: 1.5 }}>
                            Cheaper by {money(answer.fewest_minor - answer.cheapest_minor)}, with {counted(cheapest.chosen.length, 'version')} to make:
                            {found(cheapest)}
                            <Asked questions={cheapest.questions} />
                            <Only to="record"><Button variant="outlined" disabled={isPending} onClick={() => onPut(cheapest)}>Put these on the Clock</Button></Only>
                        </Box>
                    )}
                </>
            )}
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)', mt: 1 }}>By what the lines are made of; traces are for packets and hands, and who keeps to a diet for an illness goes by their clinic.</Box>
        </Box>
    );
}

/** What serving this instead of the original costs those who could have had that. */
function Taste({ of }: { of: CoverAnswer['versions'][number] | undefined }) {
    if (!of || (of.fit === null && of.taste.length === 0)) return null;
    return <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)' }}>In taste: {[of.fit === null ? '' : `${Math.round(of.fit)} of 100 like the original`, ...of.taste].filter(Boolean).join('; ')}.</Box>;
}

function Asked({ questions }: { questions: readonly string[] }) {
    if (questions.length === 0) return null;
    return (
        <Box sx={{ border: '1.5px solid var(--yolk)', borderRadius: '9px', p: '6px 12px', my: 1 }}>
            <strong style={{ color: 'var(--yolk)' }}>Unproven until it is answered:</strong>
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>{questions.map((one) => <li key={one}>{one}</li>)}</Box>
        </Box>
    );
}
