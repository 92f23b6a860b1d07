import { UNIT_FILE, UnitFile } from '../../contract/index.ts';
import type { Plan } from '../../core/planning/index.ts';
import { readJsonFile } from '../common/jsonFile.ts';

/** A unit as a file has it. Ids are this school's own and stay here. */
export const unitFileOf = (name: string, { choices, skipped, lessons }: Plan): UnitFile =>
  UnitFile.parse({
    ...UNIT_FILE,
    name,
    choices,
    skipped,
    lessons: lessons.map(({ id: _, outcome: __, ...lesson }) => lesson),
  });

/** The same as text. */
export const writeUnitFile = (name: string, plan: Plan): string =>
  `${JSON.stringify(unitFileOf(name, plan), null, 1)}\n`;

/** Reads the text of a unit file. @throws HoppelError bad-file with the place of the fault */
export const readUnitFile = (text: string): UnitFile => readJsonFile(text, UnitFile);
