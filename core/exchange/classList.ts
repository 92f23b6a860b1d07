import Papa from 'papaparse';

/** A pasted list as a table: a row a child, or one name a row where there is nothing else. */
export interface ClassList {
  readonly rows: readonly (readonly string[])[];
  /** How many there are in every row. */
  readonly columns: number;
  /** The column with the names they are called by, as far as can be told. */
  readonly likely: number;
}

/** Longest name kept. */
const MOST = 40;
/** So many of the lines must have the same number of columns to be a table. */
const MOSTLY = 2 / 3;
const SEPARATORS = ['\t', ';', '|', ','] as const;
const HEADER =
  /^(first|last|given|family|sur|full|nick)?[ -]?names?$|^(no|nr|#|age|class|grade|birthday|date of birth|vorname|nachname|alter|klasse)\.?$/i;
const FIRST_NAME = /^(first|given|nick)[ -]?names?$|^vorname$/i;

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

/** The column of first names: by its heading; otherwise the second of "surname, first name", or the first that has names. */
const likelyColumn = (rows: readonly (readonly string[])[], heading: readonly string[], byComma: boolean): number => {
  const headed = heading.findIndex((cell) => FIRST_NAME.test(cell));
  if (headed >= 0) return headed;
  const named = (rows[0] ?? []).flatMap((_, i) =>
    rows.filter((row) => isName(row[i]!)).length >= rows.length * MOSTLY ? [i] : [],
  );
  return (byComma && heading.length === 0 ? named[1] : undefined) ?? named[0] ?? 0;
};

/**
 * A class list as it is typed or pasted: one name a line, names in one line with something between, or a table whose columns are
 * separated by tabs, semicolons or commas, with a heading or without.
 */
export const readClassList = (text: string): ClassList => {
  for (const separator of SEPARATORS) {
    const table = tableBy(text, separator);
    if (table === undefined) continue;
    const heading = table[0]!.some((cell) => HEADER.test(cell)) ? table[0]! : [];
    const rows = heading.length > 0 ? table.slice(1) : table;
    return { rows, columns: table[0]!.length, likely: likelyColumn(rows, heading, separator === ',') };
  }
  return { rows: pieces(text), columns: 1, likely: 0 };
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
