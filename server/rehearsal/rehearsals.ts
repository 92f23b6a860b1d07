import type { Database } from 'better-sqlite3';
import type { Express } from 'express';
import { v4 as newId } from 'uuid';
import type { Lesson, PostRehearsal, PostRehearsed, Rehearsal, RoundSource } from '../../contract/index.ts';
import { seedFromText, seededRng } from '../../core/common/index.ts';
import { judgeChild, skillsOf } from '../../core/diagnosis/index.ts';
import { DEFAULT_PACE, skillOfCheck } from '../../core/planning/index.ts';
import { answerOf, expectedMisses, roundMinutes, secondsToAnswer, type Believed } from '../../core/rehearsal/index.ts';
import { isRoundItem } from '../../core/rounds/index.ts';
import type { Classroom } from '../classroom/classroom.ts';
import type { Classrooms } from '../classroom/classrooms.ts';
import { dayOf, type Now } from '../clock.ts';
import { createGiveTurn } from '../common/giveTurn.ts';
import { createSerialQueue } from '../common/serialQueue.ts';
import { openEmpty } from '../db/emptyDatabase.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { taughtAgain } from '../record/taughtAgain.ts';
import { tasksOfRound } from '../rounds/roundSource.ts';
import { fillSchool, type MadeUpClass } from './school.ts';

/** A whole server of its own, on a data file of its own. */
export interface OwnServer {
  readonly app: Express;
  readonly classrooms: Classrooms;
  readonly end: () => Promise<void>;
}
interface Parts {
  /** Builds one; its data file is in memory and gone with it. */
  readonly build: (db: Database, now: Now) => OwnServer;
  readonly now: Now;
}

interface Running {
  readonly about: Rehearsal;
  readonly made: MadeUpClass;
  readonly server: OwnServer;
  readonly end: () => Promise<void>;
  hasHandedIn: boolean;
}

/** The first part of a lesson that a whole class can be asked, the show-me round before all others. */
const sourceOf = ({ segments }: Lesson): RoundSource | null => {
  const canBeAsked = (kind: string): number =>
    segments.findIndex((segment) => segment.kind === kind && segment.items.some(isRoundItem));
  if (canBeAsked('show-me') !== -1) return null;
  const at = ['together', 'alone', 'ticket'].map(canBeAsked).find((place) => place !== -1);
  if (at === undefined) throw new HoppelError('nothing-to-ask');
  return { what: 'segment', at };
};

/** The ticket that comes in a lesson or next after it. */
const ticketFrom = (lessons: readonly Lesson[], number: number): Lesson | undefined =>
  lessons.find((one) => one.number >= number && one.kind === 'check' && skillOfCheck(one) !== undefined);

/** What is believed of each child of a class; others have their turn between two children. */
const believedOf = async (
  { children, judged, lessons }: Classroom,
  today: string,
  giveTurn: () => Promise<void>,
): Promise<(Believed & { readonly seen: boolean })[]> => {
  const all: (Believed & { readonly seen: boolean })[] = [];
  for (const { id } of children.all()) {
    const { answers } = judged.ofChild(id);
    const { belief, shares } = judgeChild(answers, { lessons: taughtAgain(lessons, today) });
    all.push({ belief, skills: skillsOf(answers, shares.rules), seen: answers.length > 0 });
    await giveTurn();
  }
  return all;
};

