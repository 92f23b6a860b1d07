import Papa from 'papaparse';

/** A table as text: rows of cells. */
export type Table = readonly (readonly string[])[];

/** What separates columns in files that are met, the likeliest first. */
const DELIMITERS = ['\t', ';', ',', '|'] as const;
/** What stands before the first cell in some files: the mark of UTF-8, and a line that names the delimiter. */
const PREFACE = /^\uFEFF?(?:sep=.[^\S\r\n]*\r?\n)?/i;

/**
 * A cell a spreadsheet would take for a formula, by its first sign or the same sign as wide as a letter of Chinese, or one that was disarmed before and would be read back as something else. Found
 * behind blanks too, as some programs cut those off.
 */
const FORMULA = /^'*\s*[=+\-@\t\r＝＋－＠]/;

/** A cell as it was before it was disarmed. */
const armedAgain = (cell: string): string => (cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell);

/** What separates columns where a spreadsheet of this language expects it: a semicolon where the comma is in numbers. */
export const delimiterOf = (locale: string): ',' | ';' =>
  new Intl.NumberFormat(locale).formatToParts(1.5).some(({ type, value }) => type === 'decimal' && value === ',')
    ? ';'
    : ',';

/** What a file for spreadsheets begins with: they take it for another encoding otherwise. */
export const UTF_8_MARK = '\uFEFF';

/**
 * Lines of a CSV file (RFC 4180), ended as spreadsheets expect, columns separated as the language does. A cell that would be a formula is
 * disarmed by an apostrophe.
 */
export const tableLines = (table: Table, locale: string): string =>
  table.length === 0
    ? ''
    : `${Papa.unparse(
        table.map((row) => row.map((cell) => (FORMULA.test(cell) ? `'${cell}` : cell))),
        { delimiter: delimiterOf(locale), newline: '\r\n' },
      )}\r\n`;

/** A table as a CSV file that spreadsheets open: UTF-8 with its mark. */
export const writeTable = (table: Table, locale: string): string => UTF_8_MARK + tableLines(table, locale);

/** How a delimiter divides a text: columns of the commonest row, and the share of rows that have as many. */
const dividedBy = (text: string, delimiter: string): { columns: number; even: number } => {
  const { data } = Papa.parse<string[]>(text, { delimiter, preview: 200, skipEmptyLines: 'greedy' });
  const counts = data.map(({ length }) => length);
  const times = (count: number): number => counts.filter((one) => one === count).length;
  const columns = [...new Set(counts)].reduce((best, one) => (times(one) > times(best) ? one : best), 0);
  return { columns, even: times(columns) / Math.max(1, counts.length) };
};
/** Where fewer rows have as many columns, it is no delimiter of a table. */
const EVEN_ENOUGH = 2 / 3;

/** What divides a text most evenly, of equals what makes most columns; a comma where nothing does. */
const delimiterIn = (text: string): string =>
  DELIMITERS.map((delimiter) => ({ delimiter, ...dividedBy(text, delimiter) }))
    .filter(({ columns, even }) => columns > 1 && even >= EVEN_ENOUGH)
    .sort((a, b) => b.even - a.even || b.columns - a.columns)[0]?.delimiter ?? ',';

/** A text without what stands before its first cell in some files: the mark of UTF-8, and a line that names the delimiter. */
export const withoutPreface = (text: string): string => text.replace(PREFACE, '');

/** A file or pasted columns as a table: whatever separates them, quoted or not, empty lines left out. */
export const readTable = (text: string): Table => {
  const plain = withoutPreface(text);
  const { data } = Papa.parse<string[]>(plain, { delimiter: delimiterIn(plain), skipEmptyLines: 'greedy' });
  return data.map((row) => row.map((cell) => armedAgain(cell)));
};
