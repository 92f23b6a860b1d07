import { describe, expect, it } from '@jest/globals';
import { DEFAULT_CONVENTIONS } from '../../conventions/index.ts';
import type { Level } from '../../diagnosis/index.ts';
import { SKILLS, type Skill } from '../../skills/index.ts';
import { SAFE_MARGIN, boundsOf, familyPage, familyWords, overviewPages, type Page } from '../index.ts';

/** Everything on a page keeps off the margin no printer prints. */
const expectWithin = ({ marks, width: pageWidth, height: pageHeight }: Page): void => {
  for (const mark of marks) {
    const { x, y, width, height } = boundsOf(mark);
    expect(Math.min(x, y)).toBeGreaterThanOrEqual(SAFE_MARGIN);
    expect(x + width).toBeLessThanOrEqual(pageWidth - SAFE_MARGIN);
    expect(y + height).toBeLessThanOrEqual(pageHeight - SAFE_MARGIN);
  }
};

describe('a page for a family', () => {
  type Levels = Partial<Record<Skill, Level>>;
  const skillsOf = (levels: Levels, share = 0.4) =>
    Object.fromEntries(Object.entries(levels).map(([skill, level]) => [skill, { level, share }]));
  const words = (levels: Levels, taught: readonly Skill[] = [], share?: number) =>
    familyWords({ skills: skillsOf(levels, share), taught });
  it('tells what the child can, what is on its way and what comes next, and has one thing to do', () => {
    const { can, nearly, growing, next, home } = words(
      { parts: 'secure', 'oclock-read': 'getting-there', 'oclock-set': 'beginning' },
      ['parts', 'oclock-read', 'oclock-set'],
    );
    expect([can, nearly, growing]).toEqual([['parts'], ['oclock-read'], ['oclock-set']]);
    expect(next).toEqual(['oclock-match']);
    expect(home).toBe('oclock-set');
  });
  it('takes what was asked once and went well for a good sign, not for something to work on', () => {
    const { nearly, growing } = words({ clockwise: 'beginning' }, [], 0.67);
    expect([nearly, growing]).toEqual([['clockwise'], []]);
  });
  it('names what was taught and not asked of this child before what is still to come', () => {
    expect(words({ 'oclock-read': 'secure' }, ['oclock-read', 'oclock-draw']).next).toEqual(['oclock-draw']);
    expect(words({ 'oclock-read': 'secure' }, ['oclock-read']).next).toEqual(['oclock-set']);
    // Long past: the child reads half past, and was never asked to draw an o’clock.
    expect(words({ 'half-past-read': 'secure' }, ['oclock-draw', 'half-past-read']).next).toEqual(['half-past-set']);
    expect(words({}).home).toBe('what-for');
  });
  it('has room for all it can tell, in every language and on both papers', () => {
    const LEVELS = ['secure', 'getting-there', 'beginning', 'not-seen'] as const;
    for (const locale of ['en-US', 'en-GB'] as const)
      for (const [start] of SKILLS.entries()) {
        // Some of every level, so that each part is as long as it can be, and each thing to do comes once.
        const levels = Object.fromEntries(
          SKILLS.map((skill, i) => [skill, LEVELS[Math.floor(((i - start + SKILLS.length) % SKILLS.length) / 6)]!]),
        );
        const page = familyPage({
          conventions: { ...DEFAULT_CONVENTIONS, locale },
          className: 'Clover Room',
          day: 'Tue, Nov 24',
          name: 'Maximilian-Alexander',
          picture: 'snail',
          skills: skillsOf(levels),
          taught: [...SKILLS],
        });
        expectWithin(page);
        // What stands lowest but for the last line, the second line to write on, is above it.
        const low = page.marks.flatMap((mark) => (mark.kind === 'line' ? [mark.from.y] : []));
        const last = page.marks.flatMap((mark) => (mark.kind === 'text' ? [mark.at.y - mark.size] : []));
        expect(Math.max(...low)).toBeLessThan(Math.max(...last));
      }
  });
});

describe('a printed overview', () => {
  const MASTERY = {
    level: 'secure',
    share: 0.9,
    band: [0.7, 0.98],
    right: 9,
    answers: 10,
    last: '2026-11-24',
  } as const;
  const rows = (count: number) =>
    Array.from({ length: count }, (_, i) => ({
      name: `Maximilian-Alexander ${i}`,
      picture: 'snail' as const,
      skills: { 'oclock-read': MASTERY },
      need: i % 2 === 0 ? ('minute' as const) : undefined,
    }));
  const setting = { conventions: DEFAULT_CONVENTIONS, className: 'Clover Room', day: 'Tue, Nov 24' };
  it.each([0, 1, 24, 40])('has each of %i children once, in the order of the list', (count) => {
    const pages = overviewPages({ ...setting, rows: rows(count) });
    pages.forEach(expectWithin);
    const names = pages.flatMap(({ marks }) =>
      marks.flatMap((mark) => (mark.kind === 'text' && /^Maximilian/.test(mark.text) ? [mark.text] : [])),
    );
    expect(names).toHaveLength(count);
    expect(names).toEqual([...names].sort((a, b) => Number(a.split(' ')[1]) - Number(b.split(' ')[1])));
    expect(pages.length).toBeLessThanOrEqual(2);
  });
});
