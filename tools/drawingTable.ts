/**
 * What the reader of drawings makes of drawings it was made with, and of habits it has never seen: of each habit, the share read as it was
 * drawn, of both hands to six degrees; the share it does not read; and the share it reads otherwise and is sure of.
 * All of them are made up by core/simulation.
 */
import { ALL_DIAL_TIMES, angleBetween, handAngles, handsApart } from '../core/clock/index.ts';
import { seededRng } from '../core/common/index.ts';
import { HABITS, SCRIBBLES, scrawl, scribbled, type Habit, type Scribble } from '../core/simulation/scrawl/index.ts';
import { readDrawing, type DrawingRead } from '../core/strokes/index.ts';

const EACH = Number(process.argv[2] ?? 400);
const SEED = Number(process.argv[3] ?? 1);
const WITH_UNSEEN = process.argv[4] === 'all';
const NEAR_DEGREES = 6;
const SURE = 0.8;
const TIMES = ALL_DIAL_TIMES.filter((time) => handsApart(time) >= 8);

type Outcome = 'right' | 'unread' | 'doubted' | 'sure-and-wrong';
const confidenceOf = (read: DrawingRead): number => (read.kind === 'hands' ? read.confidence : 0);
const outcomeOf = (read: DrawingRead, hands: { hour: number; minute: number } | undefined): Outcome => {
  if (read.kind !== 'hands') return hands === undefined ? 'right' : 'unread';
  const [hour, minute] = read.hands;
  if (
    hands !== undefined &&
    hour !== undefined &&
    minute !== undefined &&
    angleBetween(hour.angle, hands.hour) <= NEAR_DEGREES &&
    angleBetween(minute.angle, hands.minute) <= NEAR_DEGREES
  )
    return 'right';
  return confidenceOf(read) > SURE ? 'sure-and-wrong' : 'doubted';
};
const table: Record<string, Record<string, string>> = {};
const line = (name: string, outcomes: readonly Outcome[]): void => {
  const share = (one: Outcome): string =>
    ((100 * outcomes.filter((outcome) => outcome === one).length) / outcomes.length).toFixed(1);
  table[name] = {
    right: share('right'),
    unread: share('unread'),
    doubted: share('doubted'),
    'sure and wrong': share('sure-and-wrong'),
  };
};
const seen: Outcome[] = [];
const unseen: Outcome[] = [];
for (const [name, { tuned }] of Object.entries(HABITS)) {
  if (!tuned && !WITH_UNSEEN) continue;
  const rng = seededRng(SEED);
  const outcomes = Array.from({ length: EACH }, () => {
    const { strokes, hands } = scrawl(rng, name as Habit, handAngles(TIMES[Math.floor(rng() * TIMES.length)]!));
    return outcomeOf(readDrawing(strokes), hands);
  });
  (tuned ? seen : unseen).push(...outcomes);
  line(tuned ? name : `${name} *`, outcomes);
}
for (const [name, { tuned }] of Object.entries(SCRIBBLES)) {
  if (!tuned && !WITH_UNSEEN) continue;
  const rng = seededRng(SEED);
  const outcomes = Array.from({ length: EACH }, () =>
    outcomeOf(readDrawing(scribbled(rng, name as Scribble)), undefined),
  );
  line(tuned ? `scribble: ${name}` : `scribble: ${name} *`, outcomes);
}
line('all habits it was made with', seen);
if (WITH_UNSEEN) line('all habits it has never seen *', unseen);
console.table(table);
