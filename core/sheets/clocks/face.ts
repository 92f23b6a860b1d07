import { angleBetween } from '../../clock/index.ts';
import {
  HALF_SIZE,
  MINUTE_NUMBERS,
  NUMERALS,
  RIM_RADIUS,
  hasTicks,
  minuteNumberPlaces,
  numeralMeasures,
  numeralPlaces,
  outlinePath,
  outlineRadius,
  pointAt,
  ticks,
  OUTLINES,
  type NumeralStyle,
  type Outline,
} from '../../face/index.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import { CAP_HEIGHT } from '../page/type.ts';
import type { ClockLook } from './look.ts';

/** Millimetres: the ring of every face, and the marks of its minutes and of its hours. */
const RING = 0.5;
const TICK = { minute: 0.2, hour: 0.4 } as const;
/** A face smaller than this has twelve marks only: sixty would run together on an office printer. */
const SMALL_FACE = 12;

/**
 * The empty middle of a face that is drawn on, as shares of the radius: numerals are centred at 0.84, marks stand outside 0.94, and
 * nothing is printed inside 0.74 but a dot, so that all that is found there is pencil.
 */
export const DRAWN_ON = { numerals: 0.84, ticks: 0.94, empty: 0.74 } as const;
/** Height of its numerals, face units: as high as fits between 0.74 and 0.94 beside each other at the ten. */
const DRAWN_ON_SIZE: Readonly<Record<'roman' | 'digits', number>> = { roman: 9, digits: 16 };
/** Diameter of the dot in the middle, millimetres. */
export const MIDDLE_DOT = 1.4;

const round = (value: number): number => Math.round(value * 1000) / 1000;

/** Lines from point to point as one path, so that a face is a few marks and not seventy. */
const linesPath = (lines: readonly { readonly from: PagePoint; readonly to: PagePoint }[]): string =>
  lines.map(({ from, to }) => `M${round(from.x)} ${round(from.y)}L${round(to.x)} ${round(to.y)}`).join('');

interface FaceWishes {
  readonly at: PagePoint;
  /** Half of its height, millimetres. */
  readonly radius: number;
  readonly look: ClockLook;
  readonly drawnOn: boolean;
  /** What stands at the twelve places instead, from 12 on, clockwise; 0 for nothing. */
  readonly written?: readonly number[] | undefined;
}

/** Marks of a face in face units: a path of those at minutes, one of those at hours. */
const ticksPaths = (outline: Outline, drawnOn: boolean): Readonly<Record<keyof typeof TICK, string>> => {
  const all = ticks('full', outline).map(({ angle, atHour, ...line }) => {
    if (!drawnOn) return { atHour, ...line };
    const rim = outlineRadius(outline, angle);
    return { atHour, from: pointAt(angle, rim * 0.985), to: pointAt(angle, rim * (atHour ? DRAWN_ON.ticks : 0.955)) };
  });
  return {
    minute: linesPath(all.filter(({ atHour }) => !atHour)),
    hour: linesPath(all.filter(({ atHour }) => atHour)),
  };
};
/** Worked out once for each outline: a class's sheets have hundreds of faces alike. */
const TICKS = Object.fromEntries(
  OUTLINES.map((outline) => [outline, { read: ticksPaths(outline, false), drawnOn: ticksPaths(outline, true) }]),
) as Readonly<Record<Outline, Readonly<Record<'read' | 'drawnOn', ReturnType<typeof ticksPaths>>>>>;

const tickMarks = ({ at, radius, look, drawnOn, written }: FaceWishes): Mark[] => {
  if (!hasTicks(look.numerals) && written === undefined) return [];
  const unit = radius / RIM_RADIUS;
  const paths = TICKS[look.outline][drawnOn ? 'drawnOn' : 'read'];
  return (['minute', 'hour'] as const)
    .filter((which) => which === 'hour' || radius >= SMALL_FACE)
    .map((which) => ({ kind: 'path', d: paths[which], at, unit, line: { ink: 'ink', width: TICK[which] } }));
};

type NumeralMark = Extract<Mark, { kind: 'text' }>;
const numeralMarks = ({ at, radius, look, drawnOn, written }: FaceWishes): NumeralMark[] => {
  const unit = radius / RIM_RADIUS;
  const style: NumeralStyle = written === undefined ? look.numerals : 'all';
  const { radius: usual, size: usualSize } = numeralMeasures(style);
  const size = drawnOn ? DRAWN_ON_SIZE[style === 'roman' ? 'roman' : 'digits'] : usualSize;
  return numeralPlaces(style, look.outline, drawnOn ? DRAWN_ON.numerals * 100 : usual)
    .map((place) => ({
      ...place,
      text: written === undefined ? place.text : String(written[place.numeral % 12] || ''),
    }))
    .filter(({ text }) => text !== '')
    .map(({ text, x, y }) => ({
      kind: 'text',
      text,
      at: { x: at.x + x * unit, y: at.y + (y + (CAP_HEIGHT * size) / 2) * unit },
      size: size * unit,
      weight: 'bold',
      anchor: 'middle',
      ink: 'ink',
      as: 'part-of-drawing',
    }));
};

