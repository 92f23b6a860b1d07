import { FileTooLarge, MOST_BYTES, textOfFile } from './textOfFile.ts';

/** Files with a table of a class in them, for a field that takes one. */
export const TABLE_FILES = '.csv,.txt,.tsv,.xlsx,.ods';
/** Milliseconds a workbook may take to read. */
const TIMEOUT_MS = 15_000;
/** What a zip begins with, which workbooks are. */
const ZIP = [0x50, 0x4b];

/** What a workbook says, read in a worker that can be ended. @throws Error where it cannot be read in time */
const workbookText = (bytes: Uint8Array): Promise<string> => {
  const worker = new Worker(new URL('./workbook.worker.ts', import.meta.url), { type: 'module' });
  return new Promise<string>((done, failed) => {
    const timer = setTimeout(() => failed(new Error('it takes too long')), TIMEOUT_MS);
    worker.addEventListener('message', ({ data }: MessageEvent<{ text: string | undefined }>) => {
      clearTimeout(timer);
      if (data.text === undefined) failed(new Error('no workbook'));
      else done(data.text);
    });
    worker.addEventListener('error', () => failed(new Error('no workbook')));
    worker.postMessage(bytes);
  }).finally(() => worker.terminate());
};

/** The text of a file with a table in it: a workbook's first sheet, or a text file as it is. @throws FileTooLarge, or Error where it is no table */
export const tableTextOfFile = async (file: File): Promise<string> => {
  if (file.size > MOST_BYTES) throw new FileTooLarge();
  const bytes = new Uint8Array(await file.arrayBuffer());
  return ZIP.every((byte, i) => bytes[i] === byte) ? workbookText(bytes) : textOfFile(file);
};
