import { NUMERAL_STYLES, OUTLINES } from '../../face/index.ts';
import { timeOf } from '../../clock/index.ts';
import { digits } from '../../wording/index.ts';
import { clockAt, clockToDrawOn } from '../clocks/clock.ts';
import { roomOfFace } from '../clocks/face.ts';
import type { ClockLook } from '../clocks/look.ts';
import { DIGIT_BOX } from '../kinds/writing.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import { onlyMarks, together, type Drawn, type Page } from '../page/zone.ts';
import { headline, ownLook, pageOf, roomOn, told, type ThingSetting } from './thing.ts';

/** So many clocks of a look on a page, as large as they fit. @param draw each in its middle */
const grid = (
  setting: ThingSetting,
  title: string,
  looks: readonly ClockLook[],
  columns: number,
  draw: (look: ClockLook, at: PagePoint, radius: number, place: number) => Drawn,
): Page => {
  const { conventions } = setting;
  const room = roomOn(conventions);
  const top = room.y + 12;
  const rows = Math.ceil(looks.length / columns);
  const cell = { width: room.width / columns, height: (room.y + room.height - top) / rows };
  return pageOf(
    conventions,
    title,
    together(
      onlyMarks(headline(title, { x: room.x, y: room.y + 5 }, room.width)),
      ...looks.map((look, place) => {
        const one = roomOfFace(1, look);
        const radius = Math.min((cell.width / 2 - 3) / one.x, (cell.height / 2 - 3) / one.y);
        const at = {
          x: room.x + ((place % columns) + 0.5) * cell.width,
          y: top + (Math.floor(place / columns) + 0.5) * cell.height,
        };
        return draw(look, at, radius, place);
      }),
    ),
  );
};

/** Faces without hands, nine on a page, to draw on again and again. */
export const blankFaces = (setting: ThingSetting): Page[] => {
  const look = ownLook(setting.conventions);
  return [
    grid(
      setting,
      told('blankFaces', setting.conventions),
      Array.from({ length: 9 }, () => look),
      3,
      (one, at, radius, place) => clockToDrawOn({ at, radius, look: one, item: place }),
    ),
  ];
};

/** Times other clocks show: o'clock and half past, far from each other. */
const OTHER_TIMES = [timeOf(3), timeOf(8, 30), timeOf(10), timeOf(1, 30), timeOf(7), timeOf(4, 30)];

/** Clocks that look different: every shape and every kind of numerals, each showing a time. */
export const otherFaces = (setting: ThingSetting): Page[] => {
  const looks: ClockLook[] = [
    ...NUMERAL_STYLES.map((numerals) => ({ outline: 'round' as const, numerals })),
    ...OUTLINES.filter((outline) => outline !== 'round').map((outline, i) => ({
      outline,
      numerals: NUMERAL_STYLES[i % 3]!,
    })),
  ].map((look) => ({ ...look, minuteNumbers: false, dot: false }));
  return [
    grid(setting, told('otherFaces', setting.conventions), looks, 2, (look, at, radius, place) =>
      clockAt(OTHER_TIMES[place % OTHER_TIMES.length]!, { at, radius, look, item: place }),
    ),
  ];
};

/** Times as large as boxes on a card: so much larger than those on a sheet. */
const CARD = 1.6;
/** Boxes for a time on a card. @param zero minutes printed already, as on the front for o'clock */
const cardBoxes = (middle: number, y: number, { conventions }: ThingSetting, zero: boolean): Mark[] => {
  const { width, height, gap, colon } = DIGIT_BOX;
  const boxes = [0, width + gap, 2 * width + gap + colon, 3 * width + 2 * gap + colon];
  const left = middle - ((4 * width + 2 * gap + colon) * CARD) / 2;
  const { separator } = digits(timeOf(12), conventions);
  const dots = separator === ':' ? [0.34, 0.68] : [0.92];
  return [
    ...boxes.map((from): Mark => ({
      kind: 'box',
      box: { x: left + from * CARD, y, width: width * CARD, height: height * CARD },
      corner: 2,
      line: { ink: 'quiet', width: 0.6 },
    })),
    ...dots.map((down): Mark => ({
      kind: 'circle',
      at: { x: left + (2 * width + gap + colon / 2) * CARD, y: y + down * height * CARD },
      radius: 1.6,
      fill: 'ink',
    })),
    ...(zero
      ? boxes.slice(2).map((from): Mark => ({
          kind: 'text',
          text: '0',
          at: { x: left + (from + width / 2) * CARD, y: y + height * CARD * 0.82 },
          size: 24,
          anchor: 'middle',
          ink: 'faint',
        }))
      : []),
  ];
};

/** A card for a plastic sleeve: a large face to draw on, front with the boxes of o'clock, back with free ones. */
export const showMeCard = (setting: ThingSetting): Page[] => {
  const { conventions } = setting;
  const room = roomOn(conventions);
  const look = ownLook(conventions);
  const one = roomOfFace(1, look);
  const radius = Math.min(room.width / 2 / one.x - 2, 80);
  return (['showMe', 'showMeBack'] as const).map((name, back) => {
    const title = told(name, conventions);
    const middle = room.x + room.width / 2;
    const at = { x: middle, y: room.y + 14 + radius };
    return pageOf(
      conventions,
      title,
      together(
        onlyMarks(headline(title, { x: room.x, y: room.y + 5 }, room.width)),
        clockToDrawOn({ at, radius, look, item: 0 }),
        onlyMarks(...(back === 0 ? cardBoxes(middle, at.y + radius + 14, setting, true) : [])),
      ),
    );
  });
};
