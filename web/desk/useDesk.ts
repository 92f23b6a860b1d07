import { onScopeDispose, ref, shallowRef, watch } from 'vue';
import { v4 as newId } from 'uuid';
import { Desk, type Thresholds } from '../../contract/index.ts';
import type { Decision } from '../../core/planning/index.ts';
import { get, put } from '../api/client.ts';
import { createNewest, createLookout } from '../api/latest.ts';
import { useBoardStore } from '../stores/board.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanStore } from '../stores/plan.ts';
import { problemKey } from '../words/problemWords.ts';

/** Milliseconds between two tries while the server does not answer. */
const RETRY_MS = 2000;

/** The desk of one lesson, none in a class without a unit: what is ticked, what the last check said. Fetched again when the record changes. */
export const useDesk = (lessonId: () => number | undefined) => {
  const desk = shallowRef<Desk>();
  /** Message key of what went wrong last, if anything. */
  const problem = ref<string>();
  const board = useBoardStore();
  const classroom = useClassroomStore();
  const plan = usePlanStore();

  const { take, refresh } = createNewest<readonly [of: number | undefined, fresh: Desk]>(([of, fresh]) => {
    if (of === lessonId()) desk.value = fresh;
  });
  const tried = async (work: () => Promise<void>): Promise<void> => {
    try {
      await work();
      problem.value = undefined;
    } catch (error) {
      problem.value = problemKey(error);
    }
  };
  let last: Promise<unknown> = Promise.resolve();
  /** Writes go one after another; while the server does not answer that is said, and the write tried again. */
  const write = (send: () => Promise<Desk>, of: number | undefined): Promise<void> => {
    const turn = last.then(async () => {
      for (;;) {
        await tried(async () => take([of, await send()]));
        if (problem.value !== 'problem.unreachable' || ended) return;
        await new Promise((again) => setTimeout(again, RETRY_MS));
      }
    });
    last = turn;
    return turn;
  };
  let ended = false;
  onScopeDispose(() => (ended = true));
  const load = async (): Promise<void> => {
    const of = lessonId();
    if (of !== undefined) await tried(() => refresh(async () => [of, await get(Desk, `/lessons/${of}/desk`)]));
  };
  /** Id of a decision on its way: tried again it is the same one, so no lesson is put in twice. */
  const decisionIds = new Map<string, string>();
  const decide = async (decision: Decision): Promise<void> => {
    const what = `${lessonId()} ${decision}`;
    const id = decisionIds.get(what) ?? newId();
    decisionIds.set(what, id);
    const at = lessonId();
    // Before it is sent: that the unit is another now may be told before the reply comes.
    const before = classroom.classroom!.lessons;
    await write(() => put(Desk, `/lessons/${at}/decision`, { id, decision }), at);
    if (problem.value !== undefined) return;
    decisionIds.delete(what);
    // A lesson was put in, or a small group is there.
    await classroom.refresh();
    if (decision !== 'teach-again') return;
    const { plan: now, lessons } = classroom.classroom!;
    const deed = now?.undo ?? undefined;
    if (deed !== undefined && lessons.length > before.length) plan.tell('done', deed, before, lessons);
  };
  const setThresholds = async (thresholds: Thresholds): Promise<void> => {
    try {
      await classroom.changeClass({ thresholds });
      await load();
    } catch (error) {
      problem.value = problemKey(error);
    }
  };
  watch([lessonId, () => board.recordVersion, () => board.connected, () => plan.state?.version], createLookout(load), {
    immediate: true,
  });

  return {
    desk,
    problem,
    tick: (item: string, ticked: boolean): Promise<void> => {
      const at = lessonId();
      return write(() => put(Desk, `/lessons/${at}/ready/${item}`, { ticked }), at);
    },
    decide,
    setThresholds,
  };
};
