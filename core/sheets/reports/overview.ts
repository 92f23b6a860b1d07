import type { Conventions } from '../../conventions/index.ts';
import { LEVELS, type Level, type Mastery, type NamedNeed } from '../../diagnosis/index.ts';
import { sectorPath } from '../../face/index.ts';
import type { Picture } from '../../pictures/index.ts';
import { levelWord, needText, skillGroupName, skillShort, teacherSentence } from '../../reporting/index.ts';
import { CLASS_SKILLS, groupOfSkill, type Skill, type SkillGroup } from '../../skills/index.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import { CAP_HEIGHT, fitted } from '../page/type.ts';
import { onlyMarks, type Page } from '../page/zone.ts';
import { headline, pageOf, paragraph, roomOn } from '../things/thing.ts';

/** A child in a printed overview. */
export interface OverviewRow {
  readonly name: string;
  readonly picture: Picture;
  readonly skills: Partial<Readonly<Record<Skill, Mastery>>>;
  readonly need: NamedNeed | undefined;
}
export interface OverviewSetting {
  readonly conventions: Conventions;
  readonly className: string;
  /** As the class writes days. */
  readonly day: string;
  readonly rows: readonly OverviewRow[];
}

const SIDE = 4;
const NAME_WIDTH = 36;
const REASON_WIDTH = 29;
/** Between the skills of two headings. */
const GAP = 3;
const ROW = { most: 8.6, least: 6.2 } as const;
const HEAD = 40;
const FOOT = 14;
/** What the legend's dials show. */
const LEGEND: Readonly<Record<Level, number>> = { 'not-seen': 0, beginning: 0.33, 'getting-there': 0.67, secure: 1 };

/** A dial: full where secure, a slice as far as it has come, a dot where nothing was seen. */
const dial = (level: Level, share: number, at: PagePoint, radius: number): Mark[] => {
  if (level === 'not-seen') return [{ kind: 'circle', at, radius: radius * 0.25, fill: 'faint' }];
  const filled = level === 'secure' ? 1 : Math.min(0.95, Math.max(0.05, share));
  return [
    { kind: 'circle', at, radius, line: { ink: 'ink', width: 0.25 } },
    { kind: 'path', d: sectorPath(filled, 100), at, unit: radius / 100, fill: level === 'secure' ? 'ink' : 'quiet' },
  ];
};

/** The class by skills on paper, children in the order of the list, never of results. As many pages as it takes. */
export const overviewPages = ({ conventions, className, day, rows }: OverviewSetting): Page[] => {
  const room = roomOn(conventions);
  const x = room.x + SIDE;
  const width = room.width - 2 * SIDE;
  const title = teacherSentence({ key: 'teacher.overview.title', values: { className, day } }, conventions);
  const care = teacherSentence({ key: 'teacher.overview.care', values: {} }, conventions);
  const forRows = room.height - HEAD - FOOT;
  const rowHeight = Math.max(ROW.least, Math.min(ROW.most, forRows / Math.max(1, rows.length)));
  const onPage = Math.floor(forRows / rowHeight);
  const groups = [...new Set(CLASS_SKILLS.map(groupOfSkill))].filter(
    (group): group is Exclude<SkillGroup, 'onward'> => group !== 'onward',
  );
  const step = (width - NAME_WIDTH - REASON_WIDTH - groups.length * GAP) / CLASS_SKILLS.length;
  const column = (at: number): number =>
    x +
    NAME_WIDTH +
    (at + 0.5) * step +
    groups.indexOf(groupOfSkill(CLASS_SKILLS[at]!) as (typeof groups)[number]) * GAP;
  const text = (
    words: string,
    at: PagePoint,
    wide: number,
    most: number,
    weight: 'regular' | 'bold' = 'regular',
  ): Mark => ({
    kind: 'text',
    ...fitted(words, wide, { most, least: 2.2, weight }),
    at,
    weight,
    anchor: 'middle',
  });
  const head: Mark[] = [
    headline(title, { x, y: room.y + 10 }, width),
    ...LEVELS.flatMap((level, i): Mark[] => [
      ...dial(level, LEGEND[level], { x: x + 3 + i * 38, y: room.y + 18 }, 2.2),
      {
        kind: 'text',
        text: levelWord(level, conventions),
        at: { x: x + 7 + i * 38, y: room.y + 18 + (CAP_HEIGHT * 3.4) / 2 },
        size: 3.4,
      },
    ]),
    ...groups.map((group) => {
      const places = CLASS_SKILLS.flatMap((skill, at) => (groupOfSkill(skill) === group ? [at] : []));
      const middle = (column(places[0]!) + column(places.at(-1)!)) / 2;
      return text(
        skillGroupName(group, conventions),
        { x: middle, y: room.y + 30 },
        places.length * step - 1,
        3.6,
        'bold',
      );
    }),
    ...CLASS_SKILLS.map((skill, at) =>
      text(skillShort(skill, conventions), { x: column(at), y: room.y + 36 }, step - 0.8, 3.2),
    ),
  ];
  const rowMarks = ({ name, picture, skills, need }: OverviewRow, at: number): Mark[] => {
    const middle = room.y + HEAD + (at + 0.5) * rowHeight;
    const size = Math.min(6, rowHeight - 1.4);
    const baseline = middle + (CAP_HEIGHT * 3.8) / 2;
    const said = need === undefined ? '' : teacherSentence(needText(need, 'short'), conventions);
    return [
      ...(at % 2 === 0
        ? [
            {
              kind: 'line',
              from: { x, y: middle - rowHeight / 2 },
              to: { x: x + width, y: middle - rowHeight / 2 },
              line: { ink: 'faint', width: 0.15 },
            } as const,
          ]
        : []),
      { kind: 'picture', name: picture, at: { x, y: middle - size / 2 }, size },
      { kind: 'text', ...fitted(name, NAME_WIDTH - 10, { most: 3.8, least: 2.6 }), at: { x: x + 8, y: baseline } },
      ...CLASS_SKILLS.flatMap((skill, i) => {
        const mastery = skills[skill];
        return dial(
          mastery?.level ?? 'not-seen',
          mastery?.share ?? 0,
          { x: column(i), y: middle },
          Math.min(2.6, rowHeight * 0.34),
        );
      }),
      ...(said === ''
        ? []
        : [
            {
              kind: 'text',
              ...fitted(said, REASON_WIDTH - 2, { most: 3.2, least: 2.2 }),
              at: { x: x + width - REASON_WIDTH + 2, y: baseline },
            } as const,
          ]),
    ];
  };
  return Array.from({ length: Math.max(1, Math.ceil(rows.length / onPage)) }, (_, page) => {
    const some = rows.slice(page * onPage, (page + 1) * onPage);
    return pageOf(
      conventions,
      title,
      onlyMarks(...head, ...some.flatMap(rowMarks), ...paragraph(care, { x, y: room.y + room.height - 4 }, width, 3.2)),
    );
  });
};
