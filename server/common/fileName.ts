/** A file's name from what its content is called, without what file systems mind. */
export const fileName = (title: string, ending: string): string =>
  `${title.replace(/[^\p{L}\p{N} -]/gu, '').trim() || 'Hoppel'}.${ending}`;
