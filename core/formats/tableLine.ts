import { gramsFromText } from '../bench';
import {
  DESTINATIONS,
  type Destination,
  MOST_WEIGHED_G,
  NOTE_LENGTH,
  type NewEntryOf,
  RISE_PCT,
  SIGNS,
  SMELLS,
} from '../journal';
import { type Blend, FLOUR_KINDS, type Ingredient } from '../measure';
import { numberIn } from './table';
import { type Role } from './tableRoles';

/** What goes into the journal from a line: it is given to a jar and an id later. */
export type TableEntry =
  | NewEntryOf<'looked' | 'took' | 'discarded' | 'moved' | 'noted'>
  /** Without a flour where the line says none: the jar that it goes to knows. */
  | (Omit<NewEntryOf<'fed'>, 'flour'> & { readonly flour?: Blend });

/** How the cells of a line are meant. */
export interface LineSense {
  readonly weights: 'grams' | 'ounces';
  readonly rises: 'percent' | 'times';
  /** What is kept at a feed of which that is not said, grams. */
  readonly keepG: number;
  /** Where went what was taken out, where that is not said. */
  readonly to: Destination;
  readonly places: readonly { readonly id: string; readonly name: string }[];
}

/** What a line says was done; or the column that cannot be read, and why. */
export type LineRead =
  | {
      readonly entries: readonly TableEntry[];
      readonly keepMissing: boolean;
      readonly toMissing: boolean;
    }
  | { readonly role: Role; readonly why: string };

/**
 * Reads one line of somebody's notes.
 *
 * @param at the instant of the line, ISO 8601 in UTC
 */
export function readLine(
  cellOf: (role: Role) => string,
  { weights, rises, keepG, to: otherwise, places }: LineSense,
  at: string,
): LineRead {
  const weight = (role: Role, of: Ingredient): number | null => {
    const cell = cellOf(role);
    if (cell === '') return null;
    const without = weights === 'ounces' && !/[a-z]/i.test(cell);
    return rounded(gramsFromText(without ? `${cell} oz` : cell, of));
  };
  const common = { jar: '', at };
  const entries: TableEntry[] = [];
  const note = cellOf('note').slice(0, NOTE_LENGTH);
  const given = {
    keep: weight('keep', 'starter'),
    water: weight('water', 'water'),
    flour: weight('flour', 'white'),
    out: weight('out', 'starter'),
  };
  for (const role of ['keep', 'water', 'flour', 'out'] as const) {
    const grams = given[role];
    if (grams !== null && !(grams >= 0 && grams <= MOST_WEIGHED_G))
      return { role, why: Number.isNaN(grams) ? 'No weight.' : 'No weight in a kitchen.' };
  }
  const rise = cellOf('rise');
  const height = rise === '' ? undefined : heightIn(rise, rises);
  const [low, high] = RISE_PCT;
  if (height !== undefined && !(height >= 1 + low / 100 && height <= 1 + high / 100))
    return { role: 'rise', why: 'No rise of a starter.' };
  const what = cellOf('what').toLowerCase();
  const fed = fedFrom(given, cellOf('ratio'), keepG);
  if (fed === null) return { role: 'ratio', why: 'No ratio.' };
  const keepMissing = fed !== undefined && given.keep === null;
  const flour = blendIn(cellOf('flourKind'));
  let toMissing = false;
  const outG = given.out ?? 0;
  if (outG > 0 && !/^(weighed|pouredoff|backedup|drying|started)$/.test(what)) {
    const to = DESTINATIONS.find((one) => one.toLowerCase() === cellOf('to').toLowerCase());
    if (what === 'took' || to === 'bake')
      entries.push({
        kind: 'took',
        ...common,
        grams: outG,
        ...(note && what === 'took' ? { note } : {}),
      });
    else {
      toMissing = to === undefined;
      entries.push({ kind: 'discarded', ...common, grams: outG, to: to ?? otherwise });
    }
  }
  if (fed)
    entries.push({
      kind: 'fed',
      ...common,
      ...fed,
      ...(flour && { flour }),
    });
  const place = placeIn(cellOf('place'), places);
  if (place !== null && what !== 'started') entries.push({ kind: 'moved', ...common, place });
  const smell = SMELLS.find((one) => one.toLowerCase() === cellOf('smell').toLowerCase());
  const sign = SIGNS.find((one) => one.toLowerCase() === cellOf('sign').toLowerCase());
  if (height !== undefined || smell || sign)
    entries.push({
      kind: 'looked',
      ...common,
      ...(height === undefined ? {} : { height: Math.round(100 * height) / 100 }),
      ...(smell && { smell }),
      ...(sign && { sign }),
      ...(note && !fed ? { note } : {}),
    });
  const told = entries.some((entry) => 'note' in entry);
  if (note && !told) entries.push({ kind: 'noted', ...common, note });
  return entries.length > 0
    ? { entries, keepMissing, toMissing }
    : { role: what ? 'what' : 'when', why: 'Nothing that was done.' };
}

