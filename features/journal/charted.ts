import { type Jar } from '@core/journal';

/** One or two jars that are drawn together. */
export type Charted = readonly [Jar] | readonly [Jar, Jar];
