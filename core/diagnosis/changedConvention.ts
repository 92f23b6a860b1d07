import type { Conventions } from '../conventions/index.ts';
import type { NamedNeed } from './needs.ts';
import { schoolDaysBetween } from './over.ts';

/** Something the class had agreed on and does otherwise since a day (YYYY-MM-DD). */
export interface ConventionChange {
  readonly convention: keyof Conventions;
  readonly day: string;
}

/** Needs that may seem to be there because children still do it the old way. */
const SEEMS: Partial<Readonly<Record<keyof Conventions, readonly NamedNeed[]>>> = {
  handNames: ['hands'],
  handColours: ['hands'],
  firstRead: ['hands'],
  drawnFirst: ['hands'],
  halfPastPhrase: ['between', 'minute'],
  hourFinding: ['between'],
  minuteSupport: ['minute'],
  digitalForm: ['writing'],
  otherForms: ['writing'],
};
/** Children have got used to a change after so many school days. */
const USED_TO = 5;

/** The latest change that may lie behind a need. @param days on which answers speak for it */
export const changeBehind = (
  need: NamedNeed,
  days: readonly string[],
  changes: readonly ConventionChange[],
): ConventionChange | undefined =>
  changes
    .filter(
      ({ convention, day: changed }) =>
        SEEMS[convention]?.includes(need) === true &&
        days.some((day) => day >= changed && schoolDaysBetween(changed, day) <= USED_TO),
    )
    .sort((a, b) => b.day.localeCompare(a.day))[0];
