/** Case, accents and blanks aside. */
const plain = (name: string): string =>
  name.normalize('NFKD').replaceAll(/\p{M}/gu, '').toLowerCase().trim().replaceAll(/\s+/g, ' ');

/** May two children of two lists be the same one, by their names? A person says whether they are. */
export const namesMeet = (one: string, other: string): boolean => plain(one) === plain(other);
