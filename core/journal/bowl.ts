import { type JarEvent } from './events';

/**
 * Whose culture is in a jar, as its live events tell: of a bowl that of the jar its seed came from, whose pace it has; else its
 * own.
 *
 * @example cultureOf('tern', []) // = 'tern'
 */
export function cultureOf(jar: string, events: readonly JarEvent[]): string {
  const started = events.find((event) => event.kind === 'started');
  return started?.from !== undefined && isBowl(events) ? started.from : jar;
}

/**
 * Whether it is a bowl in which a levain is built, and no jar that is kept.
 *
 * @example isBowl([]) // = false
 */
export function isBowl(events: readonly JarEvent[]): boolean {
  const described = events.findLast(({ kind }) => kind === 'described' || kind === 'started');
  return described !== undefined && 'card' in described && described.card.bowl !== undefined;
}
