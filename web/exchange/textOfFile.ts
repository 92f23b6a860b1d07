/** Larger files are no tables of a class, and are not read. */
export const MOST_BYTES = 2_500_000;
export class FileTooLarge extends Error {}

const UTF_16 = { '255 254': 'utf-16le', '254 255': 'utf-16be' } as const;

/**
 * The text of a file in the encoding it has: UTF-8 or UTF-16 by their marks, UTF-8 where it is one, otherwise Windows-1252, which
 * spreadsheets in western Europe and America write.
 */
export const decodedText = (bytes: Uint8Array): string => {
  const marked = UTF_16[`${bytes[0]} ${bytes[1]}` as keyof typeof UTF_16];
  if (marked !== undefined) return new TextDecoder(marked).decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
};

/** @throws FileTooLarge */
export const textOfFile = async (file: File): Promise<string> => {
  if (file.size > MOST_BYTES) throw new FileTooLarge();
  return decodedText(new Uint8Array(await file.arrayBuffer()));
};
