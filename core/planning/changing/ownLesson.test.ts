import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { timeOf } from '../../clock/index.ts';
import { seededRng } from '../../common/index.ts';
import { DEFAULT_CONVENTIONS } from '../../conventions/index.ts';
import { timeOfItem } from '../../items/index.ts';
import { lessonICan, lessonTitle } from '../../reporting/index.ts';
import {
  PART_TASKS,
  applyChange,
  contentOfLesson,
  defaultChoices,
  draftOfLesson,
  lessonMinutes,
  lessonOfDraft,
  newPlan,
  type ChangeContext,
  type OwnPart,
  type Plan,
  type PlanChange,
} from '../index.ts';

const FIRST = '2026-09-07';
const plan: Plan = newPlan(defaultChoices(FIRST, 'own'), 1);
const context: ChangeContext = { today: FIRST, taught: new Set(), nextId: 900 };
const made = { rng: seededRng(1), met: ['oclock'] } as const;
const done = (change: PlanChange, from = plan): Plan => {
  const result = applyChange(from, change, context);
  if (!result.done) throw new Error(result.refusal);
  return result.plan;
};
const part = (more: Partial<OwnPart> = {}): OwnPart => ({
  kind: 'together',
  minutes: 5,
  task: 'read',
  times: [timeOf(3), timeOf(8)],
  ...more,
});

describe('a lesson of one’s own', () => {
  const own = lessonOfDraft(
    {
      title: 'Hare’s day',
      iCan: 'I can read when the hare is fed.',
      parts: [part(), part({ kind: 'show', task: 'none' })],
    },
    undefined,
    made,
  );
  it('has its title, its sentence, its parts one after another and a task for each time', () => {
    expect(own).toMatchObject({ key: 'blank', title: 'Hare’s day', skills: ['oclock-read'] });
    expect(own.segments.map(({ kind, startsAt, minutes }) => [kind, startsAt, minutes])).toEqual([
      ['together', 0, 5],
      ['show', 5, 5],
    ]);
    expect(own.segments[0]!.items.map((item) => [item.kind, timeOfItem(item)])).toEqual([
      ['read', timeOf(3)],
      ['read', timeOf(8)],
    ]);
    expect(own.segments[1]!.items).toEqual([]);
    expect(lessonTitle(own, DEFAULT_CONVENTIONS)).toBe('Hare’s day');
    expect(lessonICan(own, DEFAULT_CONVENTIONS)).toBe('I can read when the hare is fed.');
  });
  it('is put in on a day of its own, a check where it has a ticket', () => {
    const { lessons } = done({ kind: 'insert', what: 'content', after: plan.lessons[1]!.id, lesson: own });
    expect(lessons).toHaveLength(plan.lessons.length + 1);
    expect(lessons[2]).toMatchObject({ id: 900, title: 'Hare’s day', kind: 'lesson' });
    expect(new Set(lessons.map(({ day }) => day)).size).toBe(lessons.length);
    const ticket = { ...own, segments: [{ ...own.segments[0]!, kind: 'ticket' as const }] };
    expect(done({ kind: 'insert', what: 'content', after: null, lesson: ticket }).lessons[0]!.kind).toBe('check');
  });
  it('leaves out times its task cannot be about: both hands lie on each other at 12:00', () => {
    const { segments } = lessonOfDraft(
      { title: '', iCan: '', parts: [part({ task: 'draw', times: [timeOf(12), timeOf(3)] })] },
      undefined,
      made,
    );
    expect(segments[0]!.times).toEqual([timeOf(3)]);
  });
});

describe('a copy', () => {
  it('of any lesson is that lesson, on a day of its own', () => {
    for (const lesson of plan.lessons) {
      const content = contentOfLesson(lesson);
      const { lessons } = done({ kind: 'insert', what: 'content', after: plan.lessons.at(-1)!.id, lesson: content });
      const { id, day, ...copy } = lessons.at(-1)!;
      expect(id).toBe(900);
      expect(day > plan.lessons.at(-1)!.day).toBe(true);
      expect({ ...copy, id: lesson.id, day: lesson.day }).toEqual(lesson);
    }
  });
});

describe('a lesson that is changed', () => {
  it('without a change is what it was, whatever lesson it is', () => {
    for (const lesson of plan.lessons)
      expect(lessonOfDraft(draftOfLesson(lesson), lesson, made)).toEqual(contentOfLesson(lesson));
  });
  it('keeps the tasks of parts that were not touched, its key, its skills and its day', () => {
    const lesson = plan.lessons.find(({ segments }) => segments.some(({ kind }) => kind === 'show-me'))!;
    const at = lesson.segments.findIndex(({ kind }) => kind === 'show-me');
    const draft = draftOfLesson(lesson);
    const parts = draft.parts.map((one, i) => (i === at ? { ...one, times: [timeOf(4)] } : one));
    const fresh = lessonOfDraft({ ...draft, title: 'Mine', parts }, lesson, made);
    const changed = done({ kind: 'rewrite', lessonId: lesson.id, lesson: fresh }).lessons.find(
      ({ id }) => id === lesson.id,
    )!;
    expect(changed).toMatchObject({ key: lesson.key, skills: lesson.skills, day: lesson.day, title: 'Mine' });
    expect(changed.segments[at]!.times).toEqual([timeOf(4)]);
    changed.segments.forEach((segment, i) => i !== at && expect(segment).toEqual(lesson.segments[i]));
    // An empty title and sentence are those of its kind again.
    const back = done(
      {
        kind: 'rewrite',
        lessonId: lesson.id,
        lesson: lessonOfDraft({ ...draftOfLesson(changed), title: '' }, changed, made),
      },
      { ...plan, lessons: plan.lessons.map((one) => (one.id === lesson.id ? changed : one)) },
    ).lessons.find(({ id }) => id === lesson.id)!;
    expect(back.title).toBeUndefined();
  });
  it('of a day that is past is refused', () => {
    const [lesson] = plan.lessons;
    const change: PlanChange = { kind: 'rewrite', lessonId: lesson!.id, lesson: contentOfLesson(lesson!) };
    expect(applyChange(plan, change, { ...context, today: '2027-01-04' })).toEqual({ done: false, refusal: 'past' });
  });
  it('has minutes that add up and tasks about its times, for any parts', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            kind: fc.constantFrom('warm-up', 'show', 'together', 'show-me', 'ticket' as const),
            minutes: fc.integer({ min: 1, max: 30 }),
            task: fc.constantFrom('none' as const, ...PART_TASKS),
            times: fc.uniqueArray(fc.integer({ min: 0, max: 719 }), { maxLength: 6 }),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        fc.integer(),
        (parts, seed) => {
          const { segments } = lessonOfDraft({ title: '', iCan: '', parts: parts as never }, undefined, {
            rng: seededRng(seed),
            met: ['oclock', 'half-past'],
          });
          segments.forEach(({ startsAt, times, items }, at) => {
            expect(startsAt).toBe(lessonMinutes(segments.slice(0, at)));
            items.forEach((item, i) => expect(timeOfItem(item)).toBe(times[i]));
          });
        },
      ),
      { numRuns: 60 },
    ));
});
