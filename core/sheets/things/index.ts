import type { Page } from '../page/zone.ts';
import { dayPictures, wordCards } from './cards.ts';
import { blankFaces, otherFaces, showMeCard } from './faces.ts';
import { paperClock } from './paperClock.ts';
import { testPage } from './testPage.ts';
import type { ThingSetting } from './thing.ts';

/** Things to lay out that are printed as they are. */
export const THINGS = [
  'paper-clock',
  'show-me-card',
  'blank-faces',
  'other-faces',
  'word-cards',
  'day-pictures',
  'test-page',
] as const;
export type Thing = (typeof THINGS)[number];

const LAID: Readonly<Record<Thing, (setting: ThingSetting) => Page[]>> = {
  'paper-clock': paperClock,
  'show-me-card': showMeCard,
  'blank-faces': blankFaces,
  'other-faces': otherFaces,
  'word-cards': wordCards,
  'day-pictures': dayPictures,
  'test-page': testPage,
};

/** The pages of a thing; none where there is nothing to print on it, as word cards of a lesson without words. */
export const layThing = (thing: Thing, setting: ThingSetting): Page[] => LAID[thing](setting);
