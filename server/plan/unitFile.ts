import { UNIT_FILE, UnitFile } from '../../contract/index.ts';
import type { Plan } from '../../core/planning/index.ts';
import { readJsonFile } from '../common/jsonFile.ts';

/** A unit as the text of a file. Ids are this school's own and stay here. */
export const writeUnitFile = (name: string, { choices, skipped, lessons }: Plan): string => {
  const file = {
    ...UNIT_FILE,
    name,
    choices,
    skipped,
    lessons: lessons.map(({ id: _, outcome: __, ...lesson }) => lesson),
  };
  return `${JSON.stringify(UnitFile.parse(file), null, 1)}\n`;
};

/** Reads the text of a unit file. @throws HoppelError bad-file with the place of the fault */
export const readUnitFile = (text: string): UnitFile => readJsonFile(text, UnitFile);
