import type { ReadAnswer } from '../answers/index.ts';

/** Degrees within which two hands stand alike on a wall of small clocks: a twelfth of an hour, half the way between numerals. */
const ALIKE = { hour: 15, minute: 30 };
const near = (angle: number, step: number): number => (Math.round(angle / step) * step) % 360;

const handsKey = (hour: number, minute: number): string =>
  `hands ${near(hour, ALIKE.hour)} ${near(minute, ALIKE.minute)}`;

/** Answers with the same key look alike, so that a wall can put them together: hands about where the others are, the same words, the same choice. */
export const sameAnswerKey = (answer: ReadAnswer): string => {
  switch (answer.kind) {
    case 'hands':
      return handsKey(answer.hour, answer.minute);
    case 'drawing': {
      const [hour, minute] = answer.hands;
      if (hour === undefined) return 'unreadable';
      return minute ? handsKey(hour.angle, minute.angle) : `one ${near(hour.angle, ALIKE.hour)}`;
    }
    case 'hour-angle':
      return `hour ${near(answer.angle, ALIKE.hour)}`;
    case 'writing':
      return `text ${answer.text.trim().toLowerCase()}`;
    case 'choice':
      return `choice ${[...answer.chosen].sort((a, b) => a - b).join(' ')}`;
    default:
      return JSON.stringify(answer);
  }
};
