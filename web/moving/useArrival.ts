import { computed, onUnmounted, ref, shallowRef } from 'vue';
import { Arrival, type TakeIn } from '../../contract/index.ts';
import { Refused, postLong, tell } from '../api/client.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';
import { asTakeIn, firstWish, unsaid, type ClassWish } from './wishes.ts';

/** A file of classes: looked into, said of each class and child what is wanted, and taken in. */
export const useArrival = () => {
  const store = useClassroomStore();
  const arrival = shallowRef<Arrival>();
  const wishes = ref(new Map<number, ClassWish>());
  const busy = ref<'looking' | 'taking'>();
  const problem = ref<string>();
  /** Where the fault of a file is, as the server has it. */
  const detail = ref('');
  /** Names of the classes that were taken in last. */
  const taken = ref<readonly string[]>([]);

  const tried = async (what: 'looking' | 'taking', work: () => Promise<void>): Promise<void> => {
    busy.value = what;
    problem.value = undefined;
    taken.value = [];
    try {
      await work();
    } catch (error) {
      problem.value = problemKey(error);
      detail.value = error instanceof Refused && error.code === 'bad-file' ? error.detail : '';
      // It has to be chosen anew.
      if (error instanceof Refused && error.code === 'arrival-gone') arrival.value = undefined;
    } finally {
      busy.value = undefined;
    }
  };
  const letGo = (): void => {
    const { id } = arrival.value ?? {};
    arrival.value = undefined;
    // Where it does not get through, the file is forgotten within the hour.
    if (id !== undefined) void tell('DELETE', `/moving/arrivals/${id}`).catch(() => undefined);
  };
  const look = (file: File): Promise<void> =>
    tried('looking', async () => {
      letGo();
      const found = await postLong(Arrival, '/moving/arrivals', file);
      wishes.value = new Map(found.classes.map((one) => [one.number, firstWish(one, found.here)]));
      arrival.value = found;
    });
  const sent = computed((): TakeIn[] => [...wishes.value].flatMap(([number, wish]) => asTakeIn(number, wish) ?? []));
  const open = computed(() => [...wishes.value.values()].reduce((sum, wish) => sum + unsaid(wish).length, 0));
  const wanted = computed(() => [...wishes.value.values()].filter(({ as }) => as !== 'leave').length);
  const take = (): Promise<void> =>
    tried('taking', async () => {
      const { id, classes } = arrival.value!;
      await store.bringIn(id, sent.value);
      taken.value = classes.filter(({ number }) => wishes.value.get(number)?.as !== 'leave').map(({ name }) => name);
      arrival.value = undefined;
    });
  onUnmounted(letGo);
  return {
    arrival,
    wishes,
    busy,
    problem,
    detail,
    taken,
    look,
    letGo,
    take,
    /** Children of whom nobody has said yet who they are. */
    open,
    canTake: computed(() => wanted.value > 0 && sent.value.length === wanted.value && busy.value === undefined),
    wish: (number: number, wish: ClassWish): void => {
      wishes.value = new Map([...wishes.value, [number, wish]]);
    },
  };
};
