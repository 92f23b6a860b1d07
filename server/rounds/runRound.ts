import type { BoardState, PostMove, PostRound, PostTaps, Round, RoundAnswer } from '../../contract/index.ts';
import { moveRound, ROUND_START } from '../../core/rounds/index.ts';
import type { Database } from 'better-sqlite3';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import { roundItem, type Recorder } from '../answers/recordAnswer.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { RoundRepository } from './roundRepository.ts';

interface Parts {
  readonly db: Database;
  readonly rounds: RoundRepository;
  readonly lessons: LessonRepository;
  readonly children: ChildRepository;
  readonly answers: AnswerRepository;
  readonly recorder: Recorder;
  readonly now: Now;
}

/** What happens to rounds: begun, moved, tapped. */
export const createRoundRunner = ({ db, rounds, lessons, children, answers, recorder, now }: Parts) => {
  const roundAnswers = (round: Round): RoundAnswer[] =>
    answers.countedOfRound(round.id).map((row) => ({
      childId: row.childId,
      index: row.roundIndex!,
      answer: row.answer,
      verdict: row.verdict,
      source: row.source,
    }));

  return {
    /** The latest round of today with its answers; one left open on an earlier day does not come back. */
    board: (stations: number[]): BoardState => {
      const latest = rounds.latest();
      const serverNow = now().getTime();
      if (latest === undefined || latest.day !== dayOf(now())) return { round: null, answers: [], stations, serverNow };
      return { round: latest.round, answers: roundAnswers(latest.round), stations, serverNow };
    },

    /** Begins the show-me round of a lesson; the same id again changes nothing. */
    begin: ({ id, lessonId }: PostRound): void => {
      if (rounds.maybe(id) !== undefined) return;
      const segment = lessons.one(lessonId).segments.find(({ kind }) => kind === 'show-me');
      if (segment === undefined) throw new HoppelError('not-found', 'this lesson has no show-me round');
      const at = now();
      const before = rounds.latest();
      // Who is absent today is away; who was away in the morning's first round is away in the next one too.
      const away = [
        ...new Set([...children.absentIds(dayOf(at)), ...(before?.day === dayOf(at) ? before.round.away : [])]),
      ];
      rounds.begin(
        {
          id,
          lessonId,
          times: segment.times,
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
      // A finished round may be taken back a step, one that gave way to a new round may not.
      if (round.closed && (latest.id !== id || move !== 'back')) throw new HoppelError('round-closed');
      if (round.version !== version) throw new HoppelError('round-moved-on');
      const place = moveRound(round, move, round.times.length);
      rounds.save({
        ...round,
        ...place,
        version: version + 1,
        phaseSince: place.phase === round.phase && place.index === round.index ? round.phaseSince : now().getTime(),
        closed: place.phase === 'done',
      });
    },

    /** Keeps what the teacher saw for one item, all or nothing; ids already stored are passed over. */
    tap: db.transaction((id: string, { index, taps }: PostTaps): void => {
      const round = rounds.one(id);
      if (round.closed) throw new HoppelError('round-closed');
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
