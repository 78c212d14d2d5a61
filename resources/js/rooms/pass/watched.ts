import type { Making } from '../../api/types';

/** A temperature that is watched, as it is told. */
export const limit = (one: Making['critical'][number]) => (one.celsius !== null ? `${Math.round(one.celsius)} °C` : one.low !== null && one.high !== null ? `${one.low}–${one.high} °C` : one.low !== null ? `${one.low} °C and over` : `${one.high ?? ''} °C at most`);
