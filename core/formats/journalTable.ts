import { type JarEvent, instantOf, timeObjections } from '../journal';
import { DAY, HOUR, type KitchenTime, MINUTE, instantAt } from '../measure';
import { type CellProblem, MOST_PROBLEMS, type TableRow, readTable } from './table';
import { type TableEntry, readLine } from './tableLine';
import { type Role, type Roles } from './tableRoles';
import { type TableAsked, type TableSense, cellOf, momentOf, senseOf } from './tableSense';
import { type DayOrder, momentReader } from './writtenMoment';

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
export interface JournalTable extends TableSense {
  readonly names: readonly string[];
  /** Whether feeds are among them of which the keep is not said. */
  readonly keepMissing: boolean;
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
/** Notes with a day alone are of some hour of it: this one. */
const DAY_ALONE_H = 8;

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
  const sense = senseOf(head, sample, kitchen.order, asked);
  const reader = momentReader(sense.order);
  const lines: ReadLine[] = [];
  const problems: CellProblem[] = [];
  let unread = 0;
  for (const row of body) {
    const read = readRow(row.cells, sense, reader, kitchen);
    if ('entries' in read) lines.push(read);
    else if (++unread <= MOST_PROBLEMS) problems.push(problemIn(row, head, sense.roles, read));
  }
  const { jars, alreadyHere } = byJar(lines, kitchen);
  const all = jars.flatMap(({ entries }) => entries);
  if (all.length + alreadyHere === 0)
    throw new Error(
      'No line of this file says what was done on what day, as far as can be seen. Nothing was changed.',
    );
  const times = all.map(instantOf);
  return {
    names: head.map((name, i) => name || `column ${i + 1}`),
    ...sense,
    keepMissing: lines.some((line) => line.keepMissing),
    toMissing: lines.some((line) => line.toMissing),
    dayAloneH: lines.some((line) => line.dayAlone) ? DAY_ALONE_H : null,
    jars: jars.filter(({ entries }) => entries.length > 0),
    count: all.length,
    alreadyHere,
    from: times.reduce((a, b) => Math.min(a, b), Infinity),
    until: times.reduce((a, b) => Math.max(a, b), -Infinity),
    problems,
    unread,
  };
}

/** A line that could be read. */
interface ReadLine {
  /** As the jar is called there. */
  readonly jar: string;
  /** Of the line; empty where it has none. */
  readonly id: string;
  readonly entries: readonly TableEntry[];
  readonly keepMissing: boolean;
  readonly toMissing: boolean;
  /** Whether it tells the day and no hour. */
  readonly dayAlone: boolean;
}

/** The cell that a line cannot be read for, and why. */
interface Unread {
  readonly role: Role;
  readonly why: string;
}

function readRow(
  cells: readonly string[],
  sense: TableSense,
  reader: ReturnType<typeof momentReader>,
  { time, now, places }: TableKitchen,
): ReadLine | Unread {
  const cell = (role: Role) => cellOf(sense.roles, cells, role);
  const [day, hour] = momentOf(sense.roles, cells);
  const written = reader.read(day, hour);
  if (!written)
    return { role: 'when', why: day === '' ? 'There is no day.' : 'No such day or time.' };
  const dayAlone =
    written.local !== undefined &&
    written.local % DAY === 0 &&
    !/\d:\d\d/.test(`${day} ${hour ?? ''}`);
  const at =
    written.instant ?? instantAt(written.local + (dayAlone ? DAY_ALONE_H * HOUR : 0), time);
  const [late] = timeObjections(at, now);
  if (late) return { role: 'when', why: late.message };
  const read = readLine(cell, { ...sense, places }, new Date(at).toISOString());
  return 'why' in read ? read : { ...read, jar: cell('jar'), id: cell('id'), dayAlone };
}

function problemIn(
  { line, cells }: TableRow,
  head: readonly string[],
  roles: Roles,
  { role, why }: Unread,
): CellProblem {
  const column = roles[role] ?? 0;
  const found = cellOf(roles, cells, role);
  return { line, column: column + 1, name: head[column] ?? '', found, why };
}

/** What lines tell of each jar, oldest first, without what the kitchen has in its journal already. */
function byJar(
  lines: readonly ReadLine[],
  kitchen: TableKitchen,
): { readonly jars: readonly NamedJar[]; readonly alreadyHere: number } {
  const here = knownOf(kitchen);
  const jars = new Map<string, { name: string; entries: TableEntry[] }>();
  let alreadyHere = 0;
  for (const { jar: name, id, entries } of lines) {
    const key = name.toLowerCase();
    const known = jars.get(key) ?? { name, entries: [] };
    jars.set(key, known);
    for (const entry of entries) {
      const print = printOf(entry, jarIdOf(name, kitchen) ?? key);
      if (here.has(id) || here.has(print)) alreadyHere++;
      else known.entries.push({ ...entry, jar: name });
      // A line that stands twice in the file counts once too; one with an id of its own says that it is another.
      if (id === '') here.add(print);
    }
  }
  return {
    jars: [...jars.values()].map(({ name, entries }) => ({
      name,
      id: jarIdOf(name, kitchen),
      entries: entries.sort((a, b) => instantOf(a) - instantOf(b)),
    })),
    alreadyHere,
  };
}

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
