import { read, SSF, utils, type CellObject, type WorkSheet } from '@e965/xlsx';
import { unzipSync } from 'fflate';
import Papa from 'papaparse';

/** Bytes a workbook may have unpacked: a few hundred times a class list. What is larger is no list of a class, or made to fill memory. */
const MAX_UNPACKED_BYTES = 40_000_000;
/** Parts a workbook may have. */
const MAX_PARTS = 1000;

/** Workbooks that cannot be read as a table of a class. */
export class NoWorkbook extends Error {}

/** Looks at a zip's list of parts before any is unpacked. @throws NoWorkbook */
const checkParts = (bytes: Uint8Array): void => {
  let unpacked = 0;
  let parts = 0;
  try {
    unzipSync(bytes, {
      filter: ({ originalSize }) => {
        unpacked += originalSize;
        parts += 1;
        return false;
      },
    });
  } catch (error) {
    throw new NoWorkbook((error as Error).message);
  }
  if (unpacked > MAX_UNPACKED_BYTES || parts > MAX_PARTS) throw new NoWorkbook('too large');
};

/** A cell as it was typed, as far as the spreadsheet still knows: times as hours and minutes, numbers and words as they are. */
const textOf = (cell: CellObject | undefined): string => {
  if (cell === undefined || cell.v === undefined) return '';
  // What a time is kept as, a share of a day, says nothing of morning or afternoon: its reader knows how it shows.
  if (cell.t === 'n' && typeof cell.z === 'string' && SSF.is_date(cell.z)) return cell.w ?? String(cell.v);
  return cell.t === 'e' ? '' : String(cell.v);
};
const rowsOf = (sheet: WorkSheet): string[][] => {
  const { s: from, e: to } = utils.decode_range(sheet['!ref'] ?? 'A1:A1');
  return Array.from({ length: to.r - from.r + 1 }, (_, r) =>
    Array.from({ length: to.c - from.c + 1 }, (__, c) =>
      textOf(sheet[utils.encode_cell({ r: from.r + r, c: from.c + c })] as CellObject | undefined),
    ),
  );
};

/** The first sheet of a workbook (.xlsx, .ods) that has anything in it, as lines with tabs between the cells. @throws NoWorkbook */
export const workbookText = (bytes: Uint8Array): string => {
  checkParts(bytes);
  try {
    const { SheetNames, Sheets } = read(bytes, {
      dense: false,
      cellNF: true,
      cellText: true,
      cellFormula: false,
      sheetRows: 5000,
    });
    const tables = SheetNames.map((name) => rowsOf(Sheets[name]!).filter((row) => row.some((cell) => cell !== '')));
    return Papa.unparse(tables.find((table) => table.length > 0) ?? [], { delimiter: '\t', newline: '\n' });
  } catch (error) {
    throw new NoWorkbook((error as Error).message);
  }
};
