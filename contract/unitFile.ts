import { z } from 'zod';
import { DayOff, PlannedLesson, UnitChoices } from './plan.ts';
import { MOST_LESSONS, lessonMinutes } from '../core/planning/index.ts';
import { timeOfItem } from '../core/items/index.ts';

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
      PlannedLesson.omit({ outcome: true }).superRefine(({ segments }, context) => {
        segments.forEach(({ startsAt, times, items }, at) => {
          if (startsAt !== lessonMinutes(segments.slice(0, at)))
            context.addIssue({
              code: 'custom',
              path: ['segments', at, 'startsAt'],
              message: 'must be the minutes of the segments before it',
            });
          items.forEach((item, i) => {
            const about = timeOfItem(item);
            if (times.length > 0 && about !== undefined && about !== times[i])
              context.addIssue({
                code: 'custom',
                path: ['segments', at, 'items', i],
                message: 'must be about the time at the same place',
              });
          });
        });
      }),
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
