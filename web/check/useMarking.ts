import { computed, ref, watch } from 'vue';
import type { ReadAnswer } from '../../core/answers/index.ts';
import type { PileMark } from '../../contract/index.ts';
import {
  afterMark,
  echoOf,
  firstPlace,
  goneOn,
  nextChild,
  offersOf,
  stepped,
  suspectedWith,
  type Direction,
  type EntryContext,
  type Offer,
  type PilePlace,
  type Walk,
} from '../../core/checking/index.ts';
import { rightAnswers, type Answer, type Item } from '../../core/items/index.ts';
import type { PileDesk } from './usePile.ts';

/** Marking a pile: which place is looked at, what is offered there, and what a key does. */
export const useMarking = (desk: PileDesk) => {
  const walk = ref<Walk>('by-child');
  const place = ref<PilePlace>({ row: 0, task: 0 });
  /** Is something else than what is offered being put in? */
  const isElse = ref(false);

  const forms = computed(() => desk.pile.value?.forms ?? []);
  const itemsOf = (form: number): readonly Item[] => forms.value[form] ?? [];
  const rows = computed(() =>
    desk.children.value.map(({ away, form }) => ({ isHere: !away, tasks: itemsOf(form).length })),
  );
  /** The first place of those who are here that was not marked yet. */
  const firstOpen = (): PilePlace | undefined => {
    for (const [row, { childId, form, away }] of desk.children.value.entries()) {
      const task = itemsOf(form).findIndex((_, at) => desk.markAt(childId, at) === undefined);
      if (!away && task >= 0) return { row, task };
    }
    return undefined;
  };
  /** The pile opens where it was left. */
  let isPlaced = false;
  watch(
    () => desk.pile.value,
    (pile) => {
      if (pile === undefined || isPlaced) return;
      isPlaced = true;
      place.value = firstOpen() ?? firstPlace(rows.value) ?? place.value;
    },
    { immediate: true },
  );
  const child = computed(() => desk.children.value[place.value.row]);
  const items = computed(() => itemsOf(child.value?.form ?? 0));
  const item = computed(() => items.value[place.value.task]);
  const marked = computed((): PileMark | undefined =>
    child.value === undefined ? undefined : desk.markAt(child.value.childId, place.value.task),
  );
  const entry = computed((): EntryContext => ({
    conventions: desk.conventions.value,
    // What was written elsewhere was written on a line, as far as anybody knows.
    writing: desk.pile.value?.printed?.content.writing ?? 'line',
  }));
  /** Marks of the child's other tasks. */
  const besides = computed(() =>
    items.value.flatMap((other, task) => {
      const mark = child.value && desk.markAt(child.value.childId, task);
      return task === place.value.task || !mark || mark.verdict === 'right' ? [] : [{ item: other, read: mark.read }];
    }),
  );
  /** What others gave to the same task. */
  const given = computed((): ReadAnswer[] =>
    desk.children.value.flatMap(({ childId, form }) => {
      const mark = desk.markAt(childId, place.value.task);
      const isSame = childId !== child.value?.childId && form === child.value?.form;
      return isSame && mark && mark.verdict !== 'right' ? [mark.read] : [];
    }),
  );
  const offers = computed((): Offer[] => {
    if (child.value === undefined || item.value === undefined) return [];
    return offersOf(item.value, {
      ...entry.value,
      suspected: suspectedWith(child.value.suspected, besides.value),
      common: desk.pile.value?.common ?? [],
      given: given.value,
    });
  });
  const isHere = computed(() => child.value !== undefined && !child.value.away);

  const goTo = (next: PilePlace): void => {
    isElse.value = false;
    place.value = next;
  };
  const markHere = (answer: Answer, stays = false): void => {
    if (!isHere.value || item.value === undefined) return;
    desk.mark([{ childId: child.value!.childId, task: place.value.task, item: item.value, answer }]);
    isElse.value = false;
    if (!stays) goTo(afterMark(rows.value, place.value, walk.value));
  };
  /** The rest of this child's paper is right: what is marked already stays. */
  const restRight = (): void => {
    if (!isHere.value) return;
    const { childId } = child.value!;
    const open = items.value.flatMap((one, task) =>
      desk.markAt(childId, task) === undefined
        ? [{ childId, task, item: one, answer: rightAnswers(one, desk.conventions.value)[0]! }]
        : [],
    );
    if (open.length > 0) desk.mark(open);
    goTo({ ...place.value, task: Math.max(0, items.value.length - 1) });
  };
  return {
    walk,
    place,
    isElse,
    rows,
    child,
    items,
    itemsOf,
    item,
    marked,
    entry,
    offers,
    isHere,
    /** Something else than what is offered is put in, or not any more. */
    showElse: (is: boolean): void => void (isElse.value = is && isHere.value),
    goTo,
    markHere,
    restRight,
    echo: (answer: Answer): string =>
      item.value === undefined ? '' : echoOf(item.value, answer, desk.conventions.value),
    offer: (at: number): void => {
      const one = offers.value[at];
      if (one !== undefined) markHere(one.answer);
    },
    step: (to: Direction): void => goTo(stepped(rows.value, place.value, to)),
    goOn: (): void => goTo(goneOn(rows.value, place.value, walk.value)),
    next: (): void => goTo(nextChild(rows.value, place.value)),
    /** Whether this child's paper is there; its row can be looked at all the same. */
    toggleAway: (): void => {
      if (child.value !== undefined) desk.say(child.value.childId, { away: !child.value.away }, itemsOf);
    },
    otherForm: (): void => {
      if (child.value === undefined || forms.value.length < 2) return;
      desk.say(child.value.childId, { form: (child.value.form + 1) % forms.value.length }, itemsOf);
    },
    undo: (): void => {
      const undone = desk.undo();
      const row = desk.children.value.findIndex(({ childId }) => childId === undone?.childId);
      if (undone !== undefined && row >= 0) goTo({ row, task: undone.task });
    },
  };
};
export type Marking = ReturnType<typeof useMarking>;
