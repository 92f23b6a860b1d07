import { LEVELS, type Mastery, type NamedNeed } from '../diagnosis/index.ts';
import { SKILLS, type Skill } from '../skills/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import type { Table } from './table.ts';

/** How a child stands, with its reason where the answers speak for one. */
export interface Standing {
  readonly childId: number;
  readonly name: string;
  readonly skills: Partial<Readonly<Record<Skill, Mastery>>>;
  readonly need: NamedNeed | undefined;
  readonly rule: WrongRule | undefined;
}

export const MASTERY_COLUMNS = ['child_id', 'child', 'skill', 'level', 'share', 'right', 'answers'] as const;
/** How far each child has come in each skill it was seen in: one line each. */
export const masteryTable = (children: readonly Standing[]): Table => [
  MASTERY_COLUMNS,
  ...children.flatMap(({ childId, name, skills }) =>
    SKILLS.flatMap((skill) => {
      const mastery = skills[skill];
      if (mastery === undefined) return [];
      const { level, share, right, answers } = mastery;
      return [[String(childId), name, skill, level, share.toFixed(3), String(right), String(answers)]];
    }),
  ),
];

/** Columns before those of the skills. */
export const OVERVIEW_COLUMNS = ['child_id', 'child', 'need', 'rule', ...LEVELS.slice(1)] as const;
/** A line for each child: its reason, how many skills are at each level, and its level in each skill the class was seen in. */
export const overviewTable = (children: readonly Standing[]): Table => {
  const seen = SKILLS.filter((skill) => children.some(({ skills }) => skills[skill] !== undefined));
  return [
    [...OVERVIEW_COLUMNS, ...seen],
    ...children.map(({ childId, name, skills, need, rule }) => [
      String(childId),
      name,
      need ?? '',
      rule ?? '',
      ...LEVELS.slice(1).map((level) => String(seen.filter((skill) => skills[skill]?.level === level).length)),
      ...seen.map((skill) => skills[skill]?.level ?? 'not-seen'),
    ]),
  ];
};
