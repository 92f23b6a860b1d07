import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { v4 as newId } from 'uuid';
import {
  Classroom,
  Settings,
  type ListedChild,
  type PutChild,
  type PutClass,
  type PutRoutine,
  type TakeIn,
} from '../../contract/index.ts';
import { currentLesson } from '../../core/planning/index.ts';
import { Refused, Unreachable, get, post, postLong, put } from '../api/client.ts';
import { createNewest } from '../api/latest.ts';

/** The open class, its unit, day and settings: what every screen of the teacher's shares. */
export const useClassroomStore = defineStore('classroom', () => {
  const classroom = shallowRef<Classroom>();
  const failed = ref(false);
  /** This is not the teacher's own computer, and it was not let in as a remote yet. */
  const mustJoin = ref(false);
  /** The cover stands before this window: what is behind it stays as it was, for the server tells less of a class that is covered. */
  const isBehindCover = ref(false);

  const { take, refresh: look } = createNewest<Classroom>((fresh) => (classroom.value = fresh));
  const load = async (): Promise<void> => {
    failed.value = false;
    try {
      take(await get(Classroom, '/classroom'));
      mustJoin.value = false;
    } catch (error) {
      const code = error instanceof Refused ? error.code : undefined;
      mustJoin.value = code === 'teacher-only';
      // What asks for the passphrase stands before everything else.
      failed.value = !mustJoin.value && code !== 'passphrase-needed';
      throw error;
    }
  };
  /** Looks again for what may have changed, such as the day; what was there stays when the server does not answer. */
  const refresh = async (): Promise<void> => {
    if (isBehindCover.value) return;
    try {
      await look(() => get(Classroom, '/classroom'));
    } catch (error) {
      if (error instanceof Refused && error.code === 'teacher-only') mustJoin.value = true;
      else if (error instanceof Refused && error.code === 'passphrase-needed') return;
      else if (!(error instanceof Unreachable)) throw error;
    }
  };

  /** Ids of sends that were not answered: tried again they carry the same one, so nothing is made twice. */
  const sendIds = new Map<string, string>();
  const sendOnce = async (what: string, send: (id: string) => Promise<Classroom>): Promise<void> => {
    const id = sendIds.get(what) ?? newId();
    sendIds.set(what, id);
    take(await send(id));
    sendIds.delete(what);
  };
  const setUp = (name: string, children: readonly string[]): Promise<void> =>
    sendOnce(`class ${name}`, (id) => post(Classroom, '/classes', { id, name, children }));
  /** The made-up class, to look round in. */
  const lookRound = async (): Promise<void> => take(await post(Classroom, '/classes/made-up', {}));
  /** It is out of the way; nothing of one's own is touched. */
  const putDemoAway = async (): Promise<void> => take(await post(Classroom, '/classes/made-up/away', {}));
  /** Deletes the open class for good. @param name its own */
  const eraseClass = async (name: string): Promise<void> =>
    take(await post(Classroom, '/classes/opened/erase', { name }));
  /** Takes in what a file that was looked at has. */
  const bringIn = async (arrivalId: string, classes: readonly TakeIn[]): Promise<void> =>
    take(await postLong(Classroom, `/moving/arrivals/${arrivalId}/take`, { classes }));
  const openClass = async (classId: number): Promise<void> => take(await put(Classroom, '/classes/open', { classId }));
  const changeClass = async (change: PutClass): Promise<void> => take(await put(Classroom, '/classes/opened', change));

  const addChildren = async (names: readonly string[]): Promise<void> =>
    take(await post(Classroom, '/children', { names }));
  const changeChild = async (id: number, change: PutChild): Promise<void> =>
    take(await put(Classroom, `/children/${id}`, change));
  const orderChildren = async (ids: readonly number[]): Promise<void> =>
    take(await put(Classroom, '/children/order', { ids }));

  /** @param seen the day it was changed from @throws Refused changed-elsewhere */
  const saveRoutine = async (entries: PutRoutine['entries'], seen: Classroom['day']['routine']): Promise<void> =>
    take(await put(Classroom, '/day/routine', { entries }, { seen }));
  const chooseMoments = async (moments: readonly number[]): Promise<void> =>
    take(await put(Classroom, '/day/moments', { moments }));
  const setChime = async (chime: number): Promise<void> => take(await put(Classroom, '/day/chime', { chime }));

  const takeSettings = (settings: Settings): void => {
    if (classroom.value !== undefined) take({ ...classroom.value, settings });
  };
  /** @param seen the settings they were changed from @throws Refused changed-elsewhere */
  const saveSettings = async (settings: Settings, seen: Settings): Promise<void> => {
    takeSettings(await put(Settings, '/settings', settings, { seen }));
  };

  const lesson = computed(() => classroom.value && currentLesson(classroom.value.lessons, classroom.value.today));
  const childById = computed(
    () => new Map<number, ListedChild>(classroom.value?.children.map((child) => [child.id, child]) ?? []),
  );
  return {
    classroom,
    failed,
    mustJoin,
    isBehindCover,
    lesson,
    childById,
    take,
    load,
    refresh,
    sendOnce,
    setUp,
    bringIn,
    openClass,
    lookRound,
    putDemoAway,
    eraseClass,
    changeClass,
    addChildren,
    changeChild,
    orderChildren,
    saveRoutine,
    chooseMoments,
    setChime,
    takeSettings,
    saveSettings,
  };
});
