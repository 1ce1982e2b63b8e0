import { type Destination, type JarEvent, instantOf, timeObjections } from '../journal';
import { DAY, HOUR, type KitchenTime, MINUTE, instantAt, middle } from '../measure';
import { type CellProblem, MOST_PROBLEMS, numberIn, readTable } from './table';
import { type TableEntry, readLine } from './tableLine';
import { type Role, type Roles, guessRoles } from './tableRoles';
import { type DayOrder, likelyOrders, momentReader } from './writtenMoment';

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

/** The kitchen that notes come into. */
export interface TableKitchen {
  readonly time: KitchenTime;
  readonly now: number;
  readonly order: DayOrder;
  readonly jars: readonly { readonly id: string; readonly name: string }[];
  readonly places: readonly { readonly id: string; readonly name: string }[];
  /** What is logged already. */
  readonly known: readonly JarEvent[];
}

/** A jar as it is called in the notes, with what is told of it. */
export interface NamedJar {
  /** Empty where the notes name none. */
  readonly name: string;
  /** The jar of the kitchen that is called so; null where there is none. */
  readonly id: string | null;
  /** Oldest first; `jar` is the name in the notes. */
  readonly entries: readonly TableEntry[];
}

/** Somebody's notes as they were read, with what was guessed about them. */
export interface JournalTable {
  readonly names: readonly string[];
  readonly roles: Roles;
  readonly order: DayOrder;
  readonly orders: readonly DayOrder[];
  readonly weights: 'grams' | 'ounces';
  readonly rises: 'percent' | 'times';
  readonly keepG: number;
  /** Whether feeds are among them of which the keep is not said. */
  readonly keepMissing: boolean;
  readonly to: Destination;
  /** Whether something was taken out of which nobody says where it went. */
  readonly toMissing: boolean;
  /** The hour that lines with a day alone count as; null where every line has its own. */
  readonly dayAloneH: number | null;
  readonly jars: readonly NamedJar[];
  readonly count: number;
  /** Entries that are in the journal already, or stand in the file twice. */
  readonly alreadyHere: number;
  readonly from: number;
  readonly until: number;
  readonly problems: readonly CellProblem[];
  readonly unread: number;
}

const LOOKED_AT = 400;
const USUAL_KEEP_G = 20;
/** Notes with a day alone are of some hour of it: this one. */
const DAY_ALONE_H = 8;
/** No starter stands at more times its band: a larger number is a percentage. */
const MOST_TIMES = 6;

/**
 * Reads notes that somebody kept in a table: a line for each feed, look, or whatever was written down.
 *
 * @throws Error with a message for the baker when no column holds days, or no line can be read
 */
