import { z } from 'zod';
import { isDayTime, isDialTime, type DayTime, type DialTime } from '../core/clock/index.ts';
import { LEVELS } from '../core/diagnosis/index.ts';
import { VERDICTS } from '../core/marking/index.ts';
import { SKILLS } from '../core/skills/index.ts';

/** Whole minutes after twelve, 0..719. */
export const Time = z.custom<DialTime>((value) => typeof value === 'number' && isDialTime(value), {
  error: 'must be whole minutes after twelve, 0 to 719',
});
/** Degrees clockwise from 12, any finite number from 0 to 360. */
export const Angle = z.number().min(0).max(360);
/** An id made by the sender, so that sending again stores nothing twice. */
export const SenderId = z.uuid();
/** Days a unit can have to do with: its children are at school in them. */
const DAYS = { first: '2000-01-01', last: '2199-12-31' } as const;
/** A calendar day, YYYY-MM-DD. */
export const CalendarDay = z.iso
  .date({ error: 'must be a day written YYYY-MM-DD' })
  .refine((day) => day >= DAYS.first && day <= DAYS.last, { error: 'must be a day from 2000 to 2199' });
/** Whole minutes after midnight, 0..1439. */
export const TimeOfDay = z.custom<DayTime>((value) => typeof value === 'number' && isDayTime(value), {
  error: 'must be whole minutes after midnight, 0 to 1439',
});

export const Verdict = z.enum(VERDICTS);
export const Mastery = z.strictObject({
  level: z.enum(LEVELS),
  share: z.number(),
  /** Where the share lies with nine chances in ten. */
  band: z.tuple([z.number(), z.number()]).readonly(),
  right: z.int(),
  answers: z.int(),
  /** School day it was seen last; empty where it was not. */
  last: z.string(),
});
export const SkillName = z.enum(SKILLS);
