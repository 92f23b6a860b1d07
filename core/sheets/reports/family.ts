import { timeOf, type DialTime } from '../../clock/index.ts';
import type { Conventions } from '../../conventions/index.ts';
import type { Level, Mastery } from '../../diagnosis/index.ts';
import type { Picture } from '../../pictures/index.ts';
import { skillICan, teacherSentence } from '../../reporting/index.ts';
import { SKILLS, SKILL_DATA, type Skill } from '../../skills/index.ts';
import { say } from '../../wording/index.ts';
import { clockAt } from '../clocks/clock.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import { fitted } from '../page/type.ts';
import { onlyMarks, together, type Page } from '../page/zone.ts';
import { headline, ownLook, pageOf, paragraph, roomOn } from '../things/thing.ts';

/** What a page for a family is made from: one child, and nobody else. */
export interface FamilySetting {
  readonly conventions: Conventions;
  readonly className: string;
  /** As the class writes days. */
  readonly day: string;
  readonly name: string;
  readonly picture: Picture;
  /** How far the child is in each skill it was seen in. */
  readonly skills: Partial<Readonly<Record<Skill, Pick<Mastery, 'level' | 'share'>>>>;
  /** Skills the class has been taught. */
  readonly taught: readonly Skill[];
}

/** The most that is told of each kind: a page is read at a kitchen table. The latest of the ladder say most. */
const MOST = { can: 5, nearly: 2, growing: 2, next: 1 } as const;

/** Expected share of right answers from which few answers are taken for a good sign. */
const WENT_WELL = 0.6;

/** What a child can, what it nearly can, what is growing, what comes next, and what there is to do at home. */
export interface FamilyWords {
  readonly can: readonly Skill[];
  readonly nearly: readonly Skill[];
  readonly growing: readonly Skill[];
  readonly next: readonly Skill[];
  readonly home: Skill;
}

/**
 * The skills a page for a family tells of. At home: the first of what is growing, for others lean on it; otherwise what is nearest to
 * being there, otherwise what comes next.
 */
export const familyWords = ({ skills, taught }: Pick<FamilySetting, 'skills' | 'taught'>): FamilyWords => {
  const at = (level: Level): Skill[] => SKILLS.filter((skill) => skills[skill]?.level === level);
  // What was asked once or twice, and went well, is not far.
  const wentWell = (skill: Skill): boolean => skills[skill]!.share >= WENT_WELL;
  const can = at('secure');
  const nearly = SKILLS.filter((skill) =>
    [...at('getting-there'), ...at('beginning').filter(wentWell)].includes(skill),
  );
  const growing = at('beginning').filter((skill) => !wentWell(skill));
  const open = SKILLS.filter((skill) => ![can, nearly, growing].some((some) => some.includes(skill)));
  const rung = (skill: Skill): number => SKILLS.indexOf(skill);
  const last = Math.max(-1, ...taught.map(rung));
  // A rung the child has passed does not come next, though it was never asked about it.
  const passed = Math.max(-1, ...SKILLS.filter((skill) => skills[skill] !== undefined).map(rung));
  // What was taught and not asked of this child yet, then the next rung behind all that was taught.
  const next = open
    .filter((skill) => rung(skill) > passed && (taught.includes(skill) || rung(skill) > last))
    .slice(0, MOST.next);
  return {
    can: can.slice(-MOST.can),
    nearly: nearly.slice(-MOST.nearly),
    growing: growing.slice(0, MOST.growing),
    next,
    home: growing[0] ?? nearly.at(-1) ?? next[0] ?? can.at(-1) ?? SKILLS[0],
  };
};

/** A clock to look for, where what is done at home is about a time. */
const exampleOf = (skill: Skill): DialTime | undefined => {
  switch (SKILL_DATA[skill].group) {
    case 'oclock':
      return timeOf(5);
    case 'half-past':
    case 'mixed':
      return timeOf(5, 30);
    default:
      return undefined;
  }
};

const SIDE = 12;
const TEXT = 4.6;
const LINE = TEXT * 1.35;

/** A page for one family, in plain words: what the child can do, what comes next, one thing to do at home with a real clock. */
export const familyPage = (setting: FamilySetting): Page => {
  const { conventions, name, picture, className, day } = setting;
  const told = (key: string): string =>
    teacherSentence({ key: `teacher.family.${key}`, values: { name, className, day } }, conventions);
  const room = roomOn(conventions);
  const x = room.x + SIDE;
  const width = room.width - 2 * SIDE;
  const marks: Mark[] = [];
  let y = room.y + 19;
  const put = (...more: Mark[]): void => void marks.push(...more);
  put(
    { kind: 'picture', name: picture, at: { x, y: y - 16 }, size: 20 },
    {
      ...headline(told('title'), { x: x + 26, y: y - 4 }, width - 26),
      ...fitted(told('title'), width - 26, { most: 9, least: 5, weight: 'bold' }),
    } as Mark,
    { kind: 'text', text: told('of'), at: { x: x + 26, y: y + 4 }, size: 4, ink: 'quiet' },
  );
  y += 18;
  const section = (title: string, lines: readonly string[], indent: number, textWidth = width): void => {
    put(headline(title, { x, y }, width));
    y += 8;
    for (const line of lines) {
      const written = paragraph(line, { x: x + indent, y }, textWidth - indent, TEXT);
      if (indent > 0) put({ kind: 'circle', at: { x: x + indent - 3.4, y: y - 1.6 }, radius: 0.9, fill: 'ink' });
      put(...written);
      y += written.length * LINE + 1;
    }
    y += 4.5;
  };
  const { can, nearly, growing, next, home } = familyWords(setting);
  const sentences = (skills: readonly Skill[]): string[] => skills.map((skill) => skillICan(skill, conventions));
  if (can.length + nearly.length + growing.length === 0) section(told('can'), [told('nothingYet')], 0);
  if (can.length > 0) section(told('can'), sentences(can), 6);
  if (nearly.length > 0) section(told('nearly'), sentences(nearly), 6);
  if (growing.length > 0) section(told('growing'), sentences(growing), 6);
  if (next.length > 0) section(told('next'), sentences(next), 6);
  const example = exampleOf(home);
  const radius = 18;
  const top = y;
  section(told('home'), [told(`do.${home}`)], 0, example === undefined ? width : width - 2 * radius - 12);
  const clockPlace: PagePoint = { x: x + width - radius - 4, y: top + radius + 4 };
  const drawn =
    example === undefined
      ? onlyMarks()
      : together(
          clockAt(example, { at: clockPlace, radius, look: ownLook(conventions), item: 0 }),
          onlyMarks({
            kind: 'text',
            text: say(example, conventions),
            at: { x: clockPlace.x, y: clockPlace.y + radius + 8 },
            size: TEXT,
            weight: 'bold',
            anchor: 'middle',
          }),
        );
  if (example !== undefined) y = Math.max(y, clockPlace.y + radius + 15);
  put(headline(told('teacher'), { x, y }, width));
  for (const at of [10, 20])
    put({ kind: 'line', from: { x, y: y + at }, to: { x: x + width, y: y + at }, line: { ink: 'faint', width: 0.3 } });
  put(...paragraph(told('about'), { x, y: room.y + room.height - 8 }, width, 3.4));
  return pageOf(conventions, `${name}, ${told('title')}`, together(onlyMarks(...marks), drawn));
};
