/** A button at the stove: for a wet hand, read from an arm away. */
export const PRESS = { minHeight: 'var(--press-stove)', fontSize: 'var(--text-head)', px: 2.5 };

/** Those by which a step goes on, larger still. */
export const PRESS_ON = { ...PRESS, fontSize: 'var(--text-title)', px: 3 };
