import type { ClockWord } from '../skills/index.ts';

/** Things to lay out or print. */
export const READY_ITEMS = [
  'wall-clock',
  'geared-clock',
  'paper-clocks',
  'tablets',
  'pencils',
  'table-clock',
  'word-cards',
  'ticket-paper',
] as const;
export type ReadyItem = (typeof READY_ITEMS)[number];

/** What a lesson needs beside its times. */
export interface LessonContent {
  readonly words: readonly ClockWord[];
  readonly ready: readonly ReadyItem[];
}

const CONTENT: Readonly<Record<string, LessonContent>> = {
  'why-clocks': { words: ['clock', 'numbers'], ready: ['wall-clock', 'geared-clock'] },
  parts: { words: ['face', 'numbers', 'hour-hand', 'minute-hand', 'clockwise'], ready: ['geared-clock', 'word-cards'] },
  'hour-hand-on': { words: ['hour-hand', 'clockwise'], ready: ['geared-clock', 'paper-clocks'] },
  'hour-hand-between': { words: ['hour-hand', 'passed'], ready: ['geared-clock', 'paper-clocks'] },
  'oclock-meet': {
    words: ['oclock', 'minute-hand', 'straight-up'],
    ready: ['geared-clock', 'paper-clocks', 'tablets'],
  },
  'oclock-first-ticket': { words: ['oclock'], ready: ['geared-clock', 'ticket-paper', 'pencils'] },
  'oclock-read-set': {
    words: ['oclock', 'hour-hand', 'minute-hand', 'straight-up'],
    ready: ['geared-clock', 'paper-clocks', 'tablets', 'word-cards', 'table-clock'],
  },
  'oclock-match-write': { words: ['oclock', 'analog', 'digital'], ready: ['geared-clock', 'word-cards', 'pencils'] },
  'oclock-draw': { words: ['hour-hand', 'minute-hand', 'oclock'], ready: ['geared-clock', 'pencils'] },
  'oclock-ticket': { words: ['oclock', 'digital'], ready: ['ticket-paper', 'pencils'] },
  'half-turn': { words: ['half-turn', 'half-past'], ready: ['geared-clock', 'paper-clocks'] },
  'half-past-which-hour': {
    words: ['half-past', 'hour-hand', 'passed'],
    ready: ['geared-clock', 'paper-clocks', 'tablets'],
  },
  'half-past-write-draw': { words: ['half-past', 'digital'], ready: ['geared-clock', 'pencils'] },
  'half-past-ticket': { words: ['half-past'], ready: ['ticket-paper', 'pencils'] },
  mixed: { words: ['oclock', 'half-past'], ready: ['geared-clock', 'paper-clocks', 'tablets'] },
};

/** Words and things of a lesson of the unit. @throws RangeError for a key the unit does not have */
export const lessonContent = (key: string): LessonContent => {
  const content = CONTENT[key];
  if (content === undefined) throw new RangeError(`the unit has no lesson "${key}"`);
  return content;
};
