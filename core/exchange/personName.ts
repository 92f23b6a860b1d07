/** Surname and first name as lists write them: "Moss, Ada"; not "Fern, the elder". */
const SURNAME_FIRST = /^\s*([^,]+),\s*([^,\s\p{Ll}][^,]*?)\s*$/u;

/** Is it written with the surname first? */
export const isSurnameFirst = (cell: string): boolean => SURNAME_FIRST.test(cell);

/** Surname and first name of a cell written "Moss, Ada". @throws RangeError where it is not written so */
export const surnameAndFirstName = (cell: string): readonly [surname: string, firstName: string] => {
  const found = SURNAME_FIRST.exec(cell);
  if (found === null) throw new RangeError(`no surname first in: ${cell}`);
  return [found[1]!.trim(), found[2]!];
};

/** The name a child is most likely called by: Ada of "Moss, Ada" and of "Ada Moss". */
export const firstNameIn = (cell: string): string =>
  isSurnameFirst(cell) ? surnameAndFirstName(cell)[1] : (cell.trim().split(/\s+/)[0] ?? '');