/** Rehearsals, one at a time: the next one begins with the end of the one before. */
export const createRehearsals = ({ build, now }: Parts) => {
  let running: Running | undefined;
  const inTurn = createSerialQueue();
  const end = async (): Promise<void> => {
    const before = running;
    running = undefined;
    await before?.end();
  };
  /** @throws HoppelError not-found */
  const current = (): Running => {
    if (running === undefined) throw new HoppelError('not-found', 'no rehearsal runs');
    return running;
  };

  const start = async (id: string, classroom: Classroom, lesson: Lesson): Promise<Running> => {
    const giveTurn = createGiveTurn();
    const believed = await believedOf(classroom, dayOf(now()), giveTurn);
    if (believed.length === 0) throw new HoppelError('no-children');
    const source = sourceOf(lesson);
    const lessons = classroom.lessons.all();
    const { items } = tasksOfRound(id, lesson, lessons, source ?? undefined);
    const pace = classroom.planner.plan().choices.pace ?? DEFAULT_PACE;
    const missed: number[] = [];
    for (const item of items) {
      missed.push(...expectedMisses(believed, [item]));
      await giveTurn();
    }
    const ticket = ticketFrom(lessons, lesson.number);
    const about: Rehearsal = {
      id,
      lessonId: lesson.id,
      number: lesson.number,
      children: believed.length,
      seen: believed.filter(({ seen }) => seen).length,
      minutes: roundMinutes(items.length, pace),
      source,
      tasks: items.map((item, i) => ({ item, missed: missed[i]! })),
      ticketAt: ticket !== undefined && lessons[ticket.number] !== undefined ? ticket.number + 1 : null,
    };
    await giveTurn();
    const db = openEmpty();
    await giveTurn();
    // The clock of the made-up school stands at the lesson's beginning and goes on from there.
    let [at, since] = [now(), performance.now()];
    const server = build(db, () => new Date(at.getTime() + performance.now() - since));
    const setClock = (to: Date): void => {
      [at, since] = [to, performance.now()];
    };
    await giveTurn();
    const made = await fillSchool(
      { db, classrooms: server.classrooms, setClock, seed: id, giveTurn },
      { classroom, lesson, believed },
    );
    return {
      about,
      made,
      server,
      hasHandedIn: false,
      end: async () => {
        await server.end();
        db.close();
      },
    };
  };

  return {
    /** What runs; none where nothing does. */
    about: (): Rehearsal | null => running?.about ?? null,
    /** Its server, to be asked like any other; none where no rehearsal runs. */
    app: (): Express | undefined => running?.server.app,
    /** @throws HoppelError past, no-children, nothing-to-ask, unknown-lesson */
    begin: (classroom: Classroom, { id, lessonId }: PostRehearsal): Promise<Rehearsal> =>
      inTurn(async () => {
        if (running?.about.id === id) return running.about;
        const lesson = classroom.lessons.one(lessonId);
        if (lesson.day < dayOf(now())) throw new HoppelError('past');
        const fresh = await start(id, classroom, lesson);
        await end();
        running = fresh;
        return fresh.about;
      }),
    /** Whoever has thought long enough answers, once. @returns how many have */
    answer: ({ roundId, index, seconds }: PostRehearsed): number => {
      const { made, about } = current();
      const { recorder, answers, live, runner } = made.classroom;
      const round = runner.today();
      if (round === null || round.id !== roundId || round.index !== index || round.closed) return 0;
      const { item } = round.entries[index]!;
      let answered = 0;
      for (const [childId, child] of made.children) {
        const rng = seededRng(seedFromText(`${about.id} ${roundId} ${index} ${childId}`));
        const isDone = secondsToAnswer(rng) <= seconds;
        if (isDone) answered += 1;
        if (!isDone || answers.hasAnswered(roundId, index, childId)) continue;
        const to = { setting: 'round' as const, roundId, index };
        live.answered(recorder.fromTablet({ id: newId(), childId, answer: answerOf(child, item, rng), to }, true).row);
      }
      return answered;
    },
    /** Everybody hands in the next ticket, once. */
    handIn: (): Rehearsal => {
      const here = current();
      const { made, about } = here;
      if (here.hasHandedIn) return about;
      const { classroom, children } = made;
      const ticket = ticketFrom(classroom.lessons.all(), about.number);
      if (ticket === undefined) throw new HoppelError('nothing-to-ask');
      const rng = seededRng(seedFromText(`ticket ${about.id}`));
      const items = ticket.segments.flatMap(({ kind, items: asked }) => (kind === 'ticket' ? asked : []));
      for (const [childId, child] of children)
        for (const item of items) {
          const row = { id: newId(), childId, lessonId: ticket.id, roundId: null, roundIndex: null, attempt: 1 };
          classroom.recorder.keep(row, item, answerOf(child, item, rng), 'simulated');
        }
      here.hasHandedIn = true;
      classroom.live.answersChanged(ticket.id);
      return about;
    },
    end,
  };
};
export type Rehearsals = ReturnType<typeof createRehearsals>;
