import { handAngles, type DialTime, type Hand } from '../clock/index.ts';
import { say } from '../wording/index.ts';
import { type Conventions } from '../conventions/index.ts';
import { phrase, type Demonstration, type DemonstrationStep } from './demonstration.ts';
import type { PencilMark } from './pencil.ts';

/** A time drawn on an empty face: for each hand a dot where it points, then a line ruled to the middle. */
export const drawIt = (
  time: DialTime,
  conventions: Pick<Conventions, 'drawnFirst' | 'locale' | 'halfPastPhrase'>,
): Demonstration => {
  const angles = handAngles(time);
  const order: readonly Hand[] = conventions.drawnFirst === 'hour' ? ['hour', 'minute'] : ['minute', 'hour'];
  const said = say(time, conventions);
  /** What was drawn before a step, and the mark that is being drawn. */
  const drawing = (
    done: readonly PencilMark[],
    mark: PencilMark,
    seconds: number,
    name: string,
  ): DemonstrationStep => ({
    seconds,
    sentence: phrase(name, { said }),
    scene: (share) => ({ minutes: time, hands: [], marks: [...done, { ...mark, share }] }),
  });
  const marksOf = (hand: Hand): readonly [PencilMark, PencilMark] => [
    { kind: 'dot', hand, angle: angles[hand], share: 1 },
    { kind: 'line', hand, angle: angles[hand], share: 1 },
  ];
  const all = order.flatMap((hand) => marksOf(hand));
  return {
    kind: 'draw-it',
    realTime: false,
    steps: [
      { seconds: 3, sentence: phrase('emptyFace', { said }), scene: () => ({ minutes: time, hands: [], marks: [] }) },
      ...all.map((mark, i) =>
        drawing(
          all.slice(0, i),
          mark,
          mark.kind === 'dot' ? 2 : 3,
          `${mark.hand}${mark.kind === 'dot' ? 'Dot' : 'Line'}`,
        ),
      ),
      { seconds: 3, sentence: phrase('drawn', { said }), scene: () => ({ minutes: time, hands: [], marks: all }) },
    ],
  };
};
