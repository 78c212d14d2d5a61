import type { DishSummary } from '../../api/types';

export interface Decision {
    key: string;
    mark: string;
    title: string;
    text: string;
    to: string;
}

/** What waits for somebody: lines not understood, trials off the prediction, versions never made. */
export function decisions(dishes: DishSummary[]): Decision[] {
    const found: Decision[] = [];
    for (const dish of dishes) {
        if (dish.unresolved > 0) {
            const original = dish.versions[0];
            found.push({ key: `u${dish.id}`, mark: '◆', title: dish.title, text: `has ${dish.unresolved} line${dish.unresolved === 1 ? '' : 's'} not understood or only guessed`, to: `/bench/${original?.id ?? ''}` });
        }
        for (const version of dish.versions) {
            if (version.verdict && version.verdict !== 'as predicted') {
                found.push({ key: `t${version.id}`, mark: '◆', title: `${dish.title}, ${version.name.replace(/ (\d+)$/, '\u00a0$1')}`, text: `came out ${version.verdict}: ${version.found ?? ''}`, to: `/bench/${version.id}` });
            } else if (version.parent_id !== null && version.trials === 0) {
                found.push({ key: `m${version.id}`, mark: '○', title: `${dish.title}, ${version.name.replace(/ (\d+)$/, '\u00a0$1')}`, text: 'has not been made yet', to: `/bench/${version.id}` });
            }
        }
    }
    // What came out otherwise than foretold, or cannot be read, before what only waits to be made.
    return [...found.filter((one) => one.mark === '◆'), ...found.filter((one) => one.mark !== '◆')];
}