export function readJournalTable(
  text: string,
  kitchen: TableKitchen,
  asked: TableAsked = {},
): JournalTable {
  const { rows } = readTable(text);
  const head = rows[0]!.cells;
  const body = rows.slice(1);
  const sample = body.slice(0, LOOKED_AT).map(({ cells }) => cells);
  const roles = asked.roles ?? guessRoles(head, sample);
  if (roles.when === undefined)
    throw new Error(
      'No column of this file holds days, as far as can be seen. Nothing was changed.',
    );
  const cellOf = (cells: readonly string[], role: Role) => {
    const column = roles[role];
    return column === undefined ? '' : plain(cells[column] ?? '');
  };
  const momentOf = (cells: readonly string[]) =>
    [cellOf(cells, 'when'), cellOf(cells, 'time') || undefined] as const;
  const orders = likelyOrders(sample.map(momentOf), kitchen.order);
  const order = asked.order ?? orders[0] ?? kitchen.order;
  const reader = momentReader(order);
  const weightNames = (['keep', 'water', 'flour', 'out'] as const)
    .map((role) => head[roles[role] ?? -1] ?? '')
    .join(' ');
  const weights = asked.weights ?? (/\boz\b|ounce|_oz/i.test(weightNames) ? 'ounces' : 'grams');
  const risesSeen = sample
    .map((cells) => numberIn(cellOf(cells, 'rise').replace(/[%x×+]/gi, '')))
    .filter((one) => !Number.isNaN(one));
  const rises =
    asked.rises ??
    (/%|pct|percent/i.test(head[roles.rise ?? -1] ?? '') || middle(risesSeen) > MOST_TIMES
      ? 'percent'
      : 'times');
  const keepG = asked.keepG ?? USUAL_KEEP_G;
  const to = asked.to ?? 'bin';

  const problems: CellProblem[] = [];
  let unread = 0;
  let alreadyHere = 0;
  let keepMissing = false;
  let toMissing = false;
  let dayAlone = false;
  const here = knownOf(kitchen);
  const jars = new Map<string, { name: string; entries: TableEntry[] }>();
  for (const { line, cells } of body) {
    const bad = (role: Role, why: string) => {
      unread++;
      const column = roles[role] ?? 0;
      if (problems.length < MOST_PROBLEMS)
        problems.push({
          line,
          column: column + 1,
          name: head[column] ?? '',
          found: cellOf(cells, role),
          why,
        });
    };
    const written = reader.read(...momentOf(cells));
    if (!written) {
      bad('when', cellOf(cells, 'when') === '' ? 'There is no day.' : 'No such day or time.');
      continue;
    }
    const noHour =
      written.local !== undefined &&
      written.local % DAY === 0 &&
      !/\d:\d\d/.test(momentOf(cells).join(' '));
    const at =
      written.instant ?? instantAt(written.local + (noHour ? DAY_ALONE_H * HOUR : 0), kitchen.time);
    const [late] = timeObjections(at, kitchen.now);
    if (late) {
      bad('when', late.message);
      continue;
    }
    const read = readLine(
      (role) => cellOf(cells, role),
      { weights, rises, keepG, to, places: kitchen.places },
      new Date(at).toISOString(),
    );
    if ('why' in read) {
      bad(read.role, read.why);
      continue;
    }
    keepMissing ||= read.keepMissing;
    toMissing ||= read.toMissing;
    dayAlone ||= noHour;
    const name = cellOf(cells, 'jar');
    const key = name.toLowerCase();
    const known = jars.get(key) ?? { name, entries: [] };
    jars.set(key, known);
    const id = cellOf(cells, 'id');
    for (const entry of read.entries) {
      const print = printOf(entry, jarIdOf(name, kitchen) ?? key);
      if (here.has(id) || here.has(print)) alreadyHere++;
      else known.entries.push({ ...entry, jar: name });
      // A line that stands twice in the file counts once too; one with an id of its own says that it is another.
      if (id === '') here.add(print);
    }
  }
  const found = [...jars.values()].map(({ name, entries }): NamedJar => ({
    name,
    id: jarIdOf(name, kitchen),
    entries: entries.sort((a, b) => instantOf(a) - instantOf(b)),
  }));
  const all = found.flatMap(({ entries }) => entries);
  if (all.length + alreadyHere === 0)
    throw new Error(
      'No line of this file says what was done on what day, as far as can be seen. Nothing was changed.',
    );
  const times = all.map(instantOf);
  return {
    names: head.map((name, i) => name || `column ${i + 1}`),
    roles,
    order,
    orders,
    weights,
    rises,
    keepG,
    keepMissing,
    to,
    toMissing,
    dayAloneH: dayAlone ? DAY_ALONE_H : null,
    jars: found.filter(({ entries }) => entries.length > 0),
    count: all.length,
    alreadyHere,
    from: times.reduce((a, b) => Math.min(a, b), Infinity),
    until: times.reduce((a, b) => Math.max(a, b), -Infinity),
    problems,
    unread,
  };
}

/** Spreadsheets are kept from taking a text for a formula by an apostrophe. */
const plain = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell).trim();

const jarIdOf = (name: string, { jars }: TableKitchen): string | null =>
  jars.find((jar) => jar.name.toLowerCase() === name.toLowerCase())?.id ?? null;

/** What is logged already: by its id, and by what it says to the minute. */
function knownOf({ known }: TableKitchen): Set<string> {
  const prints = new Set<string>();
  for (const event of known) {
    prints.add(event.id);
    if (isOfTables(event)) prints.add(printOf(event, event.jar));
  }
  prints.delete('');
  return prints;
}

const OF_TABLES: ReadonlySet<JarEvent['kind']> = new Set<TableEntry['kind']>([
  'fed',
  'looked',
  'took',
  'discarded',
  'moved',
  'noted',
]);

const isOfTables = (event: JarEvent): event is Extract<JarEvent, { kind: TableEntry['kind'] }> =>
  OF_TABLES.has(event.kind);

function printOf(event: TableEntry, jar: string): string {
  return [event.kind, jar, Math.floor(instantOf(event) / MINUTE), ...factsOf(event)].join(' ');
}

/** What tells an entry from another of its kind at the same minute. */
function factsOf(event: TableEntry): readonly (string | number | undefined)[] {
  switch (event.kind) {
    case 'fed':
      return [event.keepG, event.flourG, event.waterG];
    case 'took':
    case 'discarded':
      return [event.grams];
    case 'looked':
      return [event.height, event.sign, event.smell];
    case 'moved':
      return [event.place];
    case 'noted':
      return [event.note];
  }
}
