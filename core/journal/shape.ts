/**
 * What a field of an entry may hold, said once. The quick check at the store's door (`fits.ts`), Joi's words at the doors
 * where somebody is told what is wrong (`schema.ts`) and the JSON Schema of the documents are all read from it.
 */
export type Shape =
  | {
      readonly of: 'number';
      readonly min: number;
      readonly max: number;
      /** Only whole numbers. */
      readonly whole?: boolean;
    }
  /** A line or a page of text, never empty. */
  | {
      readonly of: 'text';
      readonly max: number;
      readonly trimmed?: boolean;
      readonly like?: RegExp;
    }
  /** An instant, ISO 8601 with its offset, no earlier than {@link EARLIEST} and at most so many days ahead. */
  | { readonly of: 'moment'; readonly daysAhead: number }
  /** A day, `2026-09-30`, of this century. */
  | { readonly of: 'day' }
  | { readonly of: 'flag' }
  | { readonly of: 'one'; readonly among: readonly (string | number | null)[] }
  | {
      readonly of: 'list';
      readonly items: Shape;
      readonly min: number;
      readonly max: number;
    }
  | { readonly of: 'pair'; readonly items: readonly [Shape, Shape] }
  /** Named fields; others are refused. */
  | { readonly of: 'fields'; readonly fields: Fields; readonly min?: number }
  /** Any keys of a pattern, at most so many. */
  | {
      readonly of: 'table';
      readonly keys: RegExp;
      readonly values: Shape;
      readonly max: number;
    }
  | { readonly of: 'either'; readonly among: readonly Shape[] };

/** Fields by name. A name that ends in a question mark may be missing. */
export type Fields = Readonly<Record<string, Shape>>;

/** Nobody's log begins before this; a year with two digits does. */
export const EARLIEST = Date.UTC(1990, 0, 1);
/** An entry may speak of so much later, days: a move that is to happen, or a clock that runs ahead. */
export const ENTRY_AHEAD = 366;
/** A wish or a trip may lie so far ahead, days. */
export const WISH_AHEAD = 5 * 366;

export const number = (min: number, max: number): Shape => ({ of: 'number', min, max });
export const whole = (min: number, max: number): Shape => ({ of: 'number', min, max, whole: true });
export const one = (...among: readonly (string | number | null)[]): Shape => ({ of: 'one', among });
export const flag: Shape = { of: 'flag' };
export const day: Shape = { of: 'day' };
export const moment = (daysAhead: number): Shape => ({ of: 'moment', daysAhead });
export const fields = (of: Fields, min?: number): Shape => ({
  of: 'fields',
  fields: of,
  ...(min === undefined ? {} : { min }),
});
export const list = (items: Shape, min: number, max: number): Shape => ({
  of: 'list',
  items,
  min,
  max,
});
export const either = (...among: readonly Shape[]): Shape => ({ of: 'either', among });

/** The name of a field, and whether it may be missing. */
export const fieldOf = (name: string): { readonly name: string; readonly optional: boolean } =>
  name.endsWith('?') ? { name: name.slice(0, -1), optional: true } : { name, optional: false };

/** How an instant is written: `2026-03-13T18:20Z`, with seconds and fractions if need be, in UTC or with an offset. */
export const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,9})?)?(Z|[+-]\d\d:\d\d)$/;
export const DAY_TEXT = /^20\d\d-\d\d-\d\d$/;

const DAY_MS = 86_400_000;

/** Whether an instant lies where entries may lie. */
export const isTimely = (at: number, now: number, daysAhead: number): boolean =>
  at >= EARLIEST && at <= now + daysAhead * DAY_MS;
