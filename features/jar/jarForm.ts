import { type JarCard } from '@core/journal';
import { type Blend, type FlourKind, blendShares } from '@core/measure';
import { parseNumber } from '@kit';

/** The card of a jar as it is typed. */
export interface JarForm {
  readonly name: string;
  readonly flour: FlourKind;
  /** A second flour and its share in percent; none when null. */
  readonly second: FlourKind | null;
  readonly secondPct: string;
  readonly hydrationPct: string;
  readonly emptyG: string;
  readonly capacityMl: string;
  readonly keepG: string;
  readonly parts: string;
}

export type Problems<T> = { readonly [K in keyof T]?: string };

const LONGEST_NAME = 60;

/** What is wrong with a jar's name as typed; null when nothing is. */
export function nameProblem(typed: string): string | null {
  const name = [...typed.trim()];
  if (name.length === 0) return 'Give it a name, so that the jars can be told apart.';
  return name.length > LONGEST_NAME
    ? `That is ${name.length} characters; a label holds ${LONGEST_NAME}.`
    : null;
}

/** What is wrong with a card as typed, by field. Shows all at once, so that nobody corrects one fault at a time. */
export function cardProblems(form: JarForm): Problems<JarForm> {
  const found: { -readonly [K in keyof JarForm]?: string } = {};
  const name = nameProblem(form.name);
  if (name) found.name = name;
  const number = (key: keyof JarForm, low: number, high: number, unit: string) => {
    const given = parseNumber(form[key] ?? '');
    if (Number.isNaN(given)) found[key] = 'A number, please.';
    else if (given < low || given > high) found[key] = `Between ${low} and ${high}${unit}, please.`;
  };
  number('hydrationPct', 40, 250, ' %');
  number('emptyG', 5, 5000, ' g');
  number('capacityMl', 30, 10_000, ' ml');
  number('keepG', 1, 2000, ' g');
  number('parts', 0.25, 20, '');
  if (form.second !== null) number('secondPct', 1, 99, ' %');
  return found;
}

/** The card of a form without problems. */
export function cardFrom(form: JarForm, archived = false): JarCard {
  const parts = parseNumber(form.parts);
  return {
    name: form.name.trim(),
    vessel: { emptyG: parseNumber(form.emptyG), capacityMl: parseNumber(form.capacityMl) },
    keepG: parseNumber(form.keepG),
    ratio: { flour: parts, water: (parts * parseNumber(form.hydrationPct)) / 100 },
    flour: blendFrom(form),
    archived,
  };
}

/** A card as it would be typed. */
export function formFrom(card: JarCard): JarForm {
  const shares = [...blendShares(card.flour)].sort((a, b) => b[1] - a[1]);
  const second = shares[1];
  return {
    name: card.name,
    flour: shares[0]![0],
    second: second?.[0] ?? null,
    secondPct: second ? String(Math.round(second[1] * 100)) : '20',
    hydrationPct: String(Math.round((100 * card.ratio.water) / card.ratio.flour)),
    emptyG: String(card.vessel.emptyG),
    capacityMl: String(card.vessel.capacityMl),
    keepG: String(card.keepG),
    parts: String(card.ratio.flour),
  };
}

function blendFrom({ flour, second, secondPct }: JarForm): Blend {
  if (second === null || second === flour) return { [flour]: 1 };
  const share = parseNumber(secondPct) / 100;
  return { [flour]: Math.round((1 - share) * 100) / 100, [second]: share };
}

/** An address for a jar: its name in plain letters, with a number when it is taken. */
export function jarId(name: string, taken: ReadonlySet<string>): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 30);
  const stem = plain || 'jar';
  if (!taken.has(stem)) return stem;
  let n = 2;
  while (taken.has(`${stem}-${n}`)) n++;
  return `${stem}-${n}`;
}
