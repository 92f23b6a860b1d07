import { HANDS, type DialTime, type Hand } from '../clock/index.ts';
import type { Conventions } from '../conventions/index.ts';
import { pictureAt, type ClockPart, type ClockPicture } from '../items/index.ts';
import { handName, sentence, type Phrase } from '../wording/index.ts';
import { clockAt, clockOfPicture, clockToDrawOn } from './clocks/clock.ts';
import { roomOfFace } from './clocks/face.ts';
import type { ClockLook } from './clocks/look.ts';
import { pointedClock } from './kinds/naming.ts';
import { INKS, type Ink, type Mark } from './page/mark.ts';
import type { Page } from './page/zone.ts';

/** Millimetres of white round a single face. */
const AROUND = 2;

/** A single clock as a small page of its own. @param time none for a face to draw on @param radius half of its height, millimetres */
export const singleFace = (time: DialTime | undefined, look: ClockLook, radius: number): Page => {
  const room = roomOfFace(radius, look);
  const at = { x: room.x + AROUND, y: room.y + AROUND };
  const place = { at, radius, look, item: 0 };
  return {
    width: 2 * at.x,
    height: 2 * at.y,
    name: '',
    ...(time === undefined ? clockToDrawOn(place) : clockAt(time, place)),
  };
};

const escaped = (text: string): string =>
  text.replaceAll(/[&<>"]/g, (letter) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[letter]!);
const colour = (ink: Ink | undefined): string =>
  ink === undefined ? 'none' : ink.startsWith('#') ? ink : INKS[ink as keyof typeof INKS];
const attributes = (values: Readonly<Record<string, string | number>>): string =>
  Object.entries(values)
    .map(([name, value]) => ` ${name}="${escaped(String(value))}"`)
    .join('');

/** How a mark is inked, as attributes of SVG; its line is as wide as said whatever it is scaled by. */
export const inkAttributes = (mark: Mark): Record<string, string | number> => {
  const line = 'line' in mark ? mark.line : undefined;
  const unit = mark.kind === 'path' ? mark.unit : 1;
  return {
    fill: colour(mark.kind === 'text' ? (mark.ink ?? 'ink') : 'fill' in mark ? mark.fill : undefined),
    ...(line && { stroke: colour(line.ink), 'stroke-width': line.width / unit }),
    ...(line?.dash && { 'stroke-dasharray': line.dash.map((length) => length / unit).join(' ') }),
  };
};

/** A mark as an element of SVG: its name, its attributes, and the text in it. Pictures come from where the drawings lie. */
export const svgElement = (
  mark: Mark,
): { readonly tag: string; readonly attributes: Record<string, string | number>; readonly text?: string } => {
  const ink = inkAttributes(mark);
  switch (mark.kind) {
    case 'line':
      return { tag: 'line', attributes: { x1: mark.from.x, y1: mark.from.y, x2: mark.to.x, y2: mark.to.y, ...ink } };
    case 'circle':
      return { tag: 'circle', attributes: { cx: mark.at.x, cy: mark.at.y, r: mark.radius, ...ink } };
    case 'box': {
      const { x, y, width, height } = mark.box;
      return { tag: 'rect', attributes: { x, y, width, height, rx: mark.corner ?? 0, ...ink } };
    }
    case 'path': {
      const transform = `translate(${mark.at.x} ${mark.at.y}) rotate(${mark.turn ?? 0}) scale(${mark.unit})`;
      return { tag: 'path', attributes: { d: mark.d, transform, ...ink } };
    }
    case 'text':
      return {
        tag: 'text',
        attributes: {
          x: mark.at.x,
          y: mark.at.y,
          'font-family': 'Andika, sans-serif',
          'font-size': mark.size,
          'font-weight': mark.weight === 'bold' ? 700 : 400,
          'text-anchor': mark.anchor ?? 'start',
          ...ink,
        },
        text: mark.text,
      };
    case 'picture':
      return {
        tag: 'image',
        attributes: {
          href: `/pictures/${mark.name}.svg`,
          x: mark.at.x,
          y: mark.at.y,
          width: mark.size,
          height: mark.size,
        },
      };
  }
};

/** A page as an SVG file, its size in millimetres. Numerals are set in Andika where it is installed, in another plain face where not. */
export const svgFile = ({ width, height, marks }: Pick<Page, 'width' | 'height' | 'marks'>): string => {
  const elements = marks.map((mark) => {
    const { tag, attributes: values, text } = svgElement(mark);
    return `<${tag}${attributes(values)}>${text === undefined ? '' : escaped(text)}</${tag}>`;
  });
  const size = attributes({ width: `${width}mm`, height: `${height}mm`, viewBox: `0 0 ${width} ${height}` });
  return `<svg xmlns="http://www.w3.org/2000/svg"${size}>${elements.join('')}</svg>\n`;
};

/** Half of the height of a clock that is a picture of its own, millimetres. */
const PICTURE_RADIUS = 24;

/** A clock as a picture for other programs, with words that say where its hands are and not what time it is. */
export const clockPicture = (
  what: { readonly picture: ClockPicture } | { readonly time: DialTime; readonly only?: Hand },
  look: ClockLook,
  conventions: Conventions,
): { readonly svg: string; readonly alt: string } => {
  const picture =
    'picture' in what ? what.picture : { ...pictureAt(what.time), handsDrawn: what.only ?? ('both' as const) };
  const room = roomOfFace(PICTURE_RADIUS, look);
  const at = { x: room.x + AROUND, y: room.y + AROUND };
  const { marks } = clockOfPicture(picture, { at, radius: PICTURE_RADIUS, look, item: 0 });
  const alt = HANDS.filter((hand) => picture.handsDrawn === 'both' || picture.handsDrawn === hand)
    .map((hand) => {
      const { key, values } = angleWords(picture.hands[hand]);
      return `${handName(hand, conventions)} ${sentence({ key, values }, conventions)}`;
    })
    .join(', ');
  return { svg: svgFile({ width: 2 * at.x, height: 2 * at.y, marks }), alt };
};

/** A clock with an arrow at one of its parts, as a picture for other programs; its words do not name the part. */
export const partPicture = (
  part: ClockPart,
  look: ClockLook,
  conventions: Conventions,
): { readonly svg: string; readonly alt: string } => {
  const room = roomOfFace(PICTURE_RADIUS, look);
  // Room for the arrow, which begins outside of the face.
  const at = { x: room.x + PICTURE_RADIUS / 2, y: room.y + AROUND };
  const { marks } = pointedClock(part, { at, radius: PICTURE_RADIUS, look, item: 0 });
  return {
    svg: svgFile({ width: 2 * at.x, height: 2 * at.y, marks }),
    alt: sentence({ key: 'clock.place.arrow', values: {} }, conventions),
  };
};

/** Where a hand is: on a numeral, to a degree, or between two. */
const angleWords = (angle: number): Phrase => {
  const numerals = angle / 30;
  const nearest = Math.round(numerals);
  if (Math.abs(numerals - nearest) < 1 / 30) return { key: 'clock.place.on', values: { numeral: nearest % 12 || 12 } };
  const passed = Math.floor(numerals) || 12;
  return { key: 'clock.place.between', values: { passed, coming: (passed % 12) + 1 } };
};
