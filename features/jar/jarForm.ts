import { gramsFromText, whiteOf } from '@core/bench';
import { CARD_LIMITS, type JarCard, NAME_LENGTH } from '@core/journal';
import { type Blend, type FlourKind, blendShares } from '@core/measure';
import { nameObjections } from '@core/verbs';
import { parseNumber } from '@kit';

import { FLOUR_WORDS } from '../words';

/** The card of a jar as it is typed. */
export interface JarForm {
  readonly name: string;
  readonly flour: FlourKind;
  /** What the main flour is called, where it is another than those known: `flour` is then what it is most like. Else null. */
  readonly called: string | null;
  /** Its protein as the label has it, percent; may be empty. */
  readonly protein: string;
  /** The flours beside it, each with its share in percent. */
  readonly others: readonly { readonly kind: FlourKind; readonly pct: string }[];
  /** Over how many feeds another flour comes in; 1 changes it at once. */
  readonly overFeeds: number;
  /** The tub the flour comes from. */
  readonly tub: string | null;
  readonly hydrationPct: string;
  readonly emptyG: string;
  readonly capacityMl: string;
  /** Width of the floor over that of the mouth, percent; 100 is straight. */
  readonly taperPct: string;
  readonly keepG: string;
  readonly parts: string;
  /** How often it is fed; hours as they are offered, or others as they are typed. */
  readonly often: Often;
  readonly everyH: string;
  /** Its usual hour, and its usual day of the week. */
  readonly at: number | null;
  readonly on: number | null;
  readonly buildUp: number;
}

export type Often = 'need' | '12' | '24' | '48' | '168' | '720' | 'hours' | 'bakes';

/** A card without a rhythm. */
export const NO_RHYTHM: Pick<JarForm, 'often' | 'everyH' | 'at' | 'on' | 'buildUp'> = {
  often: 'need',
  everyH: '8',
  at: null,
  on: null,
  buildUp: 0,
};

export type Problems<T> = { readonly [K in keyof T]?: string };

/** What is wrong with a card as typed, by field. Shows all at once, so that nobody corrects one fault at a time. */
export function cardProblems(form: JarForm, others: readonly string[]): Problems<JarForm> {
  const found: { -readonly [K in keyof JarForm]?: string } = {};
  const [unnamed] = nameObjections(form.name, others);
  if (unnamed) found.name = unnamed.message;
  const number = (key: NumberKey, unit: string) => {
    const [low, high] = CARD_LIMITS[key];
    const given = key.endsWith('G') ? gramsFromText(form[key], 'starter') : parseNumber(form[key]);
    if (Number.isNaN(given)) found[key] = 'A number, please.';
    else if (given < low || given > high) found[key] = `Between ${low} and ${high}${unit}, please.`;
  };
  number('hydrationPct', ' %');
  number('emptyG', ' g');
  number('capacityMl', ' ml');
  number('keepG', ' g');
  number('parts', '');
  if (form.often === 'hours') number('everyH', ' h');
  number('taperPct', ' %');
  if (form.called !== null) {
    const { length } = [...form.called.trim()];
    if (length === 0) found.called = 'What is it called?';
    else if (length > NAME_LENGTH) found.called = `Keep it under ${NAME_LENGTH} characters.`;
    if (!isProtein(form.protein)) found.protein = 'Between 5 and 25 %, or nothing.';
  }
  const shares = form.others.map(({ pct }) => parseNumber(pct));
  if (shares.some((share) => !(share >= 1 && share <= 99)))
    found.others = 'Give each share between 1 and 99 %.';
  else if (shares.reduce((sum, share) => sum + share, 0) > 99)
    found.others = `The shares leave no room for the ${FLOUR_WORDS[form.flour]} flour.`;
  return found;
}

type NumberKey =
  | 'hydrationPct'
  | 'emptyG'
  | 'capacityMl'
  | 'taperPct'
  | 'keepG'
  | 'parts'
  | 'everyH';

/**
 * The card of a form without problems.
 *
 * @param before the card as it was, which knows the flour to come from
 */
