import { ref, shallowRef, watch, type ShallowRef } from 'vue';
import type { z } from 'zod';
import { get } from '../api/client.ts';
import { createLookout, createNewest, saysSame } from '../api/latest.ts';
import { useBoardStore } from '../stores/board.ts';
import { usePlanStore } from '../stores/plan.ts';
import { problemKey } from '../words/problemWords.ts';

/** A view of the record, fetched again whenever the record or the unit changes; `take` takes in one that came as a reply. */
export const useRecord = <S extends z.ZodType>(schema: S, path: () => string) => {
  const data: ShallowRef<z.output<S> | undefined> = shallowRef();
  /** Message key of what went wrong last, if anything. */
  const problem = ref<string>();
  const board = useBoardStore();
  const plan = usePlanStore();
  const { take, refresh } = createNewest<z.output<S>>((fresh) => {
    // What follows from a view is worked out anew only where there is something new.
    if (!saysSame(fresh, data.value)) data.value = fresh;
    problem.value = undefined;
  });
  const look = async (): Promise<z.output<S> | undefined> => {
    const asked = path();
    const found = await get(schema, asked);
    // Otherwise another one is looked at by now.
    return asked === path() ? found : undefined;
  };
  const load = async (): Promise<void> => {
    try {
      await refresh(look);
    } catch (error) {
      problem.value = problemKey(error);
    }
  };
  watch([path, () => board.recordVersion, () => board.connected, () => plan.state?.version], createLookout(load), {
    immediate: true,
  });
  return { data, problem, take };
};
