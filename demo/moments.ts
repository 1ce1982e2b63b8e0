import { type Instant } from '@core/measure';

const MINUTE = 60_000;

/** How far back the log reaches, weeks. */
export const WEEKS = 20;

/** An instant as a journal writes it. */
export const iso = (at: Instant) => new Date(at).toISOString();

/** Nobody logs to the second. */
export const toMinutes = (at: Instant) => Math.round(at / MINUTE) * MINUTE;
