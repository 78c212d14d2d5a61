import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { call } from '../../api/client';
import { ingredientQuery } from '../../api/queries';
import type { ShelfIngredient } from '../../api/types';
import { useMoney } from '../../shared/money';
import { oneDecimal } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { SourceMark } from '../../shared/SourceMark';
import { Outline, Waiting } from '../../shared/Waiting';
import { JOBS } from '../../shared/words';
import { CompositionBar } from './CompositionBar';
import { DietStandings } from './DietStandings';
import { Lots } from './Lots';
import { MadeHere } from './MadeHere';
import { PacketDialog } from './PacketDialog';
import { PreparationDialog } from './PreparationDialog';
import { ValueTable } from './ValueTable';
import { Only } from '../../shared/Only';

// The charts come with a library of their own size: only when a curve is shown.
const CurveChart = lazy(async () => ({ default: (await import('./CurveChart')).CurveChart }));

/** px of a curve with its name over it and a line of words under it. */
const CURVE_TALL = 213;

/** All that is known of one ingredient. */
export function IngredientSheet({ id, onGone }: { id: string; onGone: () => void }) {
    const money = useMoney();
    const client = useQueryClient();
    const { data, error, isPending, refetch } = useQuery(ingredientQuery(id));
    const [correcting, setCorrecting] = useState(false);
    const leave = useMutation({
        mutationFn: () => call<undefined>('DELETE', `shelf/${id}`),
        onSuccess: async () => {
            const isGone = data?.own === 'own';
            if (isGone) onGone();
            // What is off the shelf is not asked for again: this sheet may still stand while the next page comes, and would be told 404.
            await client.invalidateQueries({ queryKey: ['shelf'], predicate: (query) => !isGone || query.queryKey[1] !== id });
        },
    });
    if (isPending) return <Waiting what="the ingredient" />;
    if (!data) return <ProblemNote error={error} onRetry={() => void refetch()} />;
    return (
        <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.75, maxWidth: 980 }}>
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5, flexWrap: 'wrap' }}>
                <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-name)' }}>
                    {data.name}
                </h2>
                <Box sx={{ color: 'var(--ink-soft)' }}>{data.jobs.map((job) => JOBS[job] ?? job).join(', ') || data.group}</Box>
                <Box sx={{ flex: 1 }} />
                {data.own && (
                    <Only to="develop"><Button variant="outlined" color="error" onClick={() => leave.mutate()} disabled={leave.isPending}>
                        {data.own === 'own' ? 'Take it off the shelf' : 'Back to the reference'}
                    </Button></Only>
                )}
                <Only to="develop"><Button variant="contained" onClick={() => setCorrecting(true)}>
                    {data.preparation ? 'Change the preparation' : 'Correct from a packet'}
                </Button></Only>
            </Box>
            {leave.error && <ProblemNote error={leave.error} />}
            {data.own === 'corrected' && (
                <Box sx={{ bgcolor: 'var(--cobalt-wash)', borderRadius: '9px', p: '8px 12px' }}>This is your packet. The reference row stands behind it unchanged; versions made before keep the values they were computed with.</Box>
            )}
            {data.preparation && <MadeHere of={data.preparation} />}
            <CompositionBar parts={data.parts} />
            <Energy data={data} />
            {data.curves.length > 0 && (
                <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: data.curves.length > 1 ? '1fr 1fr' : 'minmax(0, 560px)' }, gap: 2 }}>
                    {data.curves.map((curve) => (
                        // As tall as the curve that comes: what stands below must not move away under a finger.
                        <Suspense key={curve.name} fallback={<Outline height={CURVE_TALL} />}>
                            <CurveChart curve={curve} />
                        </Suspense>
                    ))}
                </Box>
            )}
            {data.agents.map((agent) => (
                <Box key={agent.function} sx={{ bgcolor: 'var(--sunk)', borderRadius: '9px', p: '8px 12px', fontSize: 'var(--text-plain)' }}>
                    <strong>{agent.name}:</strong> {agent.dose_low}–{agent.dose_high} % of the layer; {agent.activation}
                    {agent.sets_c && `; sets ${degrees(agent.sets_c)}`}
                    {agent.melts_c && `, melts ${degrees(agent.melts_c)}`}
                    {agent.ph_low && `; pH over ${agent.ph_low}`}
                    {agent.ph_high && ` and under ${agent.ph_high}`}
                    {agent.needs && `; wants ${agent.needs}`}
                    {agent.hates && `; not with ${agent.hates}`}. {agent.texture}.
                </Box>
            ))}
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' }, gap: 2.5, alignItems: 'start' }}>
                <DietStandings data={data} />
                <Box>
                    <h3 style={{ margin: '0 0 4px', fontSize: 'var(--text-lead)' }}>Allergens and price</h3>
                    <Box sx={{ fontSize: 'var(--text-plain)' }}>
                        <div>EU: {data.allergens.eu.join(', ') || 'none of the fourteen'}</div>
                        <div>US: {data.allergens.us.join(', ') || 'none of the nine'}</div>
                        {data.allergens.may_contain.length > 0 && <div>Packets may warn of {data.allergens.may_contain.join(', ')}.</div>}
                        <Box sx={{ mt: 0.75 }}>{data.price ? <>{money(data.price.minor_per_kg)} per kg <SourceMark mark={data.price.mark} source={data.price.source} /></> : 'No price yet: correct it from a packet to give it one.'}</Box>
                    </Box>
                    {data.standards.length > 0 && (
                        <>
                            <h3 style={{ margin: '14px 0 4px', fontSize: 'var(--text-lead)' }}>Sold under this name by law</h3>
                            <Box component="ul" sx={{ m: 0, pl: 2.25, fontSize: 'var(--text-plain)' }}>
                                {data.standards.map((bound) => (
                                    <li key={bound.fact + bound.rule + bound.source}>
                                        {bound.fact} {bound.rule === 'min' ? 'at least' : 'at most'} {bound.value} {bound.fact.startsWith('alcohol') ? '' : 'g'} (here {bound.ours}); {bound.source}
                                    </li>
                                ))}
                            </Box>
                        </>
                    )}
                    <h3 style={{ margin: '14px 0 4px', fontSize: 'var(--text-lead)' }}>Used in</h3>
                    {data.used_in.length === 0 && <Box sx={{ color: 'var(--ink-soft)' }}>No dish uses it yet.</Box>}
                    <Box component="ul" sx={{ m: 0, pl: 2.25, lineHeight: '27px' }}>
                        {data.used_in.map((use) => (
                            <li key={use.version_id}>
                                <Link to={`/bench/${use.version_id}`}>
                                    {use.dish}, {use.version}
                                </Link>
                            </li>
                        ))}
                    </Box>
                </Box>
            </Box>
            {!data.preparation && <Lots ingredient={id} />}
            <ValueTable data={data} />
            {correcting && data.preparation && <PreparationDialog of={data} onClose={() => setCorrecting(false)} onKept={() => undefined} />}
            {correcting && !data.preparation && <PacketDialog of={data} onClose={() => setCorrecting(false)} />}
        </Box>
    );
}

/** The table says some temperatures in words, such as "on cooling". */
const degrees = (text: string) => (/\d$/.test(text) ? `${text} °C` : text);

function Energy({ data }: { data: ShelfIngredient }) {
    const apart = data.stated_kj ? Math.round((data.computed_kj / data.stated_kj - 1) * 100) : null;
    return (
        <Box sx={{ fontSize: 'var(--text-plain)' }}>
            <strong>{Math.round(data.computed_kj)} kJ</strong> in 100 g from its parts
            {data.stated_kj !== null && `, ${Math.round(data.stated_kj)} kJ as stated (${apart === 0 ? 'the same' : `${Math.abs(apart ?? 0)} % ${(apart ?? 0) < 0 ? 'more' : 'less'}`})`}. Parts sum to {oneDecimal(data.sum)} g.
            {data.ph && (
                <>
                    {' '}
                    pH {data.ph.value} <SourceMark mark={data.ph.mark} source={data.ph.source} />.
                </>
            )}{' '}
            {data.note && <em>{data.note}.</em>}
            {data.declared !== null && <div>Its packet lists: {data.declared}</div>}
            {data.sulphites !== null && <div>Sulphites as stated: {data.sulphites} mg SO₂ per kg</div>}
        </Box>
    );
}
