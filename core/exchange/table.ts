import Papa from 'papaparse';

/** A table as text: rows of cells. */
export type Table = readonly (readonly string[])[];

/** What separates columns in files that are met, the likeliest first. */
const DELIMITERS = ['\t', ';', ',', '|'] as const;
/** What stands before the first cell in some files: the mark of UTF-8, and a line that names the delimiter. */
const PREFACE = /^\uFEFF?(?:sep=.\r?\n)?/;

/**
 * A cell a spreadsheet would take for a formula, or one that was disarmed before and would be read back as something else. Found
 * behind blanks too, as some programs cut those off.
 */
const FORMULA = /^'*\s*[=+\-@\t\r]/;

/** A cell as it was before it was disarmed. */
const armedAgain = (cell: string): string => (cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell);

/** What separates columns where a spreadsheet of this language expects it: a semicolon where the comma is in numbers. */
export const delimiterOf = (locale: string): ',' | ';' =>
  new Intl.NumberFormat(locale).formatToParts(1.5).some(({ type, value }) => type === 'decimal' && value === ',')
    ? ';'
    : ',';

/**
 * A table as a CSV file (RFC 4180) that spreadsheets open: UTF-8 with its mark, lines ended as they expect, columns separated as the
 * language does. A cell that would be a formula is disarmed by an apostrophe.
 */
export const writeTable = (table: Table, locale: string): string =>
  `\uFEFF${Papa.unparse(
    table.map((row) => row.map((cell) => (FORMULA.test(cell) ? `'${cell}` : cell))),
    { delimiter: delimiterOf(locale), newline: '\r\n' },
  )}\r\n`;

/** How evenly a delimiter divides: columns of the commonest row, where at least two in three rows have as many. */
const columnsBy = (text: string, delimiter: string): number => {
  const { data } = Papa.parse<string[]>(text, { delimiter, preview: 200, skipEmptyLines: 'greedy' });
  const counts = data.map(({ length }) => length);
  const commonest = [...new Set(counts)].sort(
    (a, b) => counts.filter((one) => one === b).length - counts.filter((one) => one === a).length,
  )[0];
  const even = counts.filter((one) => one === commonest).length;
  return commonest !== undefined && even * 3 >= counts.length * 2 ? commonest : 1;
};

/** A file or pasted columns as a table: whatever separates them, quoted or not, empty lines left out. One column where nothing does. */
export const readTable = (text: string): Table => {
  const plain = text.replace(PREFACE, '');
  const widest = DELIMITERS.map((delimiter) => ({ delimiter, columns: columnsBy(plain, delimiter) })).reduce(
    (best, one) => (one.columns > best.columns ? one : best),
  );
  const { data } = Papa.parse<string[]>(plain, { delimiter: widest.delimiter, skipEmptyLines: 'greedy' });
  return data.map((row) => row.map((cell) => armedAgain(cell)));
};
