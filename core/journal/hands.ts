/** What keeps hands from a jar, if anything. */
export const HANDS_STATES = ['there', 'asleep', 'away'] as const;
export type HandsState = (typeof HANDS_STATES)[number];

/** When hands are there: up from one local hour to another, away at work on some days (0 is Monday). */
export interface HandsPattern {
  readonly upFrom: number;
  readonly upUntil: number;
  readonly workDays: readonly number[];
  readonly workFrom: number;
  readonly workUntil: number;
  /** Hours painted over that: a day (0 is Monday) and an hour, `4 19`. */
  readonly painted: Readonly<Record<string, HandsState>>;
}

/** What is said anew of the hands; an hour that is no longer painted is null. */
export type HandsChange = Partial<Omit<HandsPattern, 'painted'>> & {
  readonly painted?: Readonly<Record<string, HandsState | null>>;
};

/** Until somebody says otherwise only the night is assumed, and that is said. */
export const USUAL_HANDS: HandsPattern = {
  upFrom: 6.5,
  upUntil: 22.5,
  workDays: [],
  workFrom: 8,
  workUntil: 17.5,
  painted: {},
};

/**
 * Hands after a change: field by field, and hour by hour where they are painted.
 *
 * @example withHands(USUAL_HANDS, { upFrom: 7 }).upFrom // = 7
 */
export function withHands(hands: HandsPattern, { painted, ...change }: HandsChange): HandsPattern {
  const cells = Object.entries({ ...hands.painted, ...painted }).filter(
    (cell): cell is [string, HandsState] => cell[1] !== null,
  );
  return { ...hands, ...change, painted: Object.fromEntries(cells) };
}

/**
 * What is new in hands, as little as tells it: two tabs that change different hours then do not undo each other.
 *
 * @example handsChange(USUAL_HANDS, USUAL_HANDS) // = {}
 */
export function handsChange(before: HandsPattern, after: HandsPattern): HandsChange {
  const { painted: was, ...old } = before;
  const { painted: is, ...now } = after;
  const cells = [...new Set([...Object.keys(was), ...Object.keys(is)])]
    .filter((cell) => was[cell] !== is[cell])
    .map((cell) => [cell, is[cell] ?? null] as const);
  const plain = (Object.keys(now) as (keyof typeof now)[])
    .filter((key) => JSON.stringify(now[key]) !== JSON.stringify(old[key]))
    .map((key) => [key, now[key]] as const);
  return {
    ...Object.fromEntries(plain),
    ...(cells.length > 0 ? { painted: Object.fromEntries(cells) } : {}),
  };
}
