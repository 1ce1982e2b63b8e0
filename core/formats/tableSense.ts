import { type Destination } from '../journal';
import { middle } from '../measure';
import { numberIn } from './table';
import { type Role, type Roles, guessRoles } from './tableRoles';
import { type DayOrder, likelyOrders } from './writtenMoment';

/** How somebody's notes are to be read, as far as the baker says; what is not said is guessed. */
export interface TableAsked {
  readonly roles?: Roles;
  readonly order?: DayOrder;
  readonly weights?: 'grams' | 'ounces';
  /** Whether a rise is given above the band, percent, or as times the band. */
  readonly rises?: 'percent' | 'times';
  /** What is kept at a feed of which that is not said, grams. */
  readonly keepG?: number;
  /** Where went what was taken out of a jar, where that is not said. */
  readonly to?: Destination;
}

/** How notes are read: as the baker says, and guessed where nothing is said. */
export interface TableSense extends Required<TableAsked> {
  /** Orders of day and month in which all days are days, the likeliest first. */
  readonly orders: readonly DayOrder[];
}

const USUAL_KEEP_G = 20;
/** No starter stands at more times its band: a larger number is a percentage. */
const MOST_TIMES = 6;

/**
 * @param sample lines that guesses are made from
 * @param order of the kitchen, for days that can be read both ways
 * @throws Error with a message for the baker when no column holds days
 */
export function senseOf(
  head: readonly string[],
  sample: readonly (readonly string[])[],
  order: DayOrder,
  asked: TableAsked,
): TableSense {
  const roles = asked.roles ?? guessRoles(head, sample);
  if (roles.when === undefined)
    throw new Error(
      'No column of this file holds days, as far as can be seen. Nothing was changed.',
    );
  const nameOf = (role: Role) => head[roles[role] ?? -1] ?? '';
  const orders = likelyOrders(
    sample.map((cells) => momentOf(roles, cells)),
    order,
  );
  return {
    roles,
    orders,
    order: asked.order ?? orders[0] ?? order,
    weights: asked.weights ?? weightsIn((['keep', 'water', 'flour', 'out'] as const).map(nameOf)),
    rises:
      asked.rises ??
      risesIn(
        nameOf('rise'),
        sample.map((cells) => cellOf(roles, cells, 'rise')),
      ),
    keepG: asked.keepG ?? USUAL_KEEP_G,
    to: asked.to ?? 'bin',
  };
}

const weightsIn = (names: readonly string[]): TableSense['weights'] =>
  /\boz\b|ounce|_oz/i.test(names.join(' ')) ? 'ounces' : 'grams';

function risesIn(name: string, cells: readonly string[]): TableSense['rises'] {
  if (/%|pct|percent/i.test(name)) return 'percent';
  const rises = cells.map((cell) => numberIn(cell.replace(/[%x×+]/gi, '')));
  return middle(rises.filter((rise) => !Number.isNaN(rise))) > MOST_TIMES ? 'percent' : 'times';
}

/** What a line says in the column of a role; empty where there is none. */
export function cellOf(roles: Roles, cells: readonly string[], role: Role): string {
  const column = roles[role];
  return column === undefined ? '' : plain(cells[column] ?? '');
}

/** The day of a line, and the hour where it has a column. */
export const momentOf = (
  roles: Roles,
  cells: readonly string[],
): readonly [string, string | undefined] => [
  cellOf(roles, cells, 'when'),
  cellOf(roles, cells, 'time') || undefined,
];

/** Spreadsheets are kept from taking a text for a formula by an apostrophe. */
const plain = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell).trim();
