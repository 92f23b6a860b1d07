import { computed, ref, shallowRef, watch } from 'vue';
import { v4 as newId } from 'uuid';
import { Pile, type PileDeed, type PileMark, type PileNews } from '../../contract/index.ts';
import { asGiven } from '../../core/answers/index.ts';
import type { Answer, Item } from '../../core/items/index.ts';
import { Refused, get } from '../api/client.ts';
import { useBoardStore } from '../stores/board.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';
import { outboxOf } from './outboxes.ts';
import { placeKey, stateOf, undoing, withDeed, withNews, type PileState } from './pileState.ts';

/** A place that is marked: whose, which task, and what was seen. */
export interface Marked {
  readonly childId: number;
  readonly task: number;
  readonly item: Item;
  readonly answer: Answer;
}

/** One pile on the desk: what is kept of it, what is on its way, what other screens do in it. */
export const usePile = (pileId: string) => {
  const board = useBoardStore();
  const store = useClassroomStore();
  const pile = shallowRef<Pile>();
  const kept = shallowRef<PileState>({ children: [], marks: new Map() });
  /** Message key of what went wrong last, if anything. */
  const problem = ref<string>();
  /** Was the pile never there, rather than out of reach? */
  const isGone = ref(false);

  /** Grows with everything that is heard of the pile. */
  let heard = 0;
  let last: PileNews['saidAs'] | undefined;
  const hear = (news: PileNews): void => {
    // The reply to a deed may come after what another desk did since.
    if (last?.run === news.saidAs.run && last.seq >= news.saidAs.seq) return;
    last = news.saidAs;
    heard += 1;
    kept.value = withNews(kept.value, news);
  };
  const load = async (): Promise<void> => {
    try {
      const before = heard;
      const found = await get(Pile, `/piles/${pileId}`);
      // What was heard meanwhile may not be in it yet.
      if (before !== heard) return await load();
      pile.value = found;
      kept.value = stateOf(found);
      isGone.value = false;
      if (problem.value === 'problem.unreachable') problem.value = undefined;
    } catch (error) {
      isGone.value = error instanceof Refused && error.code === 'unknown-pile';
      problem.value = problemKey(error);
    }
  };
  const outbox = outboxOf(pileId);
  // At once, each: two that come together are two.
  watch(outbox.kept, (news) => news !== undefined && hear(news), { flush: 'sync' });
  watch(outbox.refused, (why) => {
    if (why === undefined) return;
    problem.value = `problem.${why.code}`;
    void load();
  });
  watch(
    () => board.piled,
    (news) => {
      if (news?.pileId === pileId) hear(news);
    },
    { flush: 'sync' },
  );
  // A stream that was lost may have missed something.
  watch(
    () => board.connected,
    (now) => now && void load(),
  );
  void load();

  const conventions = computed(() => pile.value?.printed?.conventions ?? store.classroom!.settings);
  const state = computed(() =>
    outbox.waiting.value.reduce((now, deed) => withDeed(now, deed, conventions.value), kept.value),
  );
  const markAt = (childId: number, task: number): PileMark | undefined =>
    state.value.marks.get(placeKey(childId, task));

  /** What was seen there, to be seen again when it is undone. */
  const givenAt = (childId: number, task: number): Answer | undefined => {
    const mark = markAt(childId, task);
    return mark && asGiven(mark.read);
  };

  /** Marks places, all as one step. */
  const mark = (places: readonly Marked[], fromFile = false): void => {
    const made = places.map((place) => ({ ...place, id: newId() }));
    problem.value = undefined;
    const step = made.map(({ childId, task, item, id }) => ({
      ...{ childId, task, item, id },
      was: givenAt(childId, task) ?? null,
    }));
    outbox.add(
      made.map((one) => ({ what: 'mark', ...one, ...(fromFile && { fromFile: true as const }) })),
      { what: 'marks', places: step },
    );
  };
  /**
   * Says whether a child's paper is there, or which form it is. Marks of another form are let go: they were of other tasks.
   * @param itemsOf tasks of a form
   */
  const say = (
    childId: number,
    change: { readonly away?: boolean; readonly form?: number },
    itemsOf: (form: number) => readonly Item[],
  ): void => {
    const child = state.value.children.find((one) => one.childId === childId);
    if (child === undefined) return;
    const was = { away: child.away, form: child.form };
    const isOther = change.form !== undefined && change.form !== was.form;
    const gone = itemsOf(was.form).flatMap((item, task) => {
      const mark = isOther ? markAt(childId, task) : undefined;
      return mark === undefined ? [] : [{ task, item, mark }];
    });
    outbox.add(
      [
        ...gone.map(({ task, mark }): PileDeed => ({
          what: 'take-back',
          id: newId(),
          childId,
          task,
          answerId: mark.answerId,
        })),
        { what: 'child', id: newId(), childId, ...was, ...change },
      ],
      {
        ...{ what: 'child', childId, was },
        marks: gone.flatMap(({ task, item, mark }) => {
          const answer = asGiven(mark.read);
          return answer === undefined ? [] : [{ task, item, answer }];
        }),
      },
    );
  };
  return {
    pile,
    problem,
    isGone,
    load,
    conventions,
    children: computed(() => state.value.children),
    marks: computed(() => state.value.marks),
    markAt,
    mark,
    say,
    waiting: computed(() => outbox.waiting.value.length),
    isStuck: outbox.isStuck,
    isUnsafe: outbox.isUnsafe,
    canUndo: outbox.canUndo,
    /** @returns the first place that changed, to look at */
    undo: (): { childId: number; task: number } | undefined => {
      const step = outbox.takeStep();
      if (step === undefined) return undefined;
      const deeds = undoing(state.value, step, newId);
      if (deeds.length > 0) outbox.add(deeds);
      const first = step.what === 'child' ? step : step.places[0]!;
      return { childId: first.childId, task: step.what === 'child' ? 0 : step.places[0]!.task };
    },
  };
};
export type PileDesk = ReturnType<typeof usePile>;
