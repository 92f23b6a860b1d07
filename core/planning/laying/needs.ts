import { SKILL_DATA, skillOfItem, type ClockWord, type Skill } from '../../skills/index.ts';
import type { Conventions } from '../../conventions/index.ts';
import { kindsLaidOut, type ItemKind } from '../../items/index.ts';
import type { Medium } from './choices.ts';
import { lessonTemplate } from './ladder.ts';
import type { PlannedLesson } from './segment.ts';

/** Things to lay out or print. */
export const READY_ITEMS = [
  'wall-clock',
  'geared-clock',
  'day-pictures',
  'word-cards',
  'other-clocks',
  'paper-clocks',
  'tablets',
  'pencils',
  'ticket-paper',
  'practice-paper',
  'table-clock',
] as const;
export type ReadyItem = (typeof READY_ITEMS)[number];

/** Words a lesson brings in at most. */
const MOST_WORDS = 5;

/** What the class finds hour and minutes by decides which words it needs. */
type WordConventions = Pick<Conventions, 'hourFinding' | 'minuteSupport'>;
const byTurns: readonly ClockWord[] = ['straight-up', 'half-turn'];
/** A word as this class goes by it: "already passed" may be "the hour's own room", half a turn may be counting fives. */
const asAgreed = (word: ClockWord, { hourFinding, minuteSupport }: WordConventions): readonly ClockWord[] => {
  if (word === 'passed') return [hourFinding];
  if (!byTurns.includes(word) || minuteSupport === 'straight') return [word];
  return minuteSupport === 'both' ? [word, 'five-minutes'] : ['five-minutes'];
};

/** The words of a lesson: its own, then those of its skills, as the class has agreed. */
export const wordsOfLesson = (
  { key, skills }: Pick<PlannedLesson, 'key' | 'skills'>,
  conventions: WordConventions,
): ClockWord[] => {
  const words = new Set<ClockWord>(
    skills.flatMap((skill) => SKILL_DATA[skill].words.flatMap((word) => asAgreed(word, conventions))),
  );
  for (const word of lessonTemplate(key).words ?? []) words.add(word);
  return [...words].slice(0, Math.max(MOST_WORDS, lessonTemplate(key).words === undefined ? 0 : words.size));
};

/** What has to lie ready, from what happens in a lesson; it changes when the lesson is changed. */
export const thingsOfLesson = (
  { key, skills, segments }: Pick<PlannedLesson, 'key' | 'skills' | 'segments'>,
  media: Medium,
): ReadyItem[] => {
  const has = (kind: string): boolean => segments.some((segment) => segment.kind === kind);
  const asks = (tasks: ReadonlySet<ItemKind>): boolean =>
    segments.some(({ items }) => items.some((item) => tasks.has(item.kind)));
  const children = has('show-me') || has('alone');
  const onPaper = media !== 'tablets';
  const needed: Record<ReadyItem, boolean> = {
    'wall-clock': skills.includes('what-for') || skills.includes('parts'),
    'geared-clock': has('show'),
    'day-pictures': asks(kindsLaidOut('day-pictures')),
    'word-cards': skills.includes('parts') || asks(kindsLaidOut('word-cards')),
    'other-clocks': skills.includes('other-faces') || skills.includes('judge-clock'),
    'paper-clocks': has('show-me') && onPaper,
    tablets: children && media !== 'paper',
    pencils: onPaper && (has('ticket') || asks(kindsLaidOut('pencil'))),
    'ticket-paper': has('ticket') && onPaper,
    'practice-paper': onPaper && segments.some(({ kind, items }) => kind === 'alone' && items.length > 0),
    'table-clock': key === 'again',
  };
  return READY_ITEMS.filter((item) => needed[item]);
};

/** The skill a check is about: that of its ticket's first task. None where a lesson has neither ticket nor skill. */
export const skillOfCheck = ({ skills, segments }: Pick<PlannedLesson, 'skills' | 'segments'>): Skill | undefined => {
  const task = segments.find(({ kind }) => kind === 'ticket')?.items[0];
  return task === undefined ? skills.at(-1) : skillOfItem(task);
};
