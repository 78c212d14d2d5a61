import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { ReactNode } from 'react';
import type { LayerReading, Reading } from '../../api/types';
import { chanceWords } from '../../shared/chances';
import { useMoney } from '../../shared/money';
import { counted, hours, oneDecimal, percent } from '../../shared/numbers';
import { LADDER, MECHANISMS } from '../../shared/words';
import { Term } from '../../shared/Term';
import { Why } from '../../shared/why/Why';

/** Labels that are terms. */
const TERMS: Record<string, string> = { Sweetness: 'se', 'Acid, as citric': 'acid', pH: 'ph', Brix: 'brix', 'BrimA (k 4)': 'brima', 'firm when served': 'firm-fat', 'Water activity': 'aw' };

/** Everything read off one layer; every figure answers "why?". */
export function LayerFacts({ reading, index, dish }: { reading: LayerReading; index: number; dish: Pick<Reading, 'cooling' | 'keeps_days'> }) {
    const money = useMoney();
    const { set, balance, richness, cooling, ripening, cooking, keeping, frozen, syrup, aftertaste, pan } = reading;
    const potent = Math.max(0, ...Object.values(aftertaste.of_ceiling));
    const crystals = Object.entries(reading.crystals).filter(([, one]) => one.over);
    const at = (what: string, of: string, value: ReactNode) => (
        <Why path={`layers.${index}.${what}`} of={of}>
            {value}
        </Why>
    );
    const groups: [string, [string, ReactNode][]][] = [
        ['Sweet and sharp', [
            ['Sweetness', at('se', 'the sweetness', `${oneDecimal(reading.se)} SE`)],
            ['Acid, as citric', at('acid_citric', 'the acid', `${reading.acid_citric.toFixed(2)} %`)],
            ['pH', at('ph', 'the pH', reading.ph === null ? 'too dry for one' : reading.ph.toFixed(2))],
            ['Sweet to sharp', at('ratio', 'the balance', balance.ratio === null ? balance.word : `${oneDecimal(balance.ratio)}, ${balance.word}`)],
            ['Brix', at('brix', 'the Brix', `${oneDecimal(balance.brix)} °Brix`)],
            ...(balance.brima === null ? [] : [['BrimA (k 4)', at('brima', 'BrimA', oneDecimal(balance.brima))] as [string, ReactNode]]),
            ...(aftertaste.cold === 'none' ? [] : [['Cold on the tongue', at('cold', 'the cold', `${aftertaste.cold}, ${oneDecimal(aftertaste.cooling_j_g)} J/g`)] as [string, ReactNode]]),
            ...(potent > 0 ? [['Bitterness', <Box component="span" key="bitter" sx={{ color: aftertaste.bitter === 'none' ? 'inherit' : 'var(--beet)' }}>{at('bitterness', 'the bitterness', `${aftertaste.bitter}, ${percent(potent)} % of the ceiling`)}</Box>] as [string, ReactNode]] : []),
            ...crystals.map(([species, one]): [string, ReactNode] => [`Grain: ${species}`, <Box component="span" key={species} sx={{ color: 'var(--beet)' }}>{at('grain', 'the grain', `${oneDecimal(one.per_100g_water)} of ${oneDecimal(one.dissolves_5c)} g; safe to ${oneDecimal(one.most_g)} g`)}</Box>]),
        ]],
        ['Richness and body', [
            ['Fat', at('fat', 'the fat', `${oneDecimal(reading.fat)} %`)],
            ['firm when served', at('firm_fat', 'the firm fat', `${oneDecimal(richness.firm_fat)} %`)],
            ['solid at 5 °C', at('solid_fat_5c', 'the solid fat', `${oneDecimal(richness.solid_fat_5c)} %`)],
            ['solid at 35 °C', at('solid_fat_35c', 'the solid fat', `${richness.solid_fat_35c.toFixed(1)} %`)],
            ['Protein', at('protein', 'the protein', `${oneDecimal(reading.protein)} %`)],
            ['Sugars', at('sugars', 'the sugars', `${oneDecimal(reading.sugars)} %`)],
            ['Starch', at('starch', 'the starch', `${oneDecimal(reading.starch)} %`)],
            ['Fibre', at('fibre', 'the fibre', `${oneDecimal(reading.fibre)} %`)],
            ...(syrup ? [['Its water pours', at('syrup', 'the body', `${syrup.word}, ${syrup.mpas_20c} mPa·s`)] as [string, ReactNode]] : []),
            ['Water', at('water', 'the water', `${oneDecimal(reading.water)} %`)],
            ['Air', at('air', 'the air', `${percent(reading.air)} % of the volume`)],
        ]],
        ['In the tin', [
            ['Mass', at('mass_g', 'the mass', `${Math.round(reading.mass_g)} g`)],
            ['Volume', at('volume_ml', 'the volume', `${Math.round(reading.volume_ml)} ml`)],
            ['Height', at('height_mm', 'the height', `${Math.round(reading.height_mm)} mm`)],
            ['Cost', at('cost_minor', 'the cost', money(reading.cost_minor))],
        ]],
        ['Heat and cold', [
            ...(cooking
                ? ([
                      ['Egg thickens, done', at('cooking', 'the temperature', `${cooking.thickens_c}, ${cooking.done_c} °C`)],
                      ['Curdles', at('cooking', 'the temperature', cooking.may_boil ? 'may boil' : `${cooking.curdles_c} °C`)],
                  ] as [string, ReactNode][])
                : []),
            ...(pan?.done_min != null ? [[`Done, ${pan.gentle ? 'gentle' : 'brisk'} heat`, at('pan', 'the pan', `${Math.round(pan.done_min)} min${pan.margin_s === null ? '' : `, ${pan.margin_s} s to spare`}`)] as [string, ReactNode]] : []),
            ...(pan && pan.done_min === null && pan.boil_min !== null ? [['At the boil', at('pan', 'the pan', `${Math.round(pan.boil_min)} min, brisk heat`)] as [string, ReactNode]] : []),
            ['Firm enough', at('cooling', 'the time', cooling.firm_h === null ? 'nothing sets by cooling' : `${hours(cooling.firm_h)} from ${cooling.from_c} °C`)],
            ...(ripening ?? []).map((mark): [string, ReactNode] => [`Set after ${mark.h} h`, at('ripening', 'the set', mark.step)]),
            ['Middle at 8 °C', at('cooling', 'the time', cooling.core_8c_h === null ? 'over 3 days' : hours(cooling.core_8c_h))],
            ...(cooling.h_57_to_21 === null ? [] : [['57 → 21 °C', <Box component="span" key="cool" sx={{ color: cooling.h_57_to_21 > 2 ? 'var(--beet)' : 'inherit' }}>{at('cooling', 'the time', `${hours(cooling.h_57_to_21)}, within 2 h?${cooling.h_57_to_21 > 2 ? ' no' : ' yes'}`)}</Box>] as [string, ReactNode]]),
            ['Freezes at', at('freezing_point_c', 'the freezing point', reading.freezing_point_c === null ? '–' : `${oneDecimal(reading.freezing_point_c).replace('-', '−')} °C`)],
            ...(frozen ? ([['Out of the freezer', frozen.word], ['Ice at −18, −10 °C', at('frozen', 'the ice', `${percent(frozen.ice_share_minus18)}, ${percent(frozen.ice_share_minus10)} % of its water`)], ['Stands first', at('frozen', 'the time', `${frozen.temper_min} min`)]] as [string, ReactNode][]) : []),
            ['Water activity', at('aw', 'the water activity', reading.aw.toFixed(2))],
            ['Keeps, an estimate', at('keeping', 'the keeping time', `${counted(keeping.days, 'day')}${keeping.keep_cold ? ', cold' : ''}`)],
        ]],
        // One body of all its layers cools slower than any of them.
        ...(dish.cooling === null
            ? []
            : ([['The whole dish', [
                  ['Middle at 8 °C', <Why key="whole" path="cooling" of="the time">{dish.cooling.core_8c_h === null ? 'over 3 days' : `${hours(dish.cooling.core_8c_h)} from ${dish.cooling.from_c} °C`}</Why>],
                  ['Keeps, an estimate', `${dish.keeps_days} day${dish.keeps_days === 1 ? '' : 's'}: its shortest layer`],
              ]]] as [string, [string, ReactNode][]][])),
    ];
    return (
        <>
            <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-head)' }}>
                {reading.name}
            </h2>
            <Box sx={{ fontSize: 'var(--text-title)', fontWeight: 700, mt: 0.25 }}>{at('set', 'the set', set.step)}</Box>
            {set.ge !== null && (
                <>
                    <Box sx={{ fontSize: 'var(--text-plain)' }}>
                        {set.ge.toFixed(2)} <Term of="ge">GE</Term> %, {set.kind}; between {set.low?.toFixed(2)} and {set.high?.toFixed(2)}
                    </Box>
                    <Box aria-hidden sx={{ display: 'flex', gap: '3px', my: 0.75 }}>
                        {LADDER.map((word, n) => (
                            <Box key={word} sx={{ flex: 1, height: 8, borderRadius: '3px', bgcolor: 'var(--sunk)', border: '1px solid var(--line)', position: 'relative', overflow: 'hidden', '&::after': { content: '""', position: 'absolute', inset: 0, bgcolor: 'var(--cobalt)', opacity: set.chances?.[n] ?? (n === set.step_index ? 1 : 0) } }} />
                        ))}
                    </Box>
                    {set.chances && <Box sx={{ fontSize: 'var(--text-plain)', mb: 0.25 }}>{chanceWords(set.chances)}</Box>}
                    {set.factors && <Box sx={{ fontSize: 'var(--text-small)', mb: 0.25 }}>Read with this kitchen’s own {Object.entries(set.factors).map(([mechanism, factor]) => `${MECHANISMS[mechanism] ?? mechanism} × ${factor.toFixed(2)}`).join(', ')} (<Link to="/notebook?view=sure">why</Link>)</Box>}
                    <Box sx={{ fontSize: 'var(--text-plain)', mb: 0.25 }}>
                        {set.mechanisms.length === 0
                            ? 'Nothing in it sets.'
                            : set.mechanisms.filter((m) => m.share >= 0.02).map((m, n) => (
                                  <span key={m.name}>
                                      {n > 0 && ' · '}
                                      {at(`set.${m.name}`, MECHANISMS[m.name] ?? m.name, `${percent(m.share)} % ${MECHANISMS[m.name] ?? m.name}`)}
                                  </span>
                              ))}
                    </Box>
                    {reading.set_20c && (
                        <Box sx={{ fontSize: 'var(--text-plain)', mb: 0.5, color: reading.set_20c.step_index < (set.step_index ?? 0) - 1 ? 'var(--yolk)' : 'var(--ink-soft)' }}>
                            at 20 °C: {at('set_20c', 'the set at 20 °C', `${reading.set_20c.step}, ${reading.set_20c.ge.toFixed(2)} GE`)}
                        </Box>
                    )}
                </>
            )}
            {groups.map(([name, facts]) => (
                <Box key={name} component="section" aria-label={name}>
                    <h3 style={{ margin: '8px 0 0', fontSize: 'var(--text-plain)', color: 'var(--ink-soft)', fontWeight: 650 }}>{name}</h3>
                    <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', m: 0, fontSize: 'var(--text-plain)', '& dt, & dd': { m: 0, py: '1.5px', borderTop: '1px solid var(--line)' }, '& dd': { textAlign: 'right', fontWeight: 650, pl: 1 } }}>
                        {facts.map(([label, value]) => (
                            <Box key={label} sx={{ display: 'contents' }}>
                                <dt>{TERMS[label] ? <Term of={TERMS[label]}>{label}</Term> : label}</dt>
                                <dd>{value}</dd>
                            </Box>
                        ))}
                    </Box>
                </Box>
            ))}
        </>
    );
}
