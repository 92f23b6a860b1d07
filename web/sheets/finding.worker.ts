import {
  bestTime,
  formsThatTell,
  type FindingWishes,
  type FormsStep,
  type PaperItem,
} from '../../core/sheets/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import { whatItFinds, type Finds } from '../../core/sets/finding/index.ts';

/** What is asked of the worker; `id` comes back with the answer. */
export type FindingAsk =
  | {
      readonly id: number;
      readonly what: 'finds';
      readonly items: readonly PaperItem[];
      readonly wishes: FindingWishes;
    }
  | {
      readonly id: number;
      readonly what: 'better';
      readonly forms: readonly (readonly PaperItem[])[];
      readonly wishes: FindingWishes;
    };
/** What it answers: what a form finds out, how far the choosing is, and what came of it. */
export type FindingAnswer = { readonly id: number } & (
  | {
      readonly what: 'finds';
      readonly finds: Finds;
      readonly swap: { readonly place: number; readonly time: DialTime } | undefined;
    }
  | { readonly what: 'step'; readonly swaps: number }
  | { readonly what: 'better'; readonly forms: FormsStep['forms'] }
);

const answer = (one: FindingAnswer): void => postMessage(one);

addEventListener('message', ({ data }: MessageEvent<FindingAsk>) => {
  const { id } = data;
  const wishes = { ...data.wishes, likely: Float64Array.from(data.wishes.likely) };
  if (data.what === 'finds') {
    answer({ id, what: 'finds', finds: whatItFinds(wishes.likely, data.items), swap: bestTime(data.items, wishes) });
    return;
  }
  const steps = formsThatTell(data.forms, wishes);
  for (;;) {
    const step = steps.next();
    if (step.done) return answer({ id, what: 'better', forms: step.value.forms });
    answer({ id, what: 'step', swaps: step.value.swaps });
  }
});
