import type { Rail } from '../../api/types';
import { Why } from '../../shared/why/Why';
import { railName, railPath, railUnit } from './railWords';

const digits = (rail: Rail) => (rail.property.startsWith('set') || rail.property === 'pH' || rail.property === 'acid' ? 2 : 1);

/** How a property stands in words: what there is of what is wanted. With its layer, it answers why. */
export function PayFigures({ rail, layer }: { rail: Rail; layer?: number }) {
    const now = rail.now.toFixed(digits(rail));
    return (
        <>
            {rail.now_word && <>{rail.now_word}, </>}
            {layer !== undefined && railPath(rail) ? <Why path={`layers.${layer}.${railPath(rail)}`} of={railName(rail)}>{now}</Why> : now} of {rail.target.toFixed(digits(rail))} {railUnit(rail)}
        </>
    );
}