/** A hand that points into a numeral, by at most so many degrees from its middle, hides it: half of what two digits take across, seen from the middle. */
const HIDES = 8;
/** Clear paper round a numeral that a hand points into, of its size. */
const CLEAR = 0.56;
const middleOf = ({ at, size }: NumeralMark): PagePoint => ({ x: at.x, y: at.y - (CAP_HEIGHT * size) / 2 });
/** Does a hand hide a numeral? @param angle of the hand, degrees clockwise from 12 */
const isHidden = (mark: NumeralMark, face: PagePoint, angle: number): boolean => {
  const { x, y } = middleOf(mark);
  return angleBetween((Math.atan2(x - face.x, face.y - y) * 180) / Math.PI, angle) <= HIDES;
};
/**
 * Numerals that long hands point into, above these with clear paper round them: a child who looks for the number at the tip finds it, and no
 * stroke makes an 8 of a 6. @param long angles of the hands, degrees clockwise from 12
 */
export const numeralsOverHands = (wishes: FaceWishes, long: readonly number[]): Mark[] => {
  const unit = wishes.radius / RIM_RADIUS;
  const size = (wishes.written === undefined ? numeralMeasures(wishes.look.numerals) : NUMERALS).size * unit;
  return numeralMarks(wishes)
    .filter((mark) => long.some((angle) => isHidden(mark, wishes.at, angle)))
    .flatMap((mark): Mark[] => [{ kind: 'circle', at: middleOf(mark), radius: CLEAR * size, fill: 'paper' }, mark]);
};

/** The smallest a number is printed for a child to read, millimetres: 7.5 points. */
const SMALLEST_NUMBER = (7.5 * 25.4) / 72;
/** Half of what two digits take across, of their size. */
const TWO_DIGITS = 0.55;
/** Clear paper between the rim and a minute number, millimetres. */
const RIM_GAP = 0.2;

/** How large minute numbers are and how far out their middles stand, in units of the face: further round a small one. */
const minuteNumbersOf = (radius: number): { readonly size: number; readonly radius: number } => {
  const unit = radius / RIM_RADIUS;
  const size = Math.max(MINUTE_NUMBERS.size, SMALLEST_NUMBER / unit);
  return { size, radius: Math.max(MINUTE_NUMBERS.radius, RIM_RADIUS + TWO_DIGITS * size + RIM_GAP / unit) };
};

const minuteMarks = ({ at, radius, look }: FaceWishes): Mark[] => {
  if (!look.minuteNumbers) return [];
  const unit = radius / RIM_RADIUS;
  const { size, radius: out } = minuteNumbersOf(radius);
  return minuteNumberPlaces(look.outline, out).map(({ minutes, x, y }) => ({
    kind: 'text',
    text: String(minutes),
    at: { x: at.x + x * unit, y: at.y + (y + (CAP_HEIGHT * size) / 2) * unit },
    size: size * unit,
    anchor: 'middle',
    ink: 'quiet',
    as: 'part-of-drawing',
  }));
};

/** A face without hands: its ring, marks and numerals, and the minute numbers where they help. @param long hands above which their numerals are drawn later */
export const faceMarks = (wishes: FaceWishes, long: readonly number[] = []): Mark[] => {
  const { at, radius, look } = wishes;
  const unit = radius / RIM_RADIUS;
  return [
    {
      kind: 'path',
      d: outlinePath(look.outline, 1 - RING / 2 / radius),
      at,
      unit,
      fill: 'paper',
      line: { ink: 'ink', width: RING },
      as: wishes.drawnOn ? 'clock-to-draw-on' : 'clock',
    },
    ...tickMarks(wishes),
    ...numeralMarks(wishes).filter((mark) => !long.some((angle) => isHidden(mark, at, angle))),
    ...minuteMarks(wishes),
  ];
};

/** How far a round face reaches with what stands round it, in millimetres. */
const reachOf = (radius: number, look: ClockLook): number => {
  if (!look.minuteNumbers && !look.dot) return radius;
  const numbers = minuteNumbersOf(radius);
  const usual = MINUTE_NUMBERS.radius + MINUTE_NUMBERS.size * 0.75;
  return (Math.max(usual, numbers.radius + TWO_DIGITS * numbers.size) / RIM_RADIUS) * radius;
};

/** Half of the room a face takes across and down, millimetres, with its minute numbers. */
export const roomOfFace = (radius: number, look: ClockLook): { readonly x: number; readonly y: number } => {
  const { x, y } = HALF_SIZE[look.outline];
  const reach = reachOf(radius, look);
  return { x: (x / 100) * reach, y: (y / 100) * reach };
};

/** The largest radius a face can have in a given room, in steps of 0.1 mm. @param half half of the room's width, millimetres @param most millimetres */
export const widestRadius = (half: number, most: number, look: ClockLook): number => {
  let radius = most;
  while (roomOfFace(radius, look).x > half) radius -= 0.1;
  return radius;
};
