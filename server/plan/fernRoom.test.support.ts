import { v4 as newId } from 'uuid';
import { defaultChoices } from '../../core/planning/index.ts';
import { openSchool, type School } from '../school.test.support.ts';

/** What its teacher answers before the unit is laid out. */
export const FERN_CHOICES = { ...defaultChoices('2026-11-30', 'Fern Room'), minutes: 18 };

/** A school with one class of two children and no unit yet. */
export const openFernRoom = async (): Promise<School> => {
  const school = await openSchool({ demo: false });
  await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada', 'Bo'] }).expect(201);
  return school;
};
