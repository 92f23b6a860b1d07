import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import { LikelyStates } from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import { FINDING_STATES, type Finds, type Likely } from '../../core/sets/finding/index.ts';
import type { FindingWishes, PaperItem } from '../../core/sheets/index.ts';
import { useRecord } from '../class/useRecord.ts';
import type { FindingAnswer, FindingAsk } from './finding.worker.ts';

/** What a form finds out, and times that would find out more: worked out beside the page, which goes on meanwhile. */
export const useFinding = (
  look: () =>
    | {
        readonly items: readonly PaperItem[];
        readonly wishes: Omit<FindingWishes, 'likely'>;
        readonly childIds: readonly number[] | undefined;
      }
    | undefined,
) => {
  const finds = shallowRef<Finds>();
  const swap = shallowRef<{ readonly place: number; readonly time: DialTime }>();
  /** Swaps made so far, while better times are chosen. */
  const swaps = ref<number>();
  const { data: known, problem } = useRecord(LikelyStates, () => {
    const childIds = look()?.childIds ?? [];
    return childIds.length === 0 ? '/record/likely' : `/record/likely?children=${childIds.join()}`;
  });
  const likely = computed(
    (): Likely | undefined => known.value && Float64Array.from(FINDING_STATES, (state) => known.value!.states[state]),
  );
  /** Did the work beside the page fail? */
  const failed = ref(false);
  let asked = 0;
  let chosen: ((forms: readonly (readonly PaperItem[])[] | undefined) => void) | undefined;
  let worker: Worker;
  const begin = (): void => {
    worker = new Worker(new URL('./finding.worker.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('error', () => {
      failed.value = true;
      end();
    });
    worker.addEventListener('message', ({ data }: MessageEvent<FindingAnswer>) => {
      // Something else is on the table by now.
      if (data.id !== asked) return;
      if (data.what === 'finds') [finds.value, swap.value] = [data.finds, data.swap];
      else if (data.what === 'step') swaps.value = data.swaps;
      else end(data.forms);
    });
  };
  /** A worker that fails leaves the times as they are. */
  const end = (forms?: readonly (readonly PaperItem[])[]): void => {
    swaps.value = undefined;
    chosen?.(forms);
    chosen = undefined;
  };
  begin();
  onScopeDispose(() => worker.terminate());
  /** Nothing of the page goes over to the worker but what it is told. */
  const ask = (one: FindingAsk): void => worker.postMessage(JSON.parse(JSON.stringify(one, asNumbers)));
  const asNumbers = (_: string, value: unknown): unknown => (value instanceof Float64Array ? [...value] : value);

  watch(
    () => [look(), likely.value] as const,
    ([now, of]) => {
      if (now === undefined || of === undefined) return;
      asked += 1;
      failed.value = false;
      end();
      ask({ id: asked, what: 'finds', items: now.items, wishes: { ...now.wishes, likely: of } });
    },
    { immediate: true },
  );
  return {
    finds,
    swap,
    swaps,
    /** Message key of why nothing can be said, if so. */
    problem: computed(() => problem.value ?? (failed.value ? 'finds.failed' : undefined)),
    /** Chooses times that find out more. @returns nothing where it was stopped */
    better: (forms: readonly (readonly PaperItem[])[]): Promise<readonly (readonly PaperItem[])[] | undefined> => {
      const now = look();
      if (now === undefined || likely.value === undefined) return Promise.resolve(undefined);
      asked += 1;
      swaps.value = 0;
      ask({ id: asked, what: 'better', forms, wishes: { ...now.wishes, likely: likely.value } });
      return new Promise((done) => (chosen = done));
    },
    stop: (): void => {
      worker.terminate();
      begin();
      end();
    },
  };
};
export type Finding = ReturnType<typeof useFinding>;
