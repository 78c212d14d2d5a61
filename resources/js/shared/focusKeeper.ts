/**
 * Nobody who works by keyboard is put back to the top of the page because what they pressed is gone. Whatever takes it away (a line taken
 * out, a row put away, a dialog whose opener left, a button that has done its last), the focus goes to what stands in its place, else to
 * what stands beside it, else to what they came from. One keeper for the whole page, so that no removal has to think of it.
 */
const FOCUSABLE = 'a[href], button:not(:disabled), input:not(:disabled):not([type="hidden"]), textarea:not(:disabled), select:not(:disabled), summary, [tabindex]:not([tabindex="-1"])';
const TYPED_IN = 'textarea, select, input:not([type="checkbox"], [type="radio"], [type="range"], [type="button"])';

/** How many of the last that had the focus are remembered: a menu in a dialog over a row is three. */
const REMEMBERED = 8;

/** ms a button may stay disabled before the focus leaves it: longer than an answer usually takes, shorter than anybody looks for it. */
const DISABLED_FOR = 700;

interface Place {
    before: Node | null;
    above: Element[];
}

/** Keeps the focus of a page; returns what stops it. */
export function keepFocus(page: Document): () => void {
    const view = page.defaultView;
    if (!view) return () => {};
    let trail: HTMLElement[] = [];
    let lostAt: number | null = null;
    const places = new WeakMap<Element, Place>();

    const isSeen = (element: Element) => typeof element.checkVisibility !== 'function' || element.checkVisibility({ visibilityProperty: true });
    const canTake = (element: HTMLElement) => element.isConnected && !element.matches(':disabled') && isSeen(element) && !element.closest('[aria-hidden="true"], [inert]');
    const isNowhere = () => page.activeElement === null || page.activeElement === page.body;

    /** What may take the focus inside an element: the same kind of cell first, and a field only for a field (on a phone it brings the keyboard up). */
    const inside = (element: Node | null | undefined, lost: HTMLElement, last = false): HTMLElement | null => {
        if (!(element instanceof view.HTMLElement)) return null;
        const all = [element, ...element.querySelectorAll<HTMLElement>(FOCUSABLE)].filter((one) => one.matches(FOCUSABLE) && canTake(one));
        const cell = lost.dataset.cell;
        const alike = cell === undefined ? [] : all.filter((one) => one.dataset.cell === cell);
        const pressed = lost.matches(TYPED_IN) ? [] : all.filter((one) => !one.matches(TYPED_IN));
        for (const some of [alike, pressed, all]) {
            const one = last ? some.at(-1) : some[0];
            if (one) return one;
        }
        return null;
    };

    /** Who stands in for what is gone. What stood right on the page (a menu, a dialog) has no neighbours: the rest of the page is none. */
    const standIn = (lost: HTMLElement): HTMLElement | null => {
        // The whole room went, as at the door: nothing stands in for a part of it, the room that stands now is gone into.
        if (lost.closest('main')?.isConnected === false) return null;
        const place = places.get(lost);
        const above = (place?.above ?? ancestors(lost)).filter((element) => element !== page.body && element !== page.documentElement);
        const inPlace = elementFrom(place?.before?.isConnected ? place.before.nextSibling : above[0]?.firstChild, 'nextSibling');
        const beside = place === undefined
            ? inside(lost.nextElementSibling, lost) ?? inside(lost.previousElementSibling, lost, true)
            : (above[0]?.isConnected ? inside(inPlace, lost) ?? inside(elementFrom(place.before, 'previousSibling'), lost, true) : null);
        if (beside) return beside;
        for (const element of above) {
            if (!element.isConnected || element.matches('main')) break;
            const one = inside(element, lost);
            if (one) return one;
        }
        return null;
    };

    const bringBack = () => {
        if (!isNowhere() || !page.hasFocus()) {
            lostAt = null;
            return;
        }
        const last = trail.at(-1);
        if (!last) return;
        lostAt ??= view.performance.now();
        // What is only waiting for an answer gets its focus back when it can take it.
        if (last.isConnected && last.matches(':disabled') && view.performance.now() - lostAt < DISABLED_FOR) {
            view.setTimeout(bringBack, DISABLED_FOR / 4);
            return;
        }
        lostAt = null;
        const room = page.querySelector<HTMLElement>('[role="dialog"]:not([aria-hidden="true"]) [tabindex], main');
        for (const one of [...trail].reverse()) {
            const to = canTake(one) ? one : standIn(one);
            if (!to) continue;
            to.focus({ preventScroll: to.matches('main') });
            if (!isNowhere()) return;
        }
        room?.focus({ preventScroll: true });
    };

    let asked = 0;
    const soon = () => {
        view.cancelAnimationFrame(asked);
        asked = view.requestAnimationFrame(bringBack);
    };

    const came = (event: FocusEvent) => {
        if (!(event.target instanceof view.HTMLElement) || event.target === page.body) return;
        const to = event.target;
        trail = [...trail.filter((one) => one !== to), to].slice(-REMEMBERED);
    };
    const left = (event: FocusEvent) => {
        if (event.relatedTarget !== null || !(event.target instanceof view.HTMLElement)) return;
        const from = event.target;
        view.requestAnimationFrame(() => {
            // Pressed beside everything: whoever did so wants the focus nowhere.
            if (page.hasFocus() && isNowhere() && canTake(from)) trail = [];
            else soon();
        });
    };
    const observer = new view.MutationObserver((records) => {
        for (const record of records) {
            for (const gone of record.removedNodes) {
                for (const one of trail) if (gone.contains(one) && !one.isConnected) places.set(one, { before: record.previousSibling, above: record.target instanceof view.Element ? [record.target, ...ancestors(record.target)] : [] });
            }
        }
        if (trail.length > 0 && isNowhere()) soon();
    });

    page.addEventListener('focusin', came);
    page.addEventListener('focusout', left);
    observer.observe(page.documentElement, { childList: true, subtree: true, attributes: true, attributeFilter: ['disabled'] });
    return () => {
        page.removeEventListener('focusin', came);
        page.removeEventListener('focusout', left);
        observer.disconnect();
        view.cancelAnimationFrame(asked);
    };
}

/** The first element from a node on, the node itself counted: between elements stands white space. */
function elementFrom(node: Node | null | undefined, way: 'nextSibling' | 'previousSibling'): Node | null {
    let at = node ?? null;
    while (at && at.nodeType !== Node.ELEMENT_NODE) at = at[way];
    return at;
}

function ancestors(element: Element): Element[] {
    const above: Element[] = [];
    for (let up = element.parentElement; up; up = up.parentElement) above.push(up);
    return above;
}
