import { handAngles, timeOf } from '../../clock/index.ts';
import { partName } from '../../asking/index.ts';
import { HAND_TIPS, RIM_RADIUS, numeralMeasures, pointAt } from '../../face/index.ts';
import { CLOCK_PARTS, type ClockPart, type ItemOf } from '../../items/index.ts';
import { clockAt, type ClockPlace } from '../clocks/clock.ts';
import { roomOfFace } from '../clocks/face.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import { together, type Drawn } from '../page/zone.ts';
import type { Block, BlockContext } from './block.ts';
import { CHOICE_HEIGHT, HEAD, choicesIn, headOf, itemZone } from './parts.ts';

/** The time such a clock shows: hands far apart, and the arrow's way free. */
const SHOWN = timeOf(10, 10);

/** Where on the face an arrow points for a part, face units. */
const pointedAt = (part: ClockPart): PagePoint => {
  const { hour, minute } = handAngles(SHOWN);
  switch (part) {
    case 'face':
      return pointAt(135, 40);
    case 'numerals':
      return pointAt(120, numeralMeasures('all').radius);
    case 'hour-hand':
      return pointAt(hour, HAND_TIPS.full.hour * 0.75);
    case 'minute-hand':
      return pointAt(minute, HAND_TIPS.full.minute * 0.7);
  }
};

/** From which side the arrow comes: over the rim, crossing nothing else. */
const FROM: Readonly<Record<ClockPart, number>> = { face: 135, numerals: 120, 'hour-hand': 275, 'minute-hand': 85 };

const HEAD_LENGTH = 3;
const arrow = (from: PagePoint, to: PagePoint): Mark[] => {
  const angle = (Math.atan2(to.x - from.x, from.y - to.y) * 180) / Math.PI;
  return [
    { kind: 'line', from, to, line: { ink: 'quiet', width: 0.5 } },
    {
      kind: 'path',
      d: `M0 0L-1.1 ${HEAD_LENGTH}L1.1 ${HEAD_LENGTH}Z`,
      at: to,
      unit: 1,
      turn: (angle + 360) % 360,
      fill: 'quiet',
    },
  ];
};

/** How far over the rim the arrow begins, as a share of the radius. */
const ARROW_FROM = 1.4;

/** A clock with an arrow at one of its parts. Millimetres beyond its face are needed for the arrow: four tenths of the radius. */
export const pointedClock = (part: ClockPart, place: ClockPlace): Drawn => {
  const unit = place.radius / RIM_RADIUS;
  const onPage = ({ x, y }: PagePoint): PagePoint => ({ x: place.at.x + x * unit, y: place.at.y + y * unit });
  const look = { ...place.look, numerals: 'all', minuteNumbers: false } as const;
  return together(clockAt(SHOWN, { ...place, look }), {
    marks: arrow(onPage(pointAt(FROM[part], ARROW_FROM * RIM_RADIUS)), onPage(pointedAt(part))),
    zones: [],
  });
};

/** A clock with an arrow at one of its parts, and the names to circle. */
export const nameBlock = (item: ItemOf<'name-part'>, context: BlockContext): Block => {
  const look = { ...context.look, numerals: 'all', minuteNumbers: false } as const;
  const room = roomOfFace(context.radius, look);
  const height = HEAD + 2 * room.y + 2 + 2 * CHOICE_HEIGHT;
  return {
    span: 'half',
    height,
    draw: (at, width) => {
      const middle = { x: at.x + width / 2, y: at.y + HEAD + room.y };
      const names = { x: at.x, y: at.y + height - 2 * CHOICE_HEIGHT, width, height: 2 * CHOICE_HEIGHT };
      return together(
        headOf(item, 'circle', at, width, context),
        pointedClock(item.part, { at: middle, radius: context.radius, look, item: context.item }),
        ...choicesIn(
          CLOCK_PARTS.map((part) => partName(part, context.conventions)),
          names,
          2,
          context.item,
        ),
        itemZone(context.item, at, width, height),
      );
    },
  };
};
