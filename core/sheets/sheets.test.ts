import { describe, expect, it } from '@jest/globals';
import { TAUGHT_TIMES, dayTime, timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { CHOICES, DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { ITEM_KINDS, printedAs } from '../items/index.ts';
import { makeItem } from '../making/index.ts';
import { defaultChoices, layUnit } from '../planning/index.ts';
import { needsOf } from '../practice/index.ts';
import { response } from '../marking/given.test.support.ts';
import { believed } from '../diagnosis/judged.test.support.ts';
import { fontTable } from '../../tools/fontTable.ts';
import andika from './page/andika.json' with { type: 'json' };
import {
  HELPS,
  THINGS,
  boundsOf,
  PAPER_KINDS,
  SHEET_ORDER,
  asPrinted,
  codeText,
  composeForms,
  formByNeed,
  keyEntry,
  kindsOf,
  layKey,
  layPages,
  layThing,
  pagesOf,
  readCode,
  rulesBroken,
  sheetOfLesson,
  singleFace,
  sourceOf,
  svgFile,
  swapBreaks,
  swapSuggestions,
  tasksOfPart,
  textWidth,
  timeOfTask,
  usualRecipe,
  withTaskMoved,
  withTimeAt,
  type PaperItem,
  type SheetContent,
  type SheetRecipe,
} from './index.ts';
import { brokenLines, fitted } from './page/type.ts';

const RECIPE: SheetRecipe = usualRecipe('ticket', DEFAULT_CONVENTIONS, ['oclock', 'half-past']);
const formsOf = (over: Partial<SheetRecipe> = {}): readonly (readonly PaperItem[])[] => {
  const composed = composeForms({ ...RECIPE, ...over }, []);
  if (!('forms' in composed)) throw new Error(composed.problem);
  return composed.forms;
};
const contentOf = (over: Partial<SheetContent> = {}): SheetContent => ({
  ...RECIPE,
  title: 'Half past: which hour?',
  iCan: 'I can say it.',
  forms: formsOf(),
  ...over,
});
const SETTING = { conventions: DEFAULT_CONVENTIONS, day: 'Tue, Nov 24', printing: 1 };

describe('the table of the printed font', () => {
  it('is what the font files that ship say', () => expect(fontTable()).toEqual(andika));
  it('makes a line as wide as its letters', () => {
    // From the table: 0 is 1200 of 2048, a blank 550.
    expect(textWidth('0 0', 10)).toBeCloseTo(((1200 + 550 + 1200) / 2048) * 10, 6);
  });
  it('breaks lines between words, and makes what is too long smaller, then shorter', () => {
    for (const line of brokenLines('I can say which hour it is when it is half past.', 30, 4))
      expect(textWidth(line, 4)).toBeLessThanOrEqual(30);
    const small = fitted('Maximiliana-Josephine', 60, { most: 8, least: 4 });
    expect([small.text, small.size < 8]).toEqual(['Maximiliana-Josephine', true]);
    const short = fitted('Maximiliana-Josephine van der Meer', 30, { most: 8, least: 6 });
    expect(short.text).toMatch(/^Maxim.*…$/);
    expect(textWidth(short.text, short.size)).toBeLessThanOrEqual(30);
  });
});

describe('the code of a page', () => {
  it('is read back, whatever the numbers, in small letters and with blanks too', () => {
    for (let i = 1; i < 3000; i += 7) {
      const code = { printing: i * 13, copy: (i % 120) + 1, page: (i % 5) + 1 };
      expect(readCode(codeText(code))).toEqual(code);
      expect(readCode(` ${codeText(code).toLowerCase()} `)).toEqual(code);
    }
  });
  it('is refused with one letter wrong or two changed round', () => {
    const text = codeText({ printing: 4711, copy: 17, page: 2 });
    const letters = '0123456789ABCDEFGHJKMNPRSTVWXYZ';
    [...text].forEach((letter, i) => {
      if (letter === '-' || i < 2) return;
      for (const other of letters)
        if (other !== letter) expect(readCode(text.slice(0, i) + other + text.slice(i + 1))).toBeUndefined();
      const next = text[i + 1];
      if (next !== undefined && next !== '-' && next !== letter)
        expect(readCode(text.slice(0, i) + next + letter + text.slice(i + 2))).toBeUndefined();
    });
  });
  it.each(['', 'H1', 'H2-1-1-1-0', 'http://example.org', 'H1-0-1-1-X', 'H1--1-1-1'])('“%s” is none', (text) =>
    expect(readCode(text)).toBeUndefined(),
  );
  it('holds no name and fits a square code of at most 25 modules', () => {
    const text = codeText({ printing: 99_999, copy: 120, page: 9 });
    // Version 1, level M, holds 20 letters of this alphabet: 21 modules.
    expect(text.length).toBeLessThanOrEqual(20);
    expect(text).toMatch(/^[0-9A-Z-]+$/);
  });
});

describe('every kind of task', () => {
  it('has a paper form, or is printed as one that has', () => {
    expect(new Set(ITEM_KINDS.map(printedAs))).toEqual(new Set(PAPER_KINDS));
    expect([...SHEET_ORDER].sort()).toEqual([...PAPER_KINDS].sort());
  });
  it.each(ITEM_KINDS)('%s is laid out with a key, at each level of help', (kind) => {
    for (const help of HELPS) {
      const form = [asPrinted(makeItem(kind, seededRng(3)))];
      const content = contentOf({ help, forms: [form] });
      const [page] = [...layPages(content, [{ form: 0 }], SETTING)];
      expect(page!.zones.filter((zone) => zone.kind === 'item')).toHaveLength(1);
      const entry = keyEntry(form[0]!, DEFAULT_CONVENTIONS);
      expect(entry.right.text !== '' || entry.right.picture !== undefined).toBe(true);
      expect(layKey(content, 0, { of: '', day: '' }, DEFAULT_CONVENTIONS)).toHaveLength(1);
    }
  });
  it('says in its words nothing that is to be found out', () => {
    for (const shown of TAUGHT_TIMES) {
      const form = [
        { kind: 'write-digital', shown },
        { kind: 'hour-hand', shown },
      ] as const;
      const [page] = [...layPages(contentOf({ forms: [form], title: 'T', iCan: '' }), [{ form: 0 }], SETTING)];
      const texts = page!.marks.flatMap((mark) => (mark.kind === 'text' && mark.as === undefined ? [mark.text] : []));
      expect(texts.filter((text) => /\d/.test(text) && !/^[12]$|^H1|Nov/.test(text))).toEqual([]);
    }
  });
});

describe('a key', () => {
  it('of six tasks is one page, on either paper, and names a reason for each likely wrong answer', () => {
    for (const paper of ['a4', 'letter'] as const)
      for (let seed = 0; seed < 100; seed++) {
        const [form] = formsOf({ seed });
        const conventions = { ...DEFAULT_CONVENTIONS, paper };
        const pages = layKey(contentOf({ forms: [form!] }), 0, { of: 'A', day: 'Tue, Nov 24' }, conventions);
        expect(pages).toHaveLength(1);
        for (const mark of pages[0]!.marks) {
          const { y, height } = boundsOf(mark);
          expect(y + height).toBeLessThan(pages[0]!.height - 12.6);
        }
        for (const item of form!)
          for (const { rules } of keyEntry(item, conventions).wrong) expect(rules.length).toBeGreaterThan(0);
      }
  });
  it('leaves clear paper between lines, those of one reason and the next answer too', () => {
    const clear = 0.6; // millimetres
    for (const item of ITEM_KINDS.flatMap((kind) =>
      [1, 2, 3].map((seed) => asPrinted(makeItem(kind, seededRng(seed)))),
    )) {
      const content = contentOf({ forms: [[item, item]] });
      for (const { marks } of layKey(content, 0, { of: '', day: '' }, DEFAULT_CONVENTIONS)) {
        const texts = marks.filter((mark) => mark.kind === 'text').map((mark) => ({ mark, box: boundsOf(mark) }));
        for (const [i, { mark, box }] of texts.entries())
          for (const other of texts.slice(i + 1)) {
            const beside = box.x + box.width <= other.box.x || other.box.x + other.box.width <= box.x;
            const under = box.y + box.height + clear <= other.box.y || other.box.y + other.box.height + clear <= box.y;
            expect([mark, other.mark, beside || under]).toEqual([mark, other.mark, true]);
          }
      }
    }
  });
  it('has no wrong answer that is right, and none twice', () => {
    for (const item of formsOf({ seed: 5 }).flat()) {
      const { right, wrong } = keyEntry(item, DEFAULT_CONVENTIONS);
      const all = [right, ...wrong.map(({ shown }) => shown)].map((one) => JSON.stringify(one));
      expect(new Set(all).size).toBe(all.length);
    }
  });
});

describe('help on paper', () => {
  const texts = (help: SheetContent['help']): { numerals: string[]; dots: number } => {
    const form = [{ kind: 'draw', shown: timeOf(4, 30) }] as const;
    const content = contentOf({ type: 'practice', help, forms: [form] });
    const [page] = [...layPages(content, [{ form: 0 }], SETTING)];
    return {
      numerals: page!.marks.flatMap((mark) =>
        mark.kind === 'text' && mark.as === 'part-of-drawing' ? [mark.text] : [],
      ),
      dots: page!.marks.filter((mark) => mark.kind === 'circle' && mark.radius < 1).length,
    };
  };
  it('fades: minute numbers and a dot to rule back from, then numerals, then marks', () => {
    expect(texts('much').numerals).toContain('55');
    expect(texts('much').dots).toBe(2);
    expect(texts('some').numerals).toEqual(expect.arrayContaining(['12', '6']));
    expect(texts('some').numerals).not.toContain('55');
    expect(texts('some').dots).toBe(1);
    expect(texts('little').numerals).toEqual([]);
  });
  it.each(['read', 'draw', 'choose-clock', 'which-of', 'choose-words'] as const)(
    'has minute numbers a child can read, 7.5 points at least, clear of the rim: %s',
    (kind) => {
      const content = contentOf({ type: 'practice', help: 'much', forms: [[asPrinted(makeItem(kind, seededRng(3)))]] });
      const [page] = [...layPages(content, [{ form: 0 }], SETTING)];
      const numbers = page!.marks.flatMap((mark) =>
        mark.kind === 'text' && mark.ink === 'quiet' && mark.as === 'part-of-drawing' ? [mark] : [],
      );
      expect(numbers.length % 12).toBe(0);
      expect(numbers.length).toBeGreaterThan(0);
      for (const { size } of numbers) expect((size * 72) / 25.4).toBeGreaterThanOrEqual(7.499);
      const faces = page!.zones.flatMap((zone) => (zone.kind === 'face' ? [zone] : []));
      for (const { text, at, size } of numbers) {
        const from = Math.min(...faces.map((face) => Math.hypot(face.at.x - at.x, face.at.y - at.y) - face.radius));
        const reaches = /^(15|45)$/.test(text) ? size * 0.55 : 0;
        expect(from - reaches).toBeGreaterThan(0);
      }
    },
  );
});

describe('a recipe that cannot be kept', () => {
  it('says how many times there are, and is made with that many, or with times that come twice', () => {
    const wanted = { counts: { 'write-digital': 20 }, groups: ['oclock'] } as const;
    expect(composeForms({ ...RECIPE, ...wanted }, [])).toEqual({ problem: 'too-few-times', asked: 20, most: 12 });
    expect(formsOf({ ...wanted, counts: { 'write-digital': 12 } })[0]).toHaveLength(12);
    const twice = formsOf({ ...wanted, repeats: true })[0]!;
    expect(twice).toHaveLength(20);
    expect(new Set(twice.map(timeOfTask)).size).toBe(12);
  });
  it.each([
    [{ counts: {} }, 'no-task'],
    [{ counts: { draw: 41 } }, 'too-many'],
    [{ groups: [] }, 'no-group'],
    [{ counts: { draw: 1 }, groups: ['oclock'], fixed: [timeOf(12)] }, 'not-drawable'],
  ] as const)('%j: %s', (over, problem) => {
    expect(composeForms({ ...RECIPE, ...over } as SheetRecipe, [])).toMatchObject({ problem });
  });
  it('is none with forty tasks: they are laid out on as many pages as they take', () => {
    const forms = formsOf({ counts: { draw: 20, 'write-digital': 20 }, repeats: true });
    const content = contentOf({ forms });
    const pages = [...layPages(content, [{ form: 0 }], SETTING)];
    expect(pages.flatMap(({ zones }) => zones.filter((zone) => zone.kind === 'item'))).toHaveLength(40);
    expect(pagesOf(content, [{ form: 0 }], DEFAULT_CONVENTIONS)).toBe(pages.length);
  });
});

describe('times a teacher fixes and bans', () => {
  it('are there, and are not there', () => {
    for (let seed = 0; seed < 200; seed++) {
      const [fixed, banned] = [
        [timeOf(12, 30), timeOf(4)],
        [timeOf(3), timeOf(3, 30), timeOf(9)],
      ];
      for (const form of formsOf({ seed, fixed, banned })) {
        const times = form.map(timeOfTask);
        expect(times.filter((time) => banned.includes(time!))).toEqual([]);
      }
      expect(formsOf({ seed, fixed, banned })[0]!.map(timeOfTask)).toEqual(expect.arrayContaining(fixed));
    }
  });
});

describe('a sheet that is changed by hand', () => {
  const form = formsOf()[0]!;
  const before = layUnit(defaultChoices('2026-11-02', 'a unit')).slice(0, 14);
  it('has another time in a task, its options made anew, and the others as they were', () => {
    const changed = withTimeAt(form, 0, timeOf(9, 30), TAUGHT_TIMES, RECIPE, 1);
    expect(timeOfTask(changed[0]!)).toBe(timeOf(9, 30));
    expect(changed[0]!.kind).toBe(form[0]!.kind);
    expect(changed.slice(1)).toEqual(form.slice(1));
  });
  it('says which rule a swap would break, and offers first what breaks none', () => {
    const there = timeOfTask(form[1]!)!;
    expect(swapBreaks('ticket', form, before, 0, there).map(({ rule }) => rule)).toContain('repeated');
    const [best] = swapSuggestions('ticket', form, before, 0);
    expect(best!.breaks).toEqual([]);
    expect(
      rulesBroken('ticket', withTimeAt(form, 0, best!.time, TAUGHT_TIMES, RECIPE, 1), before).filter(
        ({ place }) => place === 0,
      ),
    ).toEqual([]);
  });
  it('has a task in another place', () => {
    expect(withTaskMoved(form, 0, 2)).toEqual([form[1], form[2], form[0], ...form.slice(3)]);
  });
});

describe('the sheet of a lesson', () => {
  const unit = layUnit(defaultChoices('2026-11-02', 'a unit'));
  const at = (i: number) => ({ lesson: unit[i]!, before: unit.slice(0, i) });
  it('has the very tasks of its ticket, as far as they can be printed, and breaks no rule on times', () => {
    unit.forEach((lesson, i) => {
      const asked = lesson.segments.find(({ kind }) => kind === 'ticket')?.items ?? [];
      const printed = tasksOfPart(at(i), 'ticket');
      expect(printed).toHaveLength(asked.length);
      const times = (items: readonly { readonly kind: string; readonly shown?: number }[]) =>
        items.flatMap(({ shown }) => shown ?? []).sort((a, b) => a - b);
      expect(times(printed as never)).toEqual(times(asked as never));
      expect(rulesBroken('ticket', printed, unit.slice(0, i)).filter(({ rule }) => rule === 'counting-order')).toEqual(
        [],
      );
    });
  });
  it('asks for no writing and no drawing that was not taught yet', () => {
    unit.forEach((lesson, i) => {
      const taught = [...unit.slice(0, i), lesson].flatMap(({ skills }) => skills);
      const kinds = tasksOfPart(at(i), 'ticket').map(({ kind }) => kind);
      if (!taught.some((skill) => /write|mixed|faces/.test(skill))) expect(kinds).not.toContain('write-digital');
      if (!taught.some((skill) => /draw|mixed|faces/.test(skill))) expect(kinds).not.toContain('draw');
    });
  });
  it('is mixed wherever more than one kind was taught', () => {
    const kindsIn = (items: readonly { readonly kind: string }[]): number =>
      new Set(items.map(({ kind }) => kind)).size;
    let looked = 0;
    unit.forEach((lesson, i) => {
      const taught = [...unit.slice(0, i), lesson].flatMap(({ skills }) => skills);
      const ticket = lesson.segments.find(({ kind }) => kind === 'ticket');
      // Before the first time is read there is one kind each: names of parts, the hour of one hand.
      if (ticket === undefined || !taught.includes('oclock-read')) return;
      expect(kindsIn(ticket.items)).toBeGreaterThan(1);
      // A reading is circled on paper until writing or drawing are taught.
      if (!taught.some((skill) => /match|write|draw/.test(skill))) return;
      looked += 1;
      expect(kindsIn(tasksOfPart(at(i), 'ticket'))).toBeGreaterThan(1);
    });
    expect(looked).toBeGreaterThan(2);
  });
  it('has two forms for a ticket and one for practice, and is known to be another after the lesson was changed', () => {
    const i = unit.findIndex(({ kind }) => kind === 'check');
    const made = sheetOfLesson(at(i), 'ticket', DEFAULT_CONVENTIONS);
    expect('content' in made && made.content.forms).toHaveLength(2);
    const segments = unit[i]!.segments.map((one) => ({ ...one, items: one.items.slice(1) }));
    expect(sourceOf({ segments }, 'ticket')).not.toBe(sourceOf(unit[i]!, 'ticket'));
  });
  it('is there for every lesson, laid out or not', () => {
    unit.forEach((_, i) => {
      for (const part of ['ticket', 'alone'] as const)
        expect(sheetOfLesson(at(i), part, DEFAULT_CONVENTIONS)).toHaveProperty('content');
    });
  });
});

describe('a form by need', () => {
  it('has the kinds of the recipe and no time twice, and asks a child who swaps the hands where it shows', () => {
    const needs = { ...needsOf([], ['oclock-read', 'oclock-draw'], TAUGHT_TIMES, '2026-11-24') };
    const swapped = [3, 4, 8].map((hour) =>
      response({ kind: 'read', shown: timeOf(hour) }, { kind: 'time', time: timeOf(12, (hour * 5) % 60) }),
    );
    const swapper = { ...needs, belief: believed(swapped) };
    for (let seed = 0; seed < 50; seed++)
      for (const one of [needs, swapper]) {
        const form = formByNeed({ ...RECIPE, forms: 'own' }, one, seed);
        expect(form.map(({ kind }) => kind)).toEqual(kindsOf(RECIPE));
        expect(new Set(form.map(timeOfTask)).size).toBe(form.length);
      }
  });
});

describe('a single clock', () => {
  it('is an SVG file in millimetres that names its font and needs nothing else', () => {
    const text = svgFile(
      singleFace(timeOf(4, 30), { outline: 'round', numerals: 'all', minuteNumbers: false, dot: false }, 24),
    );
    expect(text).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg" width="52mm" height="52mm"/);
    expect(text).toContain('rotate(135)');
    expect(text).toContain('rotate(180)');
    expect(text.match(/<text/g)).toHaveLength(12);
    expect(text).not.toContain('href');
  });
});

describe('things to print', () => {
  const day = ['arrive', 'lunch', 'a name that is far too long for any card of the day'].map((name, i) => ({
    name,
    picture: 'boot' as const,
    at: dayTime(480 + i * 210),
  }));
  it.each(THINGS)('%s stays within the margins on every face and paper, with nothing over its edge', (thing) => {
    for (const paper of ['a4', 'letter'] as const)
      for (const outline of CHOICES.outline.choices)
        for (const numerals of CHOICES.numerals.choices) {
          const conventions = { ...DEFAULT_CONVENTIONS, paper, outline, numerals };
          const words = ['o’clock', 'the hour’s own room', 'five minutes'];
          for (const page of layThing(thing, { conventions, words, day }))
            for (const mark of page.marks) {
              const { x, y, width, height } = boundsOf(mark);
              const isInside = x > 12.6 && y > 12.6 && x + width < page.width - 12.6 && y + height < page.height - 12.6;
              if (!isInside) throw new Error(`${paper} ${outline} ${numerals}: ${JSON.stringify(mark).slice(0, 200)}`);
            }
        }
  });
  it('are none where there is nothing on them', () => {
    expect(layThing('word-cards', { conventions: DEFAULT_CONVENTIONS, words: [], day: [] })).toEqual([]);
  });
});