export function cardFrom(form: JarForm, before?: JarCard): JarCard {
  const parts = parseNumber(form.parts);
  const taper = parseNumber(form.taperPct) / 100;
  return {
    name: form.name.trim(),
    vessel: {
      emptyG: gramsFromText(form.emptyG, 'starter'),
      capacityMl: parseNumber(form.capacityMl),
      ...(taper === 1 ? {} : { taper }),
    },
    keepG: gramsFromText(form.keepG, 'starter'),
    ratio: { flour: parts, water: (parts * parseNumber(form.hydrationPct)) / 100 },
    ...flourOf(form, before),
    ...(form.called === null ? {} : { flourCalled: form.called.trim() }),
    ...rhythmOf(form),
    ...(form.tub === null ? {} : { tub: form.tub }),
    archived: before?.archived ?? false,
  };
}

/** A card as it would be typed. */
export function formFrom(card: JarCard): JarForm {
  const [main, ...others] = [...blendShares(card.change?.to ?? card.flour)].sort(
    (a, b) => b[1] - a[1],
  );
  return {
    name: card.name,
    flour: main![0],
    called: card.flourCalled ?? null,
    protein: '',
    others: others.map(([kind, share]) => ({ kind, pct: String(Math.round(share * 100)) })),
    overFeeds: card.change?.feeds ?? 1,
    tub: card.tub ?? null,
    taperPct: String(Math.round(100 * (card.vessel.taper ?? 1))),
    hydrationPct: String(Math.round((100 * card.ratio.water) / card.ratio.flour)),
    emptyG: String(card.vessel.emptyG),
    capacityMl: String(card.vessel.capacityMl),
    keepG: String(card.keepG),
    parts: String(card.ratio.flour),
    ...rhythmForm(card.rhythm),
  };
}

/** The rhythm of a form; none where it is fed as it needs it. */
function rhythmOf({ often, everyH, at, on, buildUp }: JarForm): Pick<JarCard, 'rhythm'> {
  if (often === 'need') return {};
  const hourly = often === 'hours' || often === 'bakes';
  return {
    rhythm: {
      everyH: often === 'bakes' ? null : often === 'hours' ? parseNumber(everyH) : Number(often),
      ...(at === null || hourly ? {} : { at }),
      ...(on === null || often !== '168' ? {} : { on }),
      ...(buildUp > 0 ? { buildUp } : {}),
    },
  };
}

const OFFERED: readonly string[] = ['12', '24', '48', '168', '720'];

function rhythmForm(rhythm: JarCard['rhythm']): typeof NO_RHYTHM {
  if (!rhythm) return NO_RHYTHM;
  const { everyH, at = null, on = null, buildUp = 0 } = rhythm;
  const text = String(everyH);
  const often: Often =
    everyH === null ? 'bakes' : OFFERED.includes(text) ? (text as Often) : 'hours';
  return { often, everyH: often === 'hours' ? text : NO_RHYTHM.everyH, at, on, buildUp };
}

/** The flour at once, or the one before and what it changes to. */
function flourOf(form: JarForm, before?: JarCard): Pick<JarCard, 'flour' | 'change'> {
  const to = blendFrom(form);
  if (before && form.overFeeds > 1 && flourChanges(form, before))
    return { flour: before.flour, change: { to, feeds: form.overFeeds } };
  return { flour: to };
}

/** Whether the form asks for another flour than the jar has been fed. */
export const flourChanges = (form: JarForm, { flour }: JarCard): boolean => {
  const now = new Map(blendShares(flour));
  const then = blendShares(blendFrom(form));
  return (
    then.length !== now.size ||
    then.some(([kind, share]) => Math.abs(share - (now.get(kind) ?? 0)) > 0.015)
  );
};

/** Nothing, or a protein that a flour can have, percent. */
const isProtein = (text: string): boolean => {
  const pct = parseNumber(text);
  return text.trim() === '' || (pct >= 5 && pct <= 25);
};

/** The kind that the main flour counts as: another that is much like white is plain or strong by its protein. */
export function kindOf({ flour, called, protein }: JarForm): FlourKind {
  const white = flour === 'white' || flour === 'strongWhite';
  const pct = parseNumber(protein);
  return called === null || !white || !(pct > 0) ? flour : whiteOf(pct);
}

function blendFrom(form: JarForm): Blend {
  const { others } = form;
  const flour = kindOf(form);
  const shares = others
    .filter(({ kind }) => kind !== flour)
    .map(({ kind, pct }) => [kind, parseNumber(pct) / 100] as const);
  const rest = shares.reduce((left, [, share]) => left - share, 1);
  return Object.fromEntries([[flour, Math.round(rest * 100) / 100], ...shares]);
}