/** Nobody feeds more to one of starter; a day that stands where a ratio should is more. */
const MOST_PARTS = 50;

const rounded = (grams: number): number => Math.round(10 * grams) / 10;

/** The feed of a line; undefined where it has none, null for a ratio that is none. */
function fedFrom(
  { keep, water, flour }: Readonly<Record<'keep' | 'water' | 'flour', number | null>>,
  ratio: string,
  keepG: number,
): { readonly keepG: number; readonly flourG: number; readonly waterG: number } | null | undefined {
  if ((flour ?? 0) > 0 || (water ?? 0) > 0)
    return {
      keepG: keep !== null && keep > 0 ? keep : keepG,
      flourG: flour ?? 0,
      waterG: water ?? 0,
    };
  if (ratio === '') return undefined;
  const parts = ratio.split(/\s*[:/]\s*/).map(numberIn);
  const [one, flours, waters] = parts;
  if (parts.length !== 3 || !(one! > 0) || !(flours! > 0) || !(waters! >= 0)) return null;
  if (flours! > MOST_PARTS * one! || waters! > MOST_PARTS * one!) return null;
  const kept = keep !== null && keep > 0 ? keep : keepG;
  return {
    keepG: kept,
    flourG: rounded((kept * flours!) / one!),
    waterG: rounded((kept * waters!) / one!),
  };
}

/** `85`, `+85 %`, `1.85x`: against the band, 1 at the band; NaN for none. */
function heightIn(cell: string, rises: 'percent' | 'times'): number {
  const number = numberIn(cell.replace(/[%x×]/gi, '').replace(/^\+/, ''));
  if (/%/.test(cell)) return 1 + number / 100;
  if (/[x×]/i.test(cell)) return number;
  return rises === 'percent' ? 1 + number / 100 : number;
}

const FLOUR_NAMES: readonly (readonly [keyof Blend, RegExp])[] = [
  ['rye', /rye/i],
  ['spelt', /spelt/i],
  ['einkorn', /einkorn/i],
  ['emmer', /emmer/i],
  ['brownRice', /rice/i],
  ['buckwheat', /buckwheat/i],
  ['sorghum', /sorghum/i],
  ['teff', /teff/i],
  ['wholeWheat', /whole ?wheat|wholemeal|whole grain/i],
  ['strongWhite', /strong|bread flour/i],
  ['white', /white|plain|all.?purpose/i],
];

/** `white 80, wholeWheat 20`, or a flour by its name; null where none is known. */
function blendIn(cell: string): Blend | null {
  if (cell === '') return null;
  const parts = [...cell.matchAll(/([a-z]+)\s+(\d+)\s*%?/gi)].flatMap(([, name, pct]) => {
    const kind = FLOUR_KINDS.find((one) => one.toLowerCase() === name!.toLowerCase());
    return kind && Number(pct) > 0 ? [[kind, Number(pct) / 100] as const] : [];
  });
  if (parts.length > 0) return Object.fromEntries(parts);
  const named = FLOUR_NAMES.find(([, name]) => name.test(cell));
  return named ? { [named[0]]: 1 } : null;
}

const placeIn = (cell: string, places: LineSense['places']): string | null =>
  cell === ''
    ? null
    : (places.find(({ id, name }) =>
        [id, name].some((one) => one.toLowerCase() === cell.toLowerCase()),
      )?.id ?? null);
