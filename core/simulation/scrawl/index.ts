import type { HandAngles } from '../../clock/index.ts';
import type { Rng } from '../../common/index.ts';
import type { Stroke } from '../../strokes/index.ts';
import { HABITS, meantDrawing, type Habit } from './habits.ts';
import { anyScrawler, scrawled } from './movement.ts';
import { SCRIBBLES, type Scribble } from './scribbles.ts';
import type { Line } from './shapes.ts';

export { HABITS, SCRIBBLES, type Habit, type Scribble };

/** Milliseconds between two lines, about. */
const PAUSE_MS = 350;

const drawnBy = (rng: Rng, lines: readonly Line[], scrawler = anyScrawler(rng)): Stroke[] => {
  let ms = 0;
  return lines.map((line) => {
    const stroke = scrawled(rng, scrawler, line, ms);
    ms = (stroke.at(-1)?.ms ?? ms) + Math.round(PAUSE_MS * (0.5 + rng()));
    return stroke;
  });
};

/** A drawing and the hands it shows, as somebody sees them who looks from each root to its tip. */
export interface Scrawl {
  readonly strokes: readonly Stroke[];
  /** Degrees clockwise from 12. */
  readonly hands: HandAngles;
}

/**
 * Strokes of a child of some habit who draws both hands. Made otherwise than `simulateDrawing`: a pen that is moved and trembles,
 * looked at by a tablet, instead of lines with waves laid over them.
 * @param meant degrees clockwise from 12
 */
export const scrawl = (rng: Rng, habit: Habit, meant: HandAngles): Scrawl => {
  const scrawler = anyScrawler(rng);
  const { lines, hands } = meantDrawing(rng, habit, meant, scrawler);
  return {
    strokes: drawnBy(rng, lines, scrawler),
    hands: { hour: hands.hour.angle, minute: hands.minute.angle },
  };
};

/** Strokes that show no time. */
export const scribbled = (rng: Rng, kind: Scribble): Stroke[] => drawnBy(rng, SCRIBBLES[kind].lines(rng));
