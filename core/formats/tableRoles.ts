import { momentReader } from './writtenMoment';

/** What a column of somebody's notes can hold. */
export const ROLES = [
  'when',
  'time',
  'jar',
  'what',
  'keep',
  'water',
  'flour',
  'flourKind',
  'ratio',
  'out',
  'to',
  'place',
  'rise',
  'smell',
  'sign',
  'note',
  'id',
] as const;
export type Role = (typeof ROLES)[number];

/** Which column holds what, counted from 0. */
export type Roles = Readonly<Partial<Record<Role, number>>>;

/** What columns are called, the surest first: a name belongs to the first that fits. */
const NAMES: readonly (readonly [Role, RegExp])[] = [
  ['when', /^(day|date|when|datum|fecha|timestamp|date.?time)\b/i],
  ['time', /^(time|hour|clock|at)$/i],
  ['jar', /^(jar|starter|name|culture|who)$/i],
  ['what', /^(what|kind|type|event|action)$/i],
  ['flourKind', /^(flour|flour (kind|type)|kind of flour|type of flour)$/i],
  ['keep', /^(keep|kept|seed|starter|starter kept|old starter|carry.?over|mother)([ _([]|$)/i],
  ['water', /^(water|liquid)([ _([]|$)/i],
  ['flour', /^(flour|total flour)([ _([]|$)/i],
  ['ratio', /ratio/i],
  ['rise', /^(rise|risen|height|growth|expansion)([ _([%]|$)/i],
  ['out', /^(grams|out|taken|used|discard(ed)?)([ _([]|$)/i],
  ['to', /^(to|where to|used for)$/i],
  ['place', /^(place|where|location|spot)$/i],
  ['smell', /^(smell|aroma|nose)$/i],
  ['sign', /^sign$/i],
  ['note', /^(notes?|remarks?|comments?|memo)$/i],
  ['id', /^id$/i],
];
const MOSTLY = 0.5;

/**
 * Which column holds what, by its name and, for days and kinds of flour, by what stands in it.
 *
 * @returns what is sure enough; no column twice
 */
export function guessRoles(head: readonly string[], sample: readonly (readonly string[])[]): Roles {
  const roles: Partial<Record<Role, number>> = {};
  const taken = new Set<number>();
  const take = (role: Role, column: number) => {
    if (roles[role] !== undefined || taken.has(column)) return;
    roles[role] = column;
    taken.add(column);
  };
  const share = (column: number, is: (cell: string) => boolean) => {
    const cells = sample.map((row) => row[column] ?? '').filter((cell) => cell !== '');
    return cells.length === 0 ? 0 : cells.filter(is).length / cells.length;
  };
  // `80`, `80 g`, `½ cup`: an amount begins with its number.
  const isNumber = (cell: string) => /^[\d.,¼⅓½⅔¾]/.test(cell);
  for (const [role, name] of NAMES)
    head.forEach((title, column) => {
      if (!name.test(title)) return;
      // "Flour" may be so many grams of it, or which.
      if (role === 'flourKind' && share(column, isNumber) >= MOSTLY) return;
      if (role === 'jar' && share(column, isNumber) >= MOSTLY) return;
      take(role, column);
    });
  if (roles.when === undefined) {
    const readers = [momentReader('dayFirst'), momentReader('monthFirst')];
    const isMoment = (cell: string) => readers.some((reader) => reader.read(cell) !== null);
    const column = head.findIndex((_, i) => !taken.has(i) && share(i, isMoment) >= MOSTLY);
    if (column >= 0) take('when', column);
  }
  return roles;
}
