import { strFromU8, unzipSync } from 'fflate';
import { SHEET_FILE, SheetFile, type PostSheetFile, type Sheet } from '../../contract/index.ts';
import { readJsonFile } from '../common/jsonFile.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** Name of the sheet's own file in a package of QTI items, from which it is read back. */
export const OWN_FILE = 'sheet.hoppel.json';
/** Bytes a file in a package may unpack to: many times what a sheet has, and no more than can be held. */
const MOST_BYTES = 8_000_000;

/** A sheet as the text of a file. */
export const writeSheetFile = ({ recipe, content }: Pick<Sheet, 'recipe' | 'content'>): string =>
  `${JSON.stringify(SheetFile.parse({ ...SHEET_FILE, recipe, content }), null, 1)}\n`;

/** The sheet's own file of a package. @throws HoppelError bad-file when it is no zip, or has none */
const fromZip = (zip: string): string => {
  let files: ReturnType<typeof unzipSync>;
  try {
    files = unzipSync(Buffer.from(zip, 'base64'), {
      filter: ({ name, originalSize }) => name === OWN_FILE && originalSize <= MOST_BYTES,
    });
  } catch {
    throw new HoppelError('bad-file', 'it is no zip file that can be read');
  }
  const own = files[OWN_FILE];
  if (own === undefined)
    throw new HoppelError('bad-file', `there is no ${OWN_FILE} in it: it is not a sheet of Hoppel’s`);
  return strFromU8(own);
};

/** Reads a file in. @throws HoppelError bad-file with the place of the fault */
export const readSheetFile = ({ text, zip }: PostSheetFile): SheetFile => {
  if ((text === undefined) === (zip === undefined)) throw new HoppelError('malformed', 'either text or zip');
  return readJsonFile(text ?? fromZip(zip!), SheetFile);
};
