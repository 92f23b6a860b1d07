import Papa from 'papaparse';
import { isSurnameFirst, surnameAndFirstName } from './personName.ts';
import { withoutPreface } from './table.ts';

/** A pasted list as a table: a row a child, or one name a row where there is nothing else. */
export interface ClassList {
  readonly rows: readonly (readonly string[])[];
  /** How many there are in every row. */
  readonly columns: number;
  /** The column with the names they are called by, as far as can be told. */
  readonly likely: number;
  /** The first line where it is taken for a heading: no child is made of it. Empty where there is none. */
  readonly heading: readonly string[];
}

/** Longest name kept. */
const MOST = 40;
/** So many of the lines must have the same number of columns to be a table. */
const MOSTLY = 2 / 3;
const SEPARATORS = ['\t', ';', '|', ','] as const;
const HEADER =
  /^((first|last|given|family|sur|full|fore|nick|pupil|student|learner|child)?['’]?s?[ -]?names?|first|last|surname|learners?|students?|pupils?|child(ren)?|no|nr|#|id|age|class|grade|birthday|date of birth|vorname|nachname|alter|klasse)\.?$/i;
const FIRST_NAME = /^((first|given|nick|fore)[ -]?names?|first|vorname)$/i;

/** Numbers before a name go, and what no name has. */
const cleaned = (cell: string): string =>
  cell
    .replace(/\p{Cc}/gu, ' ')
    .replace(/^\s*\d+[.)]?\s+/, '')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, MOST);
const isName = (cell: string): boolean => /\p{L}/u.test(cell) && !/\d/.test(cell);

/** Every piece a row of its own, as names are typed one after the other. */
const pieces = (text: string): string[][] =>
  text
    .split(/[\n\r,;\t|]/)
    .map((piece) => [cleaned(piece)])
    .filter(([name]) => name !== '');

const tableBy = (text: string, delimiter: string): string[][] | undefined => {
  const { data } = Papa.parse<string[]>(text, { delimiter, skipEmptyLines: 'greedy' });
  const columns = Math.max(...data.map(({ length }) => length));
  const full = data.filter(({ length }) => length === columns);
  if (data.length < 2 || columns < 2 || full.length < data.length * MOSTLY) return undefined;
  return data.map((row) => Array.from({ length: columns }, (_, i) => cleaned(row[i] ?? '')));
};

/**
 * The column of first names: by its heading; otherwise the second of "surname, first name", or the first that has names.
 * @param bySurname are the first two columns surname and first name, as far as the separator tells?
 */
const likelyColumn = (rows: readonly (readonly string[])[], heading: readonly string[], bySurname: boolean): number => {
  const headed = heading.findIndex((cell) => FIRST_NAME.test(cell));
  if (headed >= 0) return headed;
  const named = (rows[0] ?? []).flatMap((_, i) =>
    rows.filter((row) => isName(row[i]!)).length >= rows.length * MOSTLY ? [i] : [],
  );
  return (bySurname ? named[1] : undefined) ?? named[0] ?? 0;
};

/** Columns in which names stand with the surname first, each made two. */
const withFirstNames = (table: readonly (readonly string[])[]): { table: string[][]; split: boolean } => {
  const mostly = (column: number): boolean => {
    const filled = table.map((row) => row[column]!).filter((cell) => cell !== '');
    return filled.length > 1 && filled.filter(isSurnameFirst).length >= filled.length * MOSTLY;
  };
  const columns = table[0]!.map((_, column) => mostly(column));
  return {
    split: columns.includes(true),
    table: table.map((row) =>
      row.flatMap((cell, column) => {
        if (columns[column] !== true) return [cell];
        return isSurnameFirst(cell) ? [...surnameAndFirstName(cell)] : ['', cell];
      }),
    ),
  };
};

/** A table without its heading, and where the first names stand. */
const listOf = (given: readonly (readonly string[])[], byComma: boolean): ClassList => {
  const { table, split } = withFirstNames(given);
  const isHeaded = table[0]!.some((cell) => HEADER.test(cell));
  const heading = isHeaded ? table[0]!.filter((cell) => cell !== '') : [];
  const rows = isHeaded ? table.slice(1) : table;
  // "Name" above "Moss, Ada" is a heading of both.
  const bySurname = split || (byComma && heading.length < 2);
  return {
    rows,
    columns: table[0]!.length,
    likely: likelyColumn(rows, heading.length < 2 ? [] : table[0]!, bySurname),
    heading,
  };
};

/**
 * A class list as it is typed, pasted or saved by a spreadsheet: one name a line, names in one line with something between, or a table
 * whose columns are separated by tabs, semicolons or commas, with a heading or without.
 */
export const readClassList = (text: string): ClassList => {
  const plain = withoutPreface(text);
  for (const separator of SEPARATORS) {
    const table = tableBy(plain, separator);
    if (table !== undefined) return listOf(table, separator === ',');
  }
  // Lines that are each one quoted cell: a comma in them divides no children.
  if (/^\s*"/m.test(plain)) {
    const { data } = Papa.parse<string[]>(plain, { delimiter: ',', skipEmptyLines: 'greedy' });
    if (data.length > 1 && data.every(({ length }) => length === 1))
      return listOf(
        data.map(([cell]) => [cleaned(cell!)]),
        false,
      );
  }
  const rows = pieces(plain);
  const isHeaded = rows.length > 1 && HEADER.test(rows[0]![0]!);
  return { rows: isHeaded ? rows.slice(1) : rows, columns: 1, likely: 0, heading: isHeaded ? rows[0]! : [] };
};

/** A list that is read, held against the children a class has. */
export interface NewNames {
  /** To be added, in order. */
  readonly fresh: readonly string[];
  /** In the class already. */
  readonly there: readonly string[];
  /** Twice or more in the list, each once: two children may be called alike, or one may stand there twice. */
  readonly doubles: readonly string[];
  /** Do the lines of all doubles differ in something else, so that they are two children? */
  readonly areTwo: boolean;
}
const alike = (name: string): string => name.normalize('NFC').toLowerCase();

/**
 * What of a list would be added to a class, what is there already, and what stands there twice.
 * @param lines the whole line each name stands in, as one text, in the order of the names
 */
export const newNames = (names: readonly string[], existing: readonly string[], lines = names): NewNames => {
  const known = new Set(existing.map(alike));
  const seen = new Set<string>();
  const doubles = new Map<string, string>();
  for (const name of names) {
    if (seen.has(alike(name))) doubles.set(alike(name), name);
    seen.add(alike(name));
  }
  const once = names.filter((name, at) => names.findIndex((other) => alike(other) === alike(name)) === at);
  return {
    fresh: once.filter((name) => !known.has(alike(name))),
    there: once.filter((name) => known.has(alike(name))),
    doubles: [...doubles.values()],
    areTwo: [...doubles.keys()].every((double) => {
      const own = lines.filter((_, at) => alike(names[at]!) === double);
      return new Set(own).size === own.length;
    }),
  };
};

/** The names of one column, or every cell a name of its own. @param column none for every cell */
export const namesOf = ({ rows }: ClassList, column: number | undefined): string[] =>
  rows.flatMap((row) => (column === undefined ? row : [row[column] ?? ''])).filter((name) => name !== '');
