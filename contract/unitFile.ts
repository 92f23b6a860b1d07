import { z } from 'zod';
import { DayOff, PlannedLesson, UnitChoices, fitTogether } from './plan.ts';
import { MOST_LESSONS } from '../core/planning/index.ts';

/** What every unit file says of itself. Another version is another number. */
export const UNIT_FILE = { format: 'hoppel-unit', version: 1 } as const;

/**
 * A unit as a file, to keep, to pass on and to read back; docs/unit-file.md says what each part means. No child is in it.
 * What its parts say must fit together: days in order, segments one after another, tasks about the times beside them.
 */
export const UnitFile = z.strictObject({
  format: z.literal(UNIT_FILE.format, { error: `must be "${UNIT_FILE.format}": this is another kind of file` }),
  version: z.literal(UNIT_FILE.version, { error: `must be ${UNIT_FILE.version}: this file is of another version` }),
  name: z.string().max(60),
  choices: UnitChoices,
  skipped: z.array(DayOff).max(200),
  lessons: z
    .array(
      // What became of a lesson is its class's own.
      PlannedLesson.omit({ outcome: true }).superRefine(fitTogether),
    )
    .min(1)
    .max(MOST_LESSONS)
    .superRefine((lessons, context) => {
      lessons.forEach(({ day }, i) => {
        if (i > 0 && day <= lessons[i - 1]!.day)
          context.addIssue({ code: 'custom', path: [i, 'day'], message: 'must be after the day of the lesson before' });
      });
    }),
});
export type UnitFile = z.infer<typeof UnitFile>;
