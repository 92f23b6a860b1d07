import type { Skill } from '../skills/index.ts';
import type { DayAhead } from './state.ts';

/**
 * What may be done otherwise up to the same end date.
 * - `plan`: nothing
 * - `again`: a skill is taught once more first, all else a lesson later
 * - `practice`: three short practices a week on tablets, of all that was taught by then
 * - `skip`: no lesson on the next Friday, all after it a lesson later
 */
export const WHAT_IFS = ['plan', 'again', 'practice', 'skip'] as const;
export type WhatIf = (typeof WHAT_IFS)[number];

/** What a practice of a few minutes is worth beside a lesson. */
const PRACTICE = 0.3;
const PRACTICES_A_WEEK = 3;
const SCHOOL_DAYS = 5;
const FRIDAY = 5;

const isFriday = (day: string): boolean => new Date(`${day}T00:00:00Z`).getUTCDay() === FRIDAY;
/** The same days with other work on them; what comes behind the last day comes too late. */
const laidOn = (ahead: readonly DayAhead[], work: readonly DayAhead['skills'][]): DayAhead[] =>
  ahead.map(({ day }, i) => ({ day, skills: work[i] ?? [] }));

/**
 * The days ahead if something were done otherwise.
 * @param skill that would be taught again @param taught skills taught so far
 */
export const daysIf = (
  whatIf: WhatIf,
  ahead: readonly DayAhead[],
  { skill, taught }: { readonly skill: Skill | undefined; readonly taught: readonly Skill[] },
): readonly DayAhead[] => {
  const work = ahead.map(({ skills }) => skills);
  switch (whatIf) {
    case 'plan':
      return ahead;
    case 'again':
      return skill === undefined ? ahead : laidOn(ahead, [[{ skill, weight: 1 }], ...work]);
    case 'skip': {
      const friday = ahead.findIndex(({ day }) => isFriday(day));
      return friday < 0 ? ahead : laidOn(ahead, [...work.slice(0, friday), [], ...work.slice(friday)]);
    }
    case 'practice': {
      const known = new Set(taught);
      return ahead.map(({ day, skills }) => {
        for (const { skill: one } of skills) known.add(one);
        const more = [...known].map((one) => ({ skill: one, weight: (PRACTICE * PRACTICES_A_WEEK) / SCHOOL_DAYS }));
        return { day, skills: [...skills, ...more] };
      });
    }
  }
};
