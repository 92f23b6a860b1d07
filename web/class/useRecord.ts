import { ref, shallowRef, watch, type ShallowRef } from 'vue';
import type { z } from 'zod';
import { get } from '../api/client.ts';
import { createLookout } from '../api/latest.ts';
import { useBoardStore } from '../stores/board.ts';
import { usePlanStore } from '../stores/plan.ts';
import { problemKey } from '../words/problemWords.ts';

/** A view of the record, fetched again whenever the record or the unit changes. */
export const useRecord = <S extends z.ZodType>(schema: S, path: () => string) => {
  const data: ShallowRef<z.output<S> | undefined> = shallowRef();
  /** Message key of what went wrong last, if anything. */
  const problem = ref<string>();
  const board = useBoardStore();
  const plan = usePlanStore();
  const load = async (): Promise<void> => {
    const asked = path();
    try {
      const found = await get(schema, asked);
      // Another one is looked at by now.
      if (asked !== path()) return;
      data.value = found;
      problem.value = undefined;
    } catch (error) {
      problem.value = problemKey(error);
    }
  };
  watch([path, () => board.recordVersion, () => board.connected, () => plan.state?.version], createLookout(load), {
    immediate: true,
  });
  return { data, problem };
};
