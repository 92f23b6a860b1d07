import { handAngles, timeOf } from '../../clock/index.ts';
import { pointAt } from '../../face/index.ts';
import { clockAt } from '../clocks/clock.ts';
import type { ClockLook } from '../clocks/look.ts';
import type { Ink, Mark } from '../page/mark.ts';
import { onlyMarks, together, type Page } from '../page/zone.ts';
import { headline, pageOf, paragraph, roomOn, told, type ThingSetting } from './thing.ts';

/** Length of the ruler, millimetres. */
export const RULER = 100;
const SHOWN = timeOf(8, 20);
const RADIUS = 38;
const LOOK: ClockLook = { outline: 'round', numerals: 'ticks', minuteNumbers: false, dot: false };

/** A page to see whether a printer prints true: a ruler of 100 mm, a face to hold a protractor to, greys, and the margin. */
export const testPage = ({ conventions }: ThingSetting): Page[] => {
  const room = roomOn(conventions);
  const title = told('testPage', conventions);
  const x = room.x + 10;
  const ruler = room.y + 38;
  const marks: Mark[] = Array.from({ length: RULER / 5 + 1 }, (_, i) => ({
    kind: 'line',
    from: { x: x + i * 5, y: ruler },
    to: { x: x + i * 5, y: ruler - (i % 2 === 0 ? 6 : 3.5) },
    line: { ink: 'ink', width: 0.25 },
  }));
  const centre = { x: x + 50, y: ruler + 78 };
  const rays: Mark[] = Array.from({ length: 12 }, (_, i) => {
    const [from, to] = [pointAt(i * 30, RADIUS + 3), pointAt(i * 30, RADIUS + 12)];
    return {
      kind: 'line',
      from: { x: centre.x + from.x, y: centre.y + from.y },
      to: { x: centre.x + to.x, y: centre.y + to.y },
      line: { ink: 'quiet', width: 0.25 },
    };
  });
  const greys = ruler + 158;
  const samples: Ink[] = ['ink', 'quiet', 'faint'];
  return [
    pageOf(
      conventions,
      title,
      together(
        onlyMarks(
          { kind: 'box', box: room, line: { ink: 'faint', width: 0.3 } },
          headline(title, { x, y: room.y + 14 }, room.width - 20),
          ...paragraph(told('testRuler', conventions), { x, y: room.y + 23 }, room.width - 20),
          { kind: 'line', from: { x, y: ruler }, to: { x: x + RULER, y: ruler }, line: { ink: 'ink', width: 0.4 } },
          ...marks,
          ...paragraph(
            told('testAngles', conventions, { hour: handAngles(SHOWN).hour }),
            { x, y: ruler + 14 },
            room.width - 20,
          ),
        ),
        clockAt(SHOWN, { at: centre, radius: RADIUS, look: LOOK, item: 0 }),
        onlyMarks(
          ...rays,
          ...paragraph(told('testGreys', conventions), { x, y: greys - 8 }, room.width - 20),
          ...samples.map((fill, i): Mark => ({
            kind: 'box',
            box: { x: x + i * 24, y: greys, width: 18, height: 12 },
            fill,
          })),
          ...[0.2, 0.3, 0.5].map((width, i): Mark => ({
            kind: 'line',
            from: { x: x + 80, y: greys + 2 + i * 4 },
            to: { x: x + 130, y: greys + 2 + i * 4 },
            line: { ink: 'ink', width },
          })),
          ...paragraph(told('testEdge', conventions), { x, y: greys + 26 }, room.width - 20),
        ),
      ),
    ),
  ];
};
