import type { DemonstrationKind } from '../demonstrations/index.ts';
import { EITHERS } from './either.ts';

/** What is done at the board with the whole class, besides a clock, a round and a demonstration. */
export const ACTIVITIES = ['how-long', 'what-first', 'place-day', 'from-to', 'parts', ...EITHERS] as const;
export type ActivityKind = (typeof ACTIVITIES)[number];
/** What a part of a lesson opens the board with. */
export type Show = DemonstrationKind | ActivityKind;

/** By a lesson's key: what its Show is about, and what is done together where it is no clock that is read. */
const OF_LESSON: Readonly<Record<string, { readonly show?: Show; readonly together?: Show }>> = {
  'why-clocks': { together: 'what-first' },
  'how-long': { show: 'a-minute', together: 'how-long' },
  parts: { show: 'parts', together: 'parts' },
  clockwise: { show: 'day-and-night' },
  'oclock-read-set': { show: 'once-round' },
  'oclock-match-write': { show: 'digits-count' },
  'oclock-draw': { show: 'draw-it' },
  'oclock-judge': { show: 'possible', together: 'possible' },
  'half-turn': { show: 'half-way' },
  'half-past-which-hour': { show: 'which-hour' },
  'half-past-match-write': { show: 'three-ways' },
  'half-past-draw': { show: 'draw-it' },
  'both-meet': { show: 'half-way' },
  'both-set': { show: 'next-hour' },
  'both-match-write': { show: 'three-ways' },
  'both-draw': { show: 'draw-it' },
  'judge-clock': { show: 'possible', together: 'possible' },
  'quarter-past': { show: 'quarters' },
  'quarter-to': { show: 'quarters' },
  'five-minutes': { show: 'fives' },
  'five-minutes-set': { show: 'minutes-to' },
};
/** Lessons whose parts open something of their own. */
export const LESSONS_WITH_SHOWS = Object.keys(OF_LESSON);

/** @returns none where the clock itself is shown, with the times of the part */
export const showOf = (lessonKey: string, part: string): Show | undefined =>
  part === 'show' || part === 'together' ? OF_LESSON[lessonKey]?.[part] : undefined;
