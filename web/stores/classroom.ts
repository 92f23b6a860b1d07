import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { Classroom, Settings, type Child, type PostClassroom } from '../../contract/index.ts';
import { currentLesson } from '../../core/planning/index.ts';
import { Unreachable, get, post, put } from '../api/client.ts';

/** The class, its unit and its settings: what every screen of the teacher's shares. */
export const useClassroomStore = defineStore('classroom', () => {
  const classroom = shallowRef<Classroom>();
  const failed = ref(false);

  const load = async (): Promise<void> => {
    failed.value = false;
    try {
      classroom.value = await get(Classroom, '/classroom');
    } catch (error) {
      failed.value = true;
      throw error;
    }
  };
  /** Looks again for what may have changed, such as the day; what was there stays when the server does not answer. */
  const refresh = async (): Promise<void> => {
    try {
      classroom.value = await get(Classroom, '/classroom');
    } catch (error) {
      if (!(error instanceof Unreachable)) throw error;
    }
  };
  const setUp = async (fresh: PostClassroom): Promise<void> => {
    classroom.value = await post(Classroom, '/classroom', fresh);
  };
  const takeSettings = (settings: Settings): void => {
    if (classroom.value !== undefined) classroom.value = { ...classroom.value, settings };
  };
  const saveSettings = async (settings: Settings): Promise<void> => {
    takeSettings(await put(Settings, '/settings', settings));
  };

  const lesson = computed(() => classroom.value && currentLesson(classroom.value.lessons, classroom.value.today));
  const childById = computed(
    () => new Map<number, Child>(classroom.value?.children.map((child) => [child.id, child]) ?? []),
  );
  return { classroom, failed, lesson, childById, load, refresh, setUp, takeSettings, saveSettings };
});
