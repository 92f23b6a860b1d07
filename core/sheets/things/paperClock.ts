import { HAND_PATHS, HAND_TIPS, RIM_RADIUS, outlinePath } from '../../face/index.ts';
import type { Hand } from '../../clock/index.ts';
import { faceMarks, roomOfFace } from '../clocks/face.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import type { Page } from '../page/zone.ts';
import { CUT, headline, ownLook, pageOf, paragraph, roomOn, told, type ThingSetting } from './thing.ts';

/** Half of the height of the face, millimetres: as large as a hand holds, and half of a page. */
const RADIUS = 62;
/** Millimetres from the rim to the line the face is cut out along. */
const CUT_AROUND = 1.5;
/** Diameter of the hole for a fastener, millimetres. */
const HOLE = 4;
/** Hands of paper are wider than printed ones, or the hole would cut them in two. */
const PAPER_HAND: Readonly<Record<Hand, { readonly wider: number; readonly eye: number }>> = {
  hour: { wider: 1.5, eye: 6.5 },
  minute: { wider: 2.4, eye: 6.5 },
};

const hole = (at: PagePoint): Mark[] => [
  { kind: 'circle', at, radius: HOLE / 2, fill: 'paper', line: { ink: 'ink', width: 0.3 } },
  { kind: 'circle', at, radius: 0.5, fill: 'ink' },
];

/** Scales the x of a path of absolute commands, so that a hand keeps its length and gets wider. */
const wider = (d: string, by: number): string =>
  d.replaceAll(/([MLCQA])([^A-Za-z]*)/g, (_, command: string, rest: string) => {
    const values = (rest.match(/-?\d*\.?\d+/g) ?? []).map(Number);
    if (command === 'A')
      return `A${values[0]! * by} ${values[1]} ${values.slice(2, 5).join(' ')} ${values[5]! * by} ${values[6]}`;
    return command + values.map((value, i) => (i % 2 === 0 ? value * by : value)).join(' ');
  });

/** A hand to cut out, pointing up, its hole at a point: to be coloured in, edged in the class's colour. */
const handToCut = (hand: Hand, at: PagePoint, colour: `#${string}`): Mark[] => {
  const unit = RADIUS / RIM_RADIUS;
  const { wider: by, eye } = PAPER_HAND[hand];
  return [
    { kind: 'path', d: wider(HAND_PATHS.full[hand], by), at, unit, fill: 'paper', line: { ink: colour, width: 0.7 } },
    { kind: 'circle', at, radius: eye, fill: 'paper', line: { ink: colour, width: 0.7 } },
    ...hole(at),
  ];
};

/** Small pictures of how it is put together: face, long hand, short hand, fastener. @param at left of the row, its middle line */
const assembly = (at: PagePoint): Mark[] => {
  const radius = 9;
  const unit = radius / RIM_RADIUS;
  const step = 27;
  const face = (i: number): Mark[] => [
    {
      kind: 'path',
      d: outlinePath('round'),
      at: { x: at.x + i * step + radius, y: at.y },
      unit,
      line: { ink: 'ink', width: 0.4 },
    },
    { kind: 'circle', at: { x: at.x + i * step + radius, y: at.y }, radius: 0.7, fill: 'ink' },
  ];
  const hand = (i: number, which: Hand, turn: number): Mark => ({
    kind: 'path',
    d: HAND_PATHS.small[which],
    at: { x: at.x + i * step + radius, y: at.y },
    unit,
    turn,
    fill: 'ink',
  });
  const plus = (i: number): Mark => ({
    kind: 'path',
    d: 'M-2 0H2M0 -2V2',
    at: { x: at.x + i * step - (step - 2 * radius) / 2, y: at.y },
    unit: 1,
    line: { ink: 'quiet', width: 0.5 },
  });
  const middle = { x: at.x + 3 * step + radius, y: at.y };
  return [
    ...face(0),
    plus(1),
    ...face(1),
    hand(1, 'minute', 0),
    plus(2),
    ...face(2),
    hand(2, 'minute', 0),
    hand(2, 'hour', 120),
    plus(3),
    ...face(3),
    hand(3, 'minute', 0),
    hand(3, 'hour', 120),
    { kind: 'circle', at: middle, radius: 1.8, fill: 'paper', line: { ink: 'ink', width: 0.5 } },
  ];
};

/** A clock of paper: the class's face and two hands in its colours to cut out, how to put them together, and the care it takes. */
export const paperClock = (setting: ThingSetting): Page[] => {
  const { conventions } = setting;
  const room = roomOn(conventions);
  const look = ownLook(conventions);
  const title = told('paperClock', conventions);
  const { x: halfWidth } = roomOfFace(RADIUS, look);
  const centre = { x: room.x + halfWidth + CUT_AROUND + 0.5, y: room.y + 9.5 + RADIUS };
  // An oval takes the page's width: its hands lie below it, not beside.
  const beside = centre.x + halfWidth + 12;
  const isWide = beside + 20 > room.x + room.width;
  const hands: PagePoint[] = isWide
    ? [
        { x: room.x + room.width - 30, y: centre.y + RADIUS + 42 },
        { x: room.x + room.width - 10, y: centre.y + RADIUS + 62 },
      ]
    : [
        { x: beside + 4, y: room.y + 12 + HAND_TIPS.full.hour * 0.62 },
        { x: beside + 4, y: room.y + 68 + HAND_TIPS.full.minute * 0.62 },
      ];
  const textTop = centre.y + RADIUS + 12;
  const textWidth = isWide ? room.width - 62 : room.width;
  const steps = ['stepColor', 'stepCut', 'stepHole', 'stepFasten'].map((step) => told(step, conventions));
  const careTop = textTop + 52;
  const care = paragraph(told('care', conventions), { x: room.x + 5, y: careTop + 13 }, textWidth - 10);
  return [
    pageOf(conventions, title, {
      marks: [
        headline(title, { x: room.x, y: room.y + 5 }, room.width),
        ...faceMarks({ at: centre, radius: RADIUS, look, drawnOn: false }),
        {
          kind: 'path',
          d: outlinePath(look.outline, 1 + CUT_AROUND / RADIUS),
          at: centre,
          unit: RADIUS / RIM_RADIUS,
          line: CUT,
        },
        ...hole(centre),
        ...handToCut('hour', hands[0]!, conventions.handColours.hour as `#${string}`),
        ...handToCut('minute', hands[1]!, conventions.handColours.minute as `#${string}`),
        ...steps.flatMap((step, i): Mark[] => paragraph(step, { x: room.x, y: textTop + i * 5.4 }, textWidth)),
        ...assembly({ x: room.x + 2, y: textTop + 35 }),
        {
          kind: 'box',
          box: { x: room.x, y: careTop, width: textWidth, height: 13 + care.length * 4.9 },
          corner: 3,
          line: { ink: 'ink', width: 0.6 },
        },
        {
          kind: 'text',
          text: told('careTitle', conventions),
          at: { x: room.x + 5, y: careTop + 7 },
          size: 4,
          weight: 'bold',
        },
        ...care,
      ],
      zones: [],
    }),
  ];
};
