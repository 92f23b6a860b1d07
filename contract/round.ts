import { z } from 'zod';
import {
  MOST_PICKED_TIMES,
  MOST_ROUND_ITEMS,
  MOST_THINK_SECONDS,
  ROUND_MOVES,
  ROUND_ORIGINS,
  ROUND_PHASES,
  ROUND_TASKS,
  isRoundItem,
  type RoundItem as CoreRoundItem,
} from '../core/rounds/index.ts';
import { PROMPTS } from '../core/asking/index.ts';
import { CORRECTIONS } from '../core/marking/index.ts';
import { Source } from './answer.ts';
import { Answer, Item, ReadAnswer } from './item.ts';
import { SenderId, Time, Verdict } from './values.ts';

/** A task a class can be given at once. */
export const RoundItem = z.custom<CoreRoundItem>(
  (value) => {
    const item = Item.safeParse(value);
    return item.success && isRoundItem(item.data);
  },
  { error: 'must be a task that a whole class can be given' },
);

const pace = {
  /** Seconds of thinking before "show"; 0 leaves it out. */
  thinkSeconds: z.int().min(0).max(MOST_THINK_SECONDS),
  /** Three, two, one before "show". */
  countdown: z.boolean(),
  /** Ask what somebody missed once more later in the round. */
  repeatMissed: z.boolean(),
  /** How its times are asked. */
  prompt: z.enum(PROMPTS),
};
export const RoundPace = z.strictObject(pace);
export type RoundPace = z.infer<typeof RoundPace>;

/** A round on the board. `version` grows by one with every move, so that two boards never move it twice. */
export const Round = z.strictObject({
  id: SenderId,
  lessonId: z.int(),
  /** In asking order. */
  entries: z
    .array(z.strictObject({ item: RoundItem, origin: z.enum(ROUND_ORIGINS) }))
    .min(1)
    .max(MOST_ROUND_ITEMS),
  /** In reserve, for when there is time left. */
  spares: z.array(RoundItem).max(MOST_ROUND_ITEMS),
  ...pace,
  index: z.int().min(0),
  phase: z.enum(ROUND_PHASES),
  revealed: z.int().min(0),
  replays: z.int().min(0),
  version: z.int().min(0),
  /** Children who are not here today; the teacher taps them. */
  away: z.array(z.int()),
  /** When the phase began, milliseconds on the server's clock. */
  phaseSince: z.number(),
  closed: z.boolean(),
});
export type Round = z.infer<typeof Round>;

const Tasks = z.array(z.enum(ROUND_TASKS)).min(1).max(ROUND_TASKS.length);
/** Where the tasks of a round come from: a segment of the lesson, Hoppel's own choice, or the teacher's. */
export const RoundSource = z.discriminatedUnion('what', [
  z.strictObject({ what: z.literal('segment'), at: z.int().min(0).max(19) }),
  z.strictObject({ what: z.literal('surprise'), tasks: Tasks }),
  z.strictObject({ what: z.literal('times'), tasks: Tasks, times: z.array(Time).min(1).max(MOST_PICKED_TIMES) }),
]);
export type RoundSource = z.infer<typeof RoundSource>;

/** Begins a round; without a source it is the lesson's show-me round. */
export const PostRound = z.strictObject({
  id: SenderId,
  lessonId: z.int().positive(),
  source: RoundSource.exactOptional(),
});
export type PostRound = z.infer<typeof PostRound>;

/** A move made from the version the board shows. */
export const PostMove = z.strictObject({ move: z.enum(ROUND_MOVES), version: z.int().min(0) });
export type PostMove = z.infer<typeof PostMove>;

/** The coming tasks in another order, by their places; those left out are not asked. */
export const PutRoundOrder = z.strictObject({
  order: z.array(z.int().min(0).max(MOST_ROUND_ITEMS)).max(MOST_ROUND_ITEMS),
  version: z.int().min(0),
});
export type PutRoundOrder = z.infer<typeof PutRoundOrder>;

/** What the teacher saw for one item: who missed it and who had it, one row a child. */
export const PostTaps = z.strictObject({
  index: z.int().min(0).max(99),
  taps: z.array(z.strictObject({ id: SenderId, childId: z.int().positive(), got: z.boolean() })).max(60),
});
export type PostTaps = z.infer<typeof PostTaps>;

export const PutAway = z.strictObject({ away: z.array(z.int().positive()).max(60) });
export type PutAway = z.infer<typeof PutAway>;

/** The answer that counts for one child and one item of a round: the latest row. */
export const RoundAnswer = z.strictObject({
  childId: z.int(),
  index: z.int(),
  /** As it was read: a drawing's lines are sent to who asks for them. */
  read: ReadAnswer,
  verdict: Verdict,
  source: Source,
});
export type RoundAnswer = z.infer<typeof RoundAnswer>;

/** How many answered an item of a round, and how many of them missed it. */
export const RoundCount = z.strictObject({ given: z.int().min(0), missed: z.int().min(0) });
export type RoundCount = z.infer<typeof RoundCount>;

/** Which of two things a server said is the newer: it grows with each, and begins again with each start of the server. */
export const SaidAs = z.strictObject({ run: SenderId, seq: z.int().min(0) });

/** The board's state: the open round, if any, what is known of it, and the children whose tablets are listening. */
export const BoardState = z.strictObject({
  round: Round.nullable(),
  /** Answers to the item of now. */
  answers: z.array(RoundAnswer),
  /** Of each item, in asking order. */
  counts: z.array(RoundCount),
  stations: z.array(z.int()),
  /** The server's clock when this was made, in milliseconds. */
  serverNow: z.number(),
  saidAs: SaidAs,
});
export type BoardState = z.infer<typeof BoardState>;

/** One answer came in a round. */
export const RoundNews = z.strictObject({
  roundId: SenderId,
  answer: RoundAnswer,
  /** Of its item, with it. */
  count: RoundCount,
  saidAs: SaidAs,
});
export type RoundNews = z.infer<typeof RoundNews>;

/** What children answered to one item of a round, drawings with their lines, and what the teacher says of it. */
export const TaskAnswers = z.array(
  z.strictObject({ ...RoundAnswer.shape, id: SenderId, answer: Answer, says: z.enum(CORRECTIONS).nullable() }),
);
export type TaskAnswers = z.infer<typeof TaskAnswers>;
