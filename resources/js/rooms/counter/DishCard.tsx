import Box from '@mui/material/Box';
import { memo } from 'react';
import { Link } from 'react-router';
import type { DishSummary } from '../../api/types';
import { counted } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { toneOf } from '../../shared/tones';
import { DishMenu } from './DishMenu';
import { ErrandFacts } from './Due';
import { SmallSection } from '../../shared/SmallSection';
import { pieceOf } from '../../shared/words';


/** How a version answers the diets and allergens asked for, in a word or two behind its name. */
const ANSWERS: Record<string, string> = { clear: 'clear by the shelf', ask: 'ask the packets', 'made for': 'made for it' };

interface Props {
    dish: DishSummary;
    /** Whether versions are asked about a diet or an allergen: those that do not answer step back. */
    isAsked: boolean;
    /** Where it stands among all that were found, from 1. */
    position: number;
    total: number;
}

/** One dish: its section, what is next, and its versions. Drawn again only when something of it changes. */
export const DishCard = memo(function DishCard({ dish, isAsked, position, total }: Props) {
    const first = dish.versions[0];
    return (
        <Panel component="article" aria-label={dish.title} aria-posinset={position} aria-setsize={total} sx={{ display: 'flex', flexDirection: 'column', minHeight: 288, boxSizing: 'border-box' }}>
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
                <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-title)', lineHeight: 1.2, flex: 1 }}>
                    <Link to={`/bench/${first?.id ?? ''}`} style={{ color: 'inherit', textDecoration: 'none' }}>
                        {dish.title}
                    </Link>
                </h2>
                <DishMenu dish={dish} />
            </Box>
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)' }}>
                {dish.family} · {counted(dish.portions ?? 0, pieceOf(dish.family))} · {dish.portion_g} g each
            </Box>
            <Box sx={{ flex: 1, display: 'grid', placeItems: 'center', py: 1 }}>
                {dish.section && <SmallSection section={dish.section} tones={dish.made_of.map(toneOf)} title={`${dish.title}, cut: ${dish.section.layers.map((l) => `${l.name} ${Math.round(l.height_mm)} mm`).join(', ')}`} />}
            </Box>
            {dish.errands[0] && (
                <Box sx={{ fontSize: 'var(--text-plain)', lineHeight: 1.25, pb: 0.75 }}>
                    <strong>Next:</strong> {dish.errands[0].words}
                    <ErrandFacts errand={dish.errands[0]} />
                </Box>
            )}
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }} role="group" aria-label="Versions">
                {dish.versions.map((version) => {
                    const off = version.verdict !== null && version.verdict !== 'as predicted';
                    const answer = version.answers === null ? '' : ANSWERS[version.answers];
                    return (
                        <Box
                            key={version.id} component={Link} to={`/bench/${version.id}`}
                            sx={{
                                border: '1.5px solid', borderRadius: '16px', px: 1.25, py: '2px', fontSize: 'var(--text-small)', textDecoration: 'none', color: 'var(--ink)',
                                borderColor: off ? 'var(--yolk)' : version.verdict ? 'var(--herb)' : 'var(--rim)',
                                bgcolor: off ? 'var(--yolk-wash)' : version.verdict ? 'var(--herb-wash)' : 'transparent',
                                '&:hover': { bgcolor: 'var(--cobalt-wash)' },
                                ...(isAsked && answer === '' && { borderStyle: 'dashed', color: 'var(--ink-soft)', bgcolor: 'transparent', borderColor: 'var(--line)' }),
                                ...(answer !== '' && { fontWeight: 650, borderColor: 'var(--cobalt)', bgcolor: 'var(--cobalt-wash)' }),
                            }}
                        >
                            {version.name}
                            {answer !== '' && ` · ${answer}`}
                            {version.verdict === 'as predicted' && ' ✓ as foretold'}
                            {off && ` · ${version.verdict?.split(' ')[0]}`}
                        </Box>
                    );
                })}
            </Box>
        </Panel>
    );
});
