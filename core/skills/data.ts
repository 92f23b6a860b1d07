import { kindsDoing, type ItemKind } from '../items/index.ts';
import { SKILLS, type Skill, type SkillGroup } from './ladder.ts';
import type { ClockWord } from './words.ts';

/**
 * Statements of curricula a skill answers to, as tags; a school's own scheme comes first.
 * - `us-1-time`: US grade 1, tell and write time in hours and half-hours using analog and digital clocks
 * - `us-2-time`: US grade 2, tell and write time to the nearest five minutes
 * - `us-3-time`: US grade 3, tell and write time to the nearest minute
 * - `england-1-time`: England year 1, tell the time to the hour and half past the hour and draw the hands
 * - `england-1-order`: England year 1, sequence events, measure and begin to record time (hours, minutes, seconds)
 * - `england-2-time`: England year 2, tell and write the time to five minutes, quarter past and to the hour
 * - `england-3-time`: England year 3, tell and write the time from an analogue clock, Roman numerals too
 */
export const CURRICULUM_TAGS = [
  'us-1-time',
  'us-2-time',
  'us-3-time',
  'england-1-time',
  'england-1-order',
  'england-2-time',
  'england-3-time',
] as const;
export type CurriculumTag = (typeof CURRICULUM_TAGS)[number];

/** What is fixed about a skill. Its I-can sentence is in the word files: `teacher.skills.<skill>.iCan`. */
export interface SkillData {
  readonly group: SkillGroup;
  /** Skills it leans on, each earlier on the ladder. */
  readonly prerequisites: readonly Skill[];
  /** Kinds of task that show it. */
  readonly itemKinds: readonly ItemKind[];
  readonly words: readonly ClockWord[];
  readonly tags: readonly CurriculumTag[];
}

const FIRST_GRADE = ['us-1-time', 'england-1-time'] as const;
const skill = (
  group: SkillGroup,
  prerequisites: readonly Skill[],
  itemKinds: readonly ItemKind[],
  words: readonly ClockWord[],
  tags: readonly CurriculumTag[] = FIRST_GRADE,
): SkillData => ({ group, prerequisites, itemKinds, words, tags });

const READ = kindsDoing('read');
const SET = kindsDoing('set');
const MATCH = kindsDoing('match');
const WRITE = kindsDoing('write');
const ANY_READING: readonly ItemKind[] = [...READ, ...SET, ...MATCH, ...WRITE, 'draw'];

/** The ladder as data: each skill's heading, what it leans on, how it is shown, its words and tags. */
export const SKILL_DATA: Readonly<Record<Skill, SkillData>> = {
  'what-for': skill('clock', [], ['day-order'], ['clock', 'morning', 'afternoon'], ['england-1-order']),
  'how-long': skill('clock', [], ['how-long'], ['second', 'minute', 'hour'], ['england-1-order']),
  parts: skill('clock', [], ['name-part'], ['face', 'numbers', 'hour-hand', 'minute-hand']),
  clockwise: skill('clock', ['parts'], ['direction'], ['clockwise', 'morning', 'afternoon']),
  'hour-hand-on': skill('clock', ['parts'], ['hour-hand'], ['hour-hand', 'clockwise']),
  'hour-hand-between': skill('clock', ['hour-hand-on', 'clockwise'], ['hour-hand'], ['hour-hand', 'passed']),
  'oclock-read': skill('oclock', ['hour-hand-on'], READ, ['oclock', 'straight-up']),
  'oclock-set': skill('oclock', ['oclock-read'], SET, ['oclock', 'hour-hand', 'minute-hand', 'straight-up']),
  'oclock-match': skill('oclock', ['oclock-read'], MATCH, ['oclock', 'analog', 'digital']),
  'oclock-write': skill('oclock', ['oclock-read'], WRITE, ['oclock', 'digital', 'colon']),
  'oclock-draw': skill('oclock', ['oclock-set'], ['draw'], ['hour-hand', 'minute-hand', 'oclock']),
  'half-past-read': skill('half-past', ['hour-hand-between', 'oclock-read'], READ, [
    'half-past',
    'half-turn',
    'passed',
  ]),
  'half-past-set': skill('half-past', ['half-past-read', 'oclock-set'], SET, ['half-past', 'half-turn']),
  'half-past-match': skill('half-past', ['half-past-read', 'oclock-match'], MATCH, ['half-past', 'analog', 'digital']),
  'half-past-write': skill('half-past', ['half-past-read', 'oclock-write'], WRITE, ['half-past', 'digital', 'colon']),
  'half-past-draw': skill(
    'half-past',
    ['half-past-set', 'oclock-draw'],
    ['draw'],
    ['half-past', 'hour-hand', 'passed'],
  ),
  // The hour hand alone is put from digits: it waits until these are known.
  mixed: skill(
    'mixed',
    ['oclock-read', 'half-past-read'],
    ['pair', 'set-hour-hand', ...ANY_READING],
    ['oclock', 'half-past'],
  ),
  'other-faces': skill(
    'mixed',
    ['oclock-read'],
    [...READ, 'choose-clock'],
    ['face', 'numbers'],
    ['us-1-time', 'england-3-time'],
  ),
  'judge-clock': skill(
    'mixed',
    ['oclock-read'],
    ['judge-clock', 'mend-clock'],
    ['possible', 'hour-hand', 'minute-hand'],
  ),
  'quarter-past': skill('onward', ['mixed'], ANY_READING, ['quarter-past'], ['us-2-time', 'england-2-time']),
  'quarter-to': skill('onward', ['quarter-past'], ANY_READING, ['quarter-to'], ['us-2-time', 'england-2-time']),
  'five-minutes': skill('onward', ['quarter-to'], ANY_READING, ['five-minutes'], ['us-2-time', 'england-2-time']),
  'to-the-minute': skill('onward', ['five-minutes'], ANY_READING, ['minute'], ['us-3-time', 'england-3-time']),
};

/** The heading each skill stands under. */
export const groupOfSkill = (name: Skill): SkillGroup => SKILL_DATA[name].group;

/** Every skill a skill leans on, directly or through others, in teaching order. */
export const leansOn = (name: Skill): Skill[] => {
  const all = new Set<Skill>();
  const collect = (one: Skill): void => {
    for (const before of SKILL_DATA[one].prerequisites) {
      all.add(before);
      collect(before);
    }
  };
  collect(name);
  return SKILLS.filter((one) => all.has(one));
};
