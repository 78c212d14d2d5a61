import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepFocus } from './focusKeeper';

const settle = () => vi.advanceTimersByTimeAsync(60);
/** The browser moves the focus of a button that is disabled to the page; jsdom leaves it. */
const disable = (button: HTMLButtonElement) => {
    button.blur();
    button.disabled = true;
};
const at = (id: string) => document.getElementById(id) as HTMLElement;

describe('a page that keeps its focus', () => {
    let stop = () => {};
    beforeEach(() => {
        vi.useFakeTimers();
        vi.spyOn(document, 'hasFocus').mockReturnValue(true);
        document.body.innerHTML = `<main tabindex="-1" id="room">
            <ul><li id="r1"><button id="a1" data-cell="name">a</button><input id="g1" data-cell="grams"></li>
                <li id="r2"><button id="a2" data-cell="name">b</button><input id="g2" data-cell="grams"></li>
                <li id="r3"><button id="a3" data-cell="name">c</button><input id="g3" data-cell="grams"></li></ul>
            <button id="apart">apart</button></main>`;
        stop = keepFocus(document);
    });
    afterEach(() => {
        stop();
        vi.useRealTimers();
        vi.restoreAllMocks();
    });

    it('goes to what stands in the place of what was taken out, in the same column', async () => {
        at('g2').focus();
        at('r2').remove();
        await settle();
        expect(document.activeElement?.id).toBe('g3');
    });
    it('goes to the one before where the last was taken out', async () => {
        at('a3').focus();
        at('r3').remove();
        await settle();
        expect(document.activeElement?.id).toBe('a2');
    });
    it('goes into the room where the door is gone, not to the first link over it', async () => {
        document.body.innerHTML = '<div id="root"><main><button id="in">come in</button></main></div>';
        at('in').focus();
        at('root').innerHTML = '<nav><a href="#room" id="skip">To the room</a></nav><main tabindex="-1" id="room"><button id="first">a dish</button></main>';
        await settle();
        expect(document.activeElement?.id).toBe('room');
    });
    it('goes to what replaces it', async () => {
        at('a2').focus();
        at('a2').outerHTML = '<button id="sure">for good?</button>';
        await settle();
        expect(document.activeElement?.id).toBe('sure');
    });
    it('leaves the list when all of it is gone, and never for the page', async () => {
        at('a2').focus();
        at('r2').parentElement?.remove();
        await settle();
        expect(document.activeElement?.id).toBe('apart');
        at('apart').remove();
        await settle();
        expect(document.activeElement?.id).toBe('room');
    });
    it('returns from a menu to beside the row the menu took out', async () => {
        at('a1').focus();
        document.body.insertAdjacentHTML('beforeend', '<div id="menu" role="dialog"><button id="out">take out</button></div>');
        at('out').focus();
        at('r1').remove();
        at('menu').remove();
        await settle();
        expect(document.activeElement?.id).toBe('a2');
    });
    it('waits for what is only busy, and leaves what has done its last', async () => {
        const busy = at('apart') as HTMLButtonElement;
        busy.focus();
        disable(busy);
        await settle();
        busy.disabled = false;
        await vi.advanceTimersByTimeAsync(400);
        expect(document.activeElement?.id).toBe('apart');
        disable(busy);
        await settle();
        await vi.advanceTimersByTimeAsync(1200);
        expect(document.activeElement).not.toBe(document.body);
        expect(document.activeElement?.id).not.toBe('apart');
    });
    it('lets go where somebody presses beside everything', async () => {
        at('a1').focus();
        at('a1').blur();
        await settle();
        at('r2').remove();
        await settle();
        expect(document.activeElement).toBe(document.body);
    });
});
