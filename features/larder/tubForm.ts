import { gramsFromText } from '@core/bench';
import { MOST_STOCK_G, NAME_LENGTH } from '@core/journal';
import { type Tub } from '@core/larder';
import { FLOUR_KINDS, type FlourKind } from '@core/measure';
import { parseNumber } from '@kit';

/** Flour that comes into a tub, as it is typed: grams of each kind. */
export interface TubForm {
  readonly name: string;
  readonly kinds: readonly FlourKind[];
  readonly grams: Readonly<Partial<Record<FlourKind, string>>>;
  readonly lowG: string;
  /** What all of it cost; may be empty. */
  readonly cost: string;
  /** `2026-09-30`; may be empty. */
  readonly useBy: string;
}

export const NEW_TUB: TubForm = {
  name: '',
  kinds: ['white', 'wholeWheat'],
  grams: { white: '800', wholeWheat: '200' },
  lowG: '250',
  cost: '',
  useBy: '',
};

/** The form to fill a tub up as it was filled before. */
export const refillForm = ({ name, flour, lowG }: Tub): TubForm => {
  const kinds = FLOUR_KINDS.filter((kind) => (flour[kind] ?? 0) > 0.005);
  return {
    ...NEW_TUB,
    name,
    kinds,
    grams: Object.fromEntries(
      kinds.map((kind) => [kind, String(Math.round((flour[kind] ?? 0) * 1000))]),
    ),
    lowG: String(lowG),
  };
};

/** No flour costs more a kilogram, in whatever money. */
const DEAREST = 100_000;

const gramsOf = (form: TubForm) =>
  form.kinds.map((kind) => [kind, gramsFromText(form.grams[kind] ?? '', kind)] as const);

/** Grams of flour in the form; NaN while something cannot be read. */
export const totalOf = (form: TubForm): number =>
  gramsOf(form).reduce((sum, [, grams]) => sum + grams, 0);

/** What is wrong with it, by field. */
export function tubProblems(
  form: TubForm,
  others: readonly Tub[],
): Readonly<Record<string, string>> {
  const found: Record<string, string> = {};
  const name = form.name.trim();
  if (name === '') found.name = 'Give it a name.';
  else if ([...name].length > NAME_LENGTH)
    found.name = `At most ${NAME_LENGTH} characters, please.`;
  else if (others.some((tub) => tub.name.toLowerCase() === name.toLowerCase()))
    found.name = 'There is a tub of that name already.';
  if (form.kinds.length === 0) found.kinds = 'Which flour is it?';
  for (const [kind, grams] of gramsOf(form))
    if (!(grams > 0)) found[kind] = 'More than nothing, please.';
    else if (grams > MOST_STOCK_G)
      found[kind] = 'That is more than fifty kilograms. Check the number.';
  const lowG = gramsFromText(form.lowG, 'white');
  if (!(lowG >= 0)) found.lowG = 'A number, please; 0 for no warning.';
  else if (lowG > MOST_STOCK_G) found.lowG = 'That is more than fifty kilograms. Check the number.';
  const cost = parseNumber(form.cost);
  if (form.cost.trim() !== '' && !(cost >= 0 && cost <= DEAREST))
    found.cost = 'A number, or nothing.';
  if (form.useBy !== '' && !(form.useBy > '2000' && form.useBy < '2100'))
    found.useBy = 'Check the year.';
  return found;
}

/** What a form without problems writes into the journal. */
export function stockFrom(form: TubForm) {
  const grams = totalOf(form);
  return {
    name: form.name.trim(),
    flour: Object.fromEntries(gramsOf(form).map(([kind, of]) => [kind, round(of / grams)])),
    grams,
    lowG: gramsFromText(form.lowG, 'white'),
    ...(form.cost.trim() === ''
      ? {}
      : { pricePerKg: round((1000 * parseNumber(form.cost)) / grams) }),
    ...(form.useBy === '' ? {} : { useBy: form.useBy }),
  };
}

const round = (share: number) => Math.round(share * 10_000) / 10_000;
