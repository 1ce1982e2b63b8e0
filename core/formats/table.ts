import Papa from 'papaparse';

/** A row of cells, with the line of the file that it begins in. */
export interface TableRow {
  readonly line: number;
  readonly cells: readonly string[];
}

/** A text of rows and columns. */
export interface Table {
  readonly rows: readonly TableRow[];
}

/** Text that is longer is no log of a kitchen, characters. */
export const LONGEST_TABLE = 40_000_000;
/** Nobody reads more of what is wrong in a file. */
export const MOST_PROBLEMS = 50;

/** What could not be read in a file, and where: lines and columns count from 1. */
export interface CellProblem {
  readonly line: number;
  readonly column: number;
  /** The name of the column, where the file gives one. */
  readonly name: string;
  readonly found: string;
  readonly why: string;
}

/**
 * Reads rows of cells from a text, whatever parts them: comma, semicolon or tab.
 *
 * @throws Error with a message for the baker when there is nothing like a table in it
 */
export function readTable(text: string): Table {
  if (text.length > LONGEST_TABLE)
    throw new Error('This file is larger than any log of a kitchen. Nothing was changed.');
  // A file of zeros and letters is a picture or a program, whatever its name says.
  if (text.slice(0, 4000).includes('\0'))
    throw new Error('This is no table: it cannot be read as text. Nothing was changed.');
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    delimitersToGuess: [',', ';', '\t', '|'],
  });
  let line = 1;
  const rows: { line: number; cells: readonly string[] }[] = [];
  for (const cells of data) {
    if (cells.some((cell) => cell.trim() !== ''))
      rows.push({ line, cells: cells.map((cell) => cell.trim()) });
    // A cell in quotes may go over several lines.
    line += 1 + cells.reduce((sum, cell) => sum + (cell.match(/\n/g)?.length ?? 0), 0);
  }
  if (rows.length < 2)
    throw new Error(
      'There is no table in this file: rows with a time and a value. Nothing was changed.',
    );
  return { rows };
}

/**
 * A number as people and devices write it; NaN for anything else.
 *
 * @example numberIn('21,4') // = 21.4
 * @example numberIn('1 234') // = 1234
 * @example numberIn('\u22122') // = -2
 * @example numberIn('21.4.5') // = NaN
 */
export function numberIn(text: string): number {
  const plain = text.replace(/[\s\u00a0\u202f']/g, '').replace('−', '-');
  if (!/^[+-]?(\d+([.,]\d+)?|[.,]\d+)$/.test(plain)) return NaN;
  return Number(plain.replace(',', '.'));
}
