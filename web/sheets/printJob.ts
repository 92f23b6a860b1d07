import { Unreachable } from '../api/client.ts';

/** A job of more pages than this shows how far it is: the server needs seconds for it. */
export const LONG_JOB = 40;

/** What a PDF has for each page that is finished; the pages themselves are compressed, these are not. */
const PAGE = /\/Type \/Page\b/g;

/**
 * Fetches a PDF while it is being made, and says how many pages there are so far.
 * @returns an address of it in this browser
 * @throws Unreachable where it broke off; AbortError where it was cancelled
 */
export const fetchPages = async (
  address: string,
  signal: AbortSignal,
  progress: (pages: number) => void,
): Promise<string> => {
  const response = await fetch(address, { signal });
  if (!response.ok || response.body === null) throw new Unreachable(`status ${response.status}`);
  const reader = response.body.getReader();
  const chunks: Uint8Array<ArrayBuffer>[] = [];
  const decoder = new TextDecoder('latin1');
  let [pages, rest] = [0, ''];
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    chunks.push(value);
    const text = rest + decoder.decode(value);
    const found = [...text.matchAll(PAGE)];
    // What may be the beginning of another one waits for the next piece.
    rest = text.slice(Math.max(found.length > 0 ? found.at(-1)!.index + 1 : 0, text.length - 20)).replace(PAGE, '');
    pages += found.length;
    progress(pages);
  }
  return URL.createObjectURL(new Blob(chunks, { type: 'application/pdf' }));
};
