import { handAngles, type DialTime, type Hand } from '../../clock/index.ts';
import {
  CAP_RADIUS,
  HAND_PATHS,
  KEYLINE,
  MINUTE_NUMBERS,
  RIM_RADIUS,
  outlineRadius,
  pointAt,
} from '../../face/index.ts';
import { RIGHT_NUMERALS, pictureAt, type ClockPicture } from '../../items/index.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import type { Drawn, Zone } from '../page/zone.ts';
import { MIDDLE_DOT, faceMarks, numeralsOverHands } from './face.ts';
import type { ClockLook } from './look.ts';

/** Where a clock stands on a page, and which task it belongs to. */
export interface ClockPlace {
  readonly at: PagePoint;
  /** Half of its height, millimetres. */
  readonly radius: number;
  readonly look: ClockLook;
  readonly item: number;
  readonly option?: number;
}

/** A face smaller than this has the stout hands of small clocks, millimetres. */
const STOUT_BELOW = 8;

/** Hands as a picture has them: near-black, told apart by shape and length, the hour hand above. */
const handMarks = (picture: ClockPicture, at: PagePoint, radius: number): Mark[] => {
  const unit = radius / RIM_RADIUS;
  const paths = HAND_PATHS[radius < STOUT_BELOW ? 'small' : 'full'];
  const marks = (['minute', 'hour'] as const)
    .filter((hand) => picture.handsDrawn === 'both' || picture.handsDrawn === hand)
    .flatMap((hand): Mark[] => {
      // Hands of one length are of one kind: neither can be told from the other.
      const d = paths[picture.equalLength ? 'minute' : hand];
      const place = { kind: 'path', d, at, unit, turn: picture.hands[hand] } as const;
      return [
        { ...place, line: { ink: 'paper', width: KEYLINE[hand] * 2 * unit } },
        { ...place, fill: 'ink' },
      ];
    });
  return [...marks, { kind: 'circle', at, radius: CAP_RADIUS.full * unit, fill: 'ink' }];
};

const zoneOf = ({ at, radius, look, item, option }: ClockPlace, drawnOn: boolean): Zone => ({
  kind: 'face',
  item,
  ...(option !== undefined && { option }),
  at,
  radius,
  outline: look.outline,
  drawnOn,
});

/** A clock that shows what its picture shows, right or wrong; other numerals only where the picture has others. */
export const clockOfPicture = (picture: ClockPicture, place: ClockPlace): Drawn => {
  const isRightRound = picture.numerals.every((numeral, i) => numeral === RIGHT_NUMERALS[i]);
  const written = isRightRound ? undefined : picture.numerals;
  const face = { ...place, drawnOn: false, written };
  const long = (['minute', 'hour'] as const)
    .filter((hand) => picture.handsDrawn === 'both' || picture.handsDrawn === hand)
    .filter((hand) => hand === 'minute' || picture.equalLength)
    .map((hand) => picture.hands[hand]);
  return {
    marks: [...faceMarks(face, long), ...handMarks(picture, place.at, place.radius), ...numeralsOverHands(face, long)],
    zones: [zoneOf(place, false)],
  };
};

/** A clock at a time, with one hand or both. */
export const clockAt = (time: DialTime, place: ClockPlace, only?: Hand): Drawn =>
  clockOfPicture({ ...pictureAt(time), handsDrawn: only ?? 'both' }, place);

/** Diameter of the dot to rule back from, millimetres. */
const RIM_DOT = 1.6;

/**
 * A face to draw hands on, a dot in its middle. Where the look helps, a second dot stands outside the rim where the long hand
 * points; the short hand is left to the child.
 * @param answer the time that is asked for; none on a face for any time
 * @param hand the hand that is drawn alone, where it is
 */
export const clockToDrawOn = (place: ClockPlace, answer?: DialTime, hand: Hand = 'minute'): Drawn => {
  const { at, radius, look } = place;
  const marks: Mark[] = [
    ...faceMarks({ ...place, drawnOn: true }),
    { kind: 'circle', at, radius: MIDDLE_DOT / 2, fill: 'ink' },
  ];
  if (look.dot && answer !== undefined) {
    const angle = handAngles(answer)[hand];
    // Between the rim and the minute numbers.
    const out =
      (outlineRadius(look.outline, angle) / RIM_RADIUS) *
      ((100 + MINUTE_NUMBERS.radius - MINUTE_NUMBERS.size / 2) / 200);
    const { x, y } = pointAt(angle, out * RIM_RADIUS);
    const unit = radius / RIM_RADIUS;
    marks.push({ kind: 'circle', at: { x: at.x + x * unit, y: at.y + y * unit }, radius: RIM_DOT / 2, fill: 'ink' });
  }
  return { marks, zones: [zoneOf(place, true)] };
};
