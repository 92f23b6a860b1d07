import { SKILL_DATA, type Skill } from '../../skills/index.ts';
import type { TimeGroup } from '../../sets/index.ts';
import type { UnitChoices } from './choices.ts';
import {
  FIRST_LESSONS,
  HALF_PAST_LESSONS,
  HAND_LESSONS,
  MIXED_LESSONS,
  OCLOCK_LAST,
  OCLOCK_LESSONS,
  ONWARD_LESSONS,
  TOGETHER_LESSONS,
  EXTRA_LESSONS,
  type LessonTemplate,
} from './templates.ts';

/** What decides which lessons a unit has. */
type Scope = Pick<UnitChoices, 'level' | 'order' | 'handFirst'>;

const { whyClocks, howLong, parts, clockwise } = FIRST_LESSONS;
const OPENING: readonly LessonTemplate[] = [whyClocks, howLong, parts, clockwise];

/** Every lesson there is, by its key. */
const ALL: readonly LessonTemplate[] = [
  ...OPENING,
  ...Object.values(HAND_LESSONS),
  ...OCLOCK_LESSONS,
  ...OCLOCK_LAST,
  ...HALF_PAST_LESSONS,
  ...TOGETHER_LESSONS,
  ...MIXED_LESSONS,
  ...ONWARD_LESSONS,
  ...Object.values(EXTRA_LESSONS),
];
export const LESSON_KEYS = ALL.map(({ key }) => key) as [string, ...string[]];

/** The template of a lesson. @throws RangeError for a key there is no lesson of */
export const lessonTemplate = (key: string): LessonTemplate => {
  const found = ALL.find((one) => one.key === key);
  if (found === undefined) throw new RangeError(`there is no lesson "${key}"`);
  return found;
};

/** Skills the hour hand alone would have brought, for the first lesson that needs them. */
const withHandSkills = (lessons: readonly LessonTemplate[]): LessonTemplate[] => {
  const missing = new Set<Skill>(['hour-hand-on', 'hour-hand-between']);
  return lessons.map((lesson) => {
    const needed = [...missing].filter((hand) =>
      lesson.skills.some((skill) => SKILL_DATA[skill].prerequisites.includes(hand)),
    );
    needed.forEach((hand) => missing.delete(hand));
    return needed.length === 0 ? lesson : { ...lesson, skills: [...needed, ...lesson.skills] };
  });
};

/** The lessons of a unit in teaching order: what is leaned on comes first, a ticket every second or third lesson. */
export const ladderOf = ({ level, order, handFirst }: Scope): LessonTemplate[] => {
  const main: readonly LessonTemplate[] =
    level === 'kindergarten'
      ? [...OCLOCK_LESSONS, ...OCLOCK_LAST]
      : [
          ...(order === 'together' ? TOGETHER_LESSONS : [...OCLOCK_LESSONS, ...HALF_PAST_LESSONS]),
          ...MIXED_LESSONS,
          ...(level === 'onward' ? ONWARD_LESSONS : []),
        ];
  const hand = level === 'kindergarten' ? HAND_LESSONS.onNumerals : HAND_LESSONS.both;
  return handFirst ? [...OPENING, hand, ...main] : withHandSkills([...OPENING, ...main]);
};

/** Groups of times that lessons on a skill teach. Those on the hour hand alone teach none. */
const GROUP_OF_SKILL: Partial<Record<Skill, TimeGroup>> = {
  'quarter-past': 'quarter-past',
  'quarter-to': 'quarter-to',
  'five-minutes': 'five-minutes',
  'to-the-minute': 'minutes',
};

/** The groups of times that a lesson on these skills teaches, in teaching order. */
export const groupsTaught = (skills: readonly Skill[]): TimeGroup[] => [
  ...new Set(
    skills.flatMap((skill): TimeGroup[] => {
      const { group } = SKILL_DATA[skill];
      if (group === 'oclock' || group === 'half-past') return [group];
      const own = GROUP_OF_SKILL[skill];
      return own === undefined ? [] : [own];
    }),
  ),
];
