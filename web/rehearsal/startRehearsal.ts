import { v4 as newId } from 'uuid';
import { MaybeRehearsal, type Lesson } from '../../contract/index.ts';
import { askOutside } from '../api/client.ts';
import { rehearsalPage } from '../api/place.ts';

/** Begins a rehearsal of a lesson and goes there. @throws Refused, Unreachable */
export const startRehearsal = async ({ id, number }: Pick<Lesson, 'id' | 'number'>): Promise<void> => {
  await askOutside(MaybeRehearsal, 'POST', '/rehearsal', { id: newId(), lessonId: id });
  location.assign(rehearsalPage(`/board/${number}`));
};
