import type {
  AnswerRow,
  BoardState,
  PostMove,
  PostRound,
  PostTaps,
  PutRoundOrder,
  Round,
  RoundNews,
  RoundPace,
  TaskAnswers,
} from '../../contract/index.ts';
import { DEFAULT_PACE } from '../../core/planning/index.ts';
import { MOST_THINK_SECONDS, ROUND_START, moveRound, reordered } from '../../core/rounds/index.ts';
import type { Database } from 'better-sqlite3';
import { v4 as newId } from 'uuid';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import { roundItem, type Recorder } from '../answers/recordAnswer.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { PlanRepository } from '../plan/planRepository.ts';
import { createRoundAnswers } from './roundAnswers.ts';
import type { RoundRepository } from './roundRepository.ts';
import { tasksOfRound } from './roundSource.ts';

interface Parts {
  readonly db: Database;
  readonly rounds: RoundRepository;
  readonly lessons: LessonRepository;
  readonly children: ChildRepository;
  readonly answers: AnswerRepository;
  readonly recorder: Recorder;
  readonly plans: Pick<PlanRepository, 'maybeHead'>;
  readonly now: Now;
}

/** What happens to rounds: begun, moved, tapped. */
export const createRoundRunner = ({ db, rounds, lessons, children, answers, recorder, plans, now }: Parts) => {
  const read = createRoundAnswers(answers);
  const run = newId();
  let seq = 0;
  const saidAs = (): BoardState['saidAs'] => ({ run, seq: ++seq });
  /** The latest round of today; one left open on an earlier day does not come back, one of tomorrow is today's on a clock put back. */
  const today = (): Round | null => {
    const latest = rounds.latest();
    return latest !== undefined && latest.day >= dayOf(now()) ? latest.round : null;
  };

  /** How a class's round is run: as the last one today, otherwise as the plan reckons. */
  const paceAfter = (before: Round | undefined): RoundPace => {
    const { think } = plans.maybeHead()?.plan.choices.pace ?? DEFAULT_PACE;
    const { thinkSeconds, countdown, repeatMissed, prompt } = before ?? {
      thinkSeconds: Math.min(think, MOST_THINK_SECONDS),
      countdown: true,
      prompt: 'both' as const,
      repeatMissed: true,
    };
    return { thinkSeconds, countdown, repeatMissed, prompt };
  };
  /** @throws HoppelError round-moved-on when the board did not show the newest state */
  const atVersion = (id: string, version: number): Round => {
    const round = rounds.one(id);
    if (round.version !== version) throw new HoppelError('round-moved-on');
    return round;
  };

  return {
    today,
    /** The round on the board with what is known of it. */
    board: (stations: number[]): BoardState => {
      const round = today();
      return {
        round,
        answers: round === null ? [] : read.ofTask(round.id, round.index),
        counts: round === null ? [] : round.entries.map((_, index) => read.count(round.id, index)),
        stations,
        serverNow: now().getTime(),
        saidAs: saidAs(),
      };
    },
    /** What is new by an answer that was kept; nothing where it is not of the round on the board. */
    newsOf: (row: AnswerRow): RoundNews | undefined => {
      const { roundId, roundIndex, childId } = row;
      if (roundId === null || roundIndex === null || today()?.id !== roundId) return undefined;
      read.add({ ...row, roundId });
      const answer = read.ofTask(roundId, roundIndex).find((one) => one.childId === childId);
      return answer && { roundId, answer, count: read.count(roundId, roundIndex), saidAs: saidAs() };
    },
    /** Answers to one task of a round, drawings with their lines. @param childId of this child alone */
    taskAnswers: (id: string, index: number, childId: number | undefined): TaskAnswers =>
      answers.lookedAtOfTask(rounds.one(id).id, index).flatMap((row) =>
        childId === undefined || row.childId === childId
          ? [
              {
                id: row.id,
                childId: row.childId,
                index,
                answer: row.answer,
                read: row.read,
                verdict: row.verdict,
                source: row.source,
                says: row.says,
              },
            ]
          : [],
      ),

    /** Begins a round; the same id again changes nothing. */
    begin: ({ id, lessonId, source }: PostRound): void => {
      if (rounds.maybe(id) !== undefined) return;
      const { items, spares } = tasksOfRound(id, lessons.one(lessonId), lessons.all(), source);
      const at = now();
      const before = today() ?? undefined;
      // Who is absent today is away; who was away in the morning's first round is away in the next one too.
      const away = [...new Set([...children.absentIds(dayOf(at)), ...(before?.away ?? [])])];
      rounds.begin(
        {
          id,
          lessonId,
          entries: items.map((item) => ({ item, origin: 'planned' as const })),
          spares,
          ...paceAfter(before),
          ...ROUND_START,
          version: 0,
          away,
          phaseSince: at.getTime(),
          closed: false,
        },
        dayOf(at),
      );
    },

    /** @throws HoppelError round-moved-on when the board did not show the newest state */
    move: (id: string, { move, version }: PostMove): void => {
      const round = rounds.one(id);
      const latest = rounds.latest()!.round;
      // A finished round may be taken back a step or asked more of, one that gave way to a new round may not.
      if (round.closed && (latest.id !== id || (move !== 'back' && move !== 'more')))
        throw new HoppelError('round-closed');
      atVersion(id, version);
      const moved = moveRound(round, move, read.count(round.id, round.index).missed > 0);
      rounds.save({
        ...round,
        ...moved,
        entries: [...moved.entries],
        spares: [...moved.spares],
        version: version + 1,
        phaseSince: moved.phase === round.phase && moved.index === round.index ? round.phaseSince : now().getTime(),
        closed: moved.phase === 'done',
      });
    },

    /**
     * Asks the coming tasks in another order, some of them left out.
     * @throws HoppelError round-moved-on, malformed
     */
    reorder: (id: string, { order, version }: PutRoundOrder): void => {
      const round = atVersion(id, version);
      try {
        rounds.save({ ...round, entries: reordered(round.entries, round.index, order), version: version + 1 });
      } catch (error) {
        if (error instanceof RangeError) throw new HoppelError('malformed', error.message);
        throw error;
      }
    },

    setPace: (id: string, pace: RoundPace): void => rounds.save({ ...rounds.one(id), ...pace }),

    /** Keeps what the teacher saw for one item, all or nothing; ids already stored are passed over. */
    tap: db.transaction((id: string, { index, taps }: PostTaps): void => {
      const round = rounds.one(id);
      // What she remembers at the round's end is kept too; one that gave way to a new round is over.
      if (round.closed && rounds.latest()!.round.id !== id) throw new HoppelError('round-closed');
      const item = roundItem(round, index);
      for (const { id: rowId, childId, got } of taps) {
        children.one(childId);
        const answer = { kind: 'observed', got } as const;
        if (recorder.repeatOf({ id: rowId, childId, answer }) !== undefined) continue;
        const row = { id: rowId, childId, lessonId: round.lessonId, roundId: id, roundIndex: index, attempt: 1 };
        recorder.keep(row, item, answer, 'teacher');
      }
    }),

    setAway: (id: string, away: readonly number[]): void => {
      away.forEach((childId) => children.one(childId));
      rounds.save({ ...rounds.one(id), away: [...away] });
    },
  };
};
export type RoundRunner = ReturnType<typeof createRoundRunner>;
