import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { openSchool, type School } from '../school.test.support.ts';
import { FERN_CHOICES as choices, openFernRoom } from './fernRoom.test.support.ts';

describe('a unit', () => {
  let school: School;
  beforeEach(async () => {
    school = await openFernRoom();
  });
  afterEach(() => school.close());
  const state = async () => (await school.get('/classroom').expect(200)).body;
  const make = async (over = {}) =>
    (await school.post('/plan', { id: newId(), choices: { ...choices, ...over } }).expect(201)).body;
  const change = (version: number, change: object, id = newId()) =>
    school.post('/plan/changes', { id, version, change });

  it('is laid out from a handful of answers, once for each id', async () => {
    const sent = { id: newId(), choices };
    await school.post('/plan', sent).expect(201);
    const { body } = await school.post('/plan', sent).expect(201);
    expect(body.lessons).toHaveLength(16);
    expect(body.lessons[0]).toMatchObject({ number: 1, day: '2026-11-30' });
    for (const { segments } of body.lessons)
      expect(segments.reduce((sum: number, one: { minutes: number }) => sum + one.minutes, 0)).toBe(18);
    expect(body.plan).toMatchObject({ choices, undo: null, redo: null });
  });
  it.each([
    ['no days of the week', { weekdays: [] }],
    ['ten minutes', { minutes: 10 }],
    ['a first day that is none', { firstDay: '2026-02-30' }],
    ['a day off that ends before it begins', { daysOff: [{ from: '2026-12-02', to: '2026-12-01', name: 'x' }] }],
    ['a level there is not', { level: 'university' }],
  ])('with %s is refused', async (_, over) => {
    const { body } = await school.post('/plan', { id: newId(), choices: { ...choices, ...over } }).expect(400);
    expect(body.code).toBe('malformed');
    expect((await state()).plan).toBeNull();
  });
  it('needs days to be taught on', async () => {
    const closed = { daysOff: [{ from: '2026-01-01', to: '2031-01-01', name: 'closed' }] };
    expect(
      (await school.post('/plan', { id: newId(), choices: { ...choices, ...closed } }).expect(409)).body.code,
    ).toBe('no-days-left');
  });
  it('is changed from the state the screen shows, once for each id, and by one screen only', async () => {
    const { plan, lessons } = await make();
    const skip = { kind: 'skip', day: lessons[3].day, name: 'fire drill' };
    const id = newId();
    const { body } = await change(plan.version, skip, id).expect(200);
    expect(body.lessons[3].day > lessons[3].day).toBe(true);
    expect((await change(plan.version, skip, id).expect(200)).body).toEqual(body);
    expect((await change(plan.version, { kind: 'remove', lessonId: lessons[5].id }).expect(409)).body.code).toBe(
      'plan-moved-on',
    );
  });
  it('goes back and forward through every change, over a restart too', async () => {
    const states = [await make()];
    const changes = [
      { kind: 'move', lessonId: states[0].lessons[9].id, to: 12 },
      { kind: 'minutes', lessonId: states[0].lessons[8].id, at: 1, minutes: 6 },
      { kind: 'insert', after: states[0].lessons[4].id, what: 'blank' },
    ];
    for (const one of changes) states.push((await change(states.at(-1)!.plan.version, one).expect(200)).body);
    await school.restart();
    for (let i = 2; i >= 0; i--) {
      const { plan } = await state();
      expect(plan.undo).toMatchObject(changes[i]!);
      const { body } = await school.post('/plan/undo', { version: plan.version }).expect(200);
      expect(body.lessons).toEqual(states[i].lessons);
    }
    for (let i = 1; i <= 3; i++) {
      const { plan } = await state();
      expect(plan.redo).toMatchObject(changes[i - 1]!);
      const { body } = await school.post('/plan/redo', { version: plan.version }).expect(200);
      expect(body.lessons).toEqual(states[i].lessons);
    }
    const { plan } = await state();
    expect((await school.post('/plan/redo', { version: plan.version }).expect(409)).body.code).toBe('nothing-to-undo');
  });
  it('forgets what was undone once something else is done', async () => {
    const { plan, lessons } = await make();
    const skipped = (await change(plan.version, { kind: 'skip', day: lessons[3].day, name: 'x' })).body;
    const undone = (await school.post('/plan/undo', { version: skipped.plan.version })).body;
    const other = (await change(undone.plan.version, { kind: 'remove', lessonId: lessons[5].id }).expect(200)).body;
    expect(other.plan.redo).toBeNull();
    const back = (await school.post('/plan/undo', { version: other.plan.version }).expect(200)).body;
    expect(back.plan.redo).toMatchObject({ kind: 'remove' });
  });
  it('puts 12:30 into the sets when the class goes by “the smaller number”, and can take that back', async () => {
    const made = await make();
    const rounds = (body: typeof made): number =>
      body.lessons
        .flatMap(({ segments }: { segments: { kind: string; times: number[] }[] }) => segments)
        .filter(({ kind, times }: { kind: string; times: number[] }) => kind !== 'together' && times.includes(30))
        .length;
    await school.put('/settings', { ...made.settings, hourFinding: 'smaller' }).expect(200);
    const after = await state();
    expect(after.plan.undo).toEqual({ kind: 'exception' });
    expect(rounds(after)).toBeGreaterThan(0);
    const { body } = await school.post('/plan/undo', { version: after.plan.version }).expect(200);
    expect(body.lessons).toEqual(made.lessons);
  });
  it('tells which rule a request breaks', async () => {
    const { plan, lessons } = await make();
    expect(
      (await change(plan.version, { kind: 'reschedule', lessonId: lessons[3].id, day: '2026-12-06' }).expect(409)).body
        .code,
    ).toBe('not-a-teaching-day');
    expect((await change(plan.version, { kind: 'remove', lessonId: 999 }).expect(404)).body.code).toBe(
      'no-such-lesson',
    );
    await change(plan.version, { kind: 'blow-up' }).expect(400);
  });
});

describe('a unit that has begun', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool(); // lesson 8 is today
  });
  afterEach(() => school.close());
  const state = async () => (await school.get('/classroom').expect(200)).body;

  it('keeps its past whatever is done, and says which lessons stand fast', async () => {
    const { plan, lessons, fixed } = await state();
    expect(fixed).toEqual([1, 2, 3, 4, 5, 6, 7]);
    const sent = { id: newId(), version: plan.version, change: { kind: 'move', lessonId: 3, to: 9 } };
    expect((await school.post('/plan/changes', sent).expect(409)).body.code).toBe('held');
    const again = { id: newId(), choices: { ...plan.choices, level: 'kindergarten', firstDay: '2026-11-24' } };
    const { body } = await school.post('/plan', again).expect(201);
    expect(body.lessons.slice(0, 7)).toEqual(lessons.slice(0, 7));
    expect(body.lessons[7]).toMatchObject({ number: 8, key: 'oclock-read-set', day: '2026-11-24' });
    expect(body.lessons).toHaveLength(12); // five of the twelve are left
  });
  it('lets a lesson that nobody answered in be said to be held or left out, and be held today after all', async () => {
    const DAY = 86_400_000;
    school.passTime(DAY); // lesson 8 was yesterday, and nobody answered
    const send = async (change: object) => {
      const { plan } = await state();
      return school.post('/plan/changes', { id: newId(), version: plan.version, change });
    };
    const taught = [1, 2, 3, 4, 5, 6, 7];
    expect(await state()).toMatchObject({ taught, fixed: [...taught, 8] });
    const left = await send({ kind: 'outcome', lessonId: 8, outcome: 'left-out' });
    expect(left.body.lessons[7]).toMatchObject({ id: 8, outcome: 'left-out' });
    expect((await send({ kind: 'outcome', lessonId: 7, outcome: 'left-out' })).body.code).toBe('held');
    expect((await send({ kind: 'outcome', lessonId: 10, outcome: 'held' })).body.code).toBe('not-yet');
    const today = await send({ kind: 'reschedule', lessonId: 8, day: '2026-11-25' });
    expect(today.body.lessons.slice(7, 9)).toMatchObject([
      { id: 8, day: '2026-11-25' },
      { id: 9, day: '2026-11-26' },
    ]);
    expect(today.body.lessons[7]).not.toHaveProperty('outcome');
    const undone = await school.post('/plan/undo', { version: today.body.plan.version }).expect(200);
    expect(undone.body.lessons[7]).toMatchObject({ id: 8, day: '2026-11-24', outcome: 'left-out' });
    const redone = await school.post('/plan/redo', { version: undone.body.plan.version }).expect(200);
    expect(redone.body.lessons[7].day).toBe('2026-11-25');
    school.passTime(DAY);
    expect((await school.post('/plan/undo', { version: redone.body.plan.version }).expect(409)).body.code).toBe(
      'too-late',
    );
    // What became of a lesson is no part of a unit that is passed on.
    await send({ kind: 'outcome', lessonId: 8, outcome: 'held' });
    expect((await school.get('/plan/unit.json').expect(200)).text).not.toContain('outcome');
  });
  it('takes answers to a lesson that was taken out meanwhile', async () => {
    const { plan } = await state();
    await school
      .post('/plan/changes', { id: newId(), version: plan.version, change: { kind: 'remove', lessonId: 8 } })
      .expect(200);
    const answer = {
      id: newId(),
      childId: 1,
      answer: { kind: 'hands', hour: 90, minute: 0 },
      to: { setting: 'alone', lessonId: 8, item: { kind: 'set', shown: 180 }, attempt: 1 },
    };
    await school.answer(answer).expect(201);
  });
  it('does not take a file in its place', async () => {
    const { text } = await school.get('/plan/unit.json').expect(200);
    expect((await school.post('/plan/unit-file', { id: newId(), text }).expect(409)).body.code).toBe('unit-begun');
  });
  it('may not go back to another past', async () => {
    const { plan } = await state();
    await school
      .post('/plan/changes', { id: newId(), version: plan.version, change: { kind: 'move', lessonId: 8, to: 9 } })
      .expect(200);
    const moved = await state();
    const answer = {
      id: newId(),
      childId: 1,
      answer: { kind: 'hands', hour: 90, minute: 0 },
      to: { setting: 'alone', lessonId: 9, item: { kind: 'set', shown: 180 }, attempt: 1 },
    };
    await school.answer(answer).expect(201); // lesson 9 is being given today
    expect((await school.post('/plan/undo', { version: moved.plan.version }).expect(409)).body.code).toBe('too-late');
  });
});

describe('files in and out', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  const read = (text: string) => school.post('/plan/unit-file', { id: newId(), text });

  it('a unit read back from its file is the same unit', async () => {
    const { body: before } = await school.get('/classroom');
    const version = before.plan.version;
    await school
      .post('/plan/changes', { id: newId(), version, change: { kind: 'skip', day: '2026-11-26', name: 'garden day' } })
      .expect(200);
    const { text, headers } = await school.get('/plan/unit.json').expect(200);
    expect(headers['content-disposition']).toContain('Clover Room.hoppel.json');
    expect(text).not.toMatch(/Ada|Bram/);
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: [] }).expect(201);
    const { body } = await read(text).expect(201);
    expect(body.plan.skipped).toEqual([{ from: '2026-11-26', to: '2026-11-26', name: 'garden day' }]);
    const again = (await school.get('/plan/unit.json').expect(200)).text;
    expect(again).toBe(
      text.replace('Clover Room', 'Fern Room').replace('"seed": "Fern Room"', '"seed": "Clover Room"'),
    );
  });
  it.each<[string, (text: string) => string, RegExp]>([
    ['that is cut off', (text) => text.slice(0, 900), /line \d+, column \d+/],
    ['of another kind', () => '{"format":"a-recipe"}', /format: must be "hoppel-unit"/],
    ['of another version', (text) => text.replace('"version": 1', '"version": 2'), /version: must be 1/],
    [
      'with a time beyond the dial',
      (text) => text.replace(/"shown": \d+/, '"shown": 9999'),
      /lessons\[\d+\]\.segments\[\d+\]\.items\[0\]/,
    ],
    [
      'whose minutes do not follow',
      (text) => text.replace('"startsAt": 6', '"startsAt": 7'),
      /lessons\[0\]\.segments\[1\]\.startsAt: must be the minutes/,
    ],
    [
      'whose days are out of order',
      (text) => text.replace(/"day": "[\d-]+"/, '"day": "2027-01-01"'),
      /lessons\[1\]\.day: must be after/,
    ],
    ['that is a picture', () => '\u0089PNG\r\n', /line 1, column 1/],
  ])('a file %s is refused with the place of the fault', async (_, spoil, place) => {
    const { text } = await school.get('/plan/unit.json').expect(200);
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: [] }).expect(201);
    const { body } = await read(spoil(text)).expect(400);
    expect(body.code).toBe('bad-file');
    expect(body.message).toMatch(place);
    expect((await school.get('/classroom')).body.plan).toBeNull();
  });

  it('the plan is a page a week, on the paper of the country or what the class has chosen', async () => {
    const pdf = async () =>
      (
        await school
          .get('/plan/plan.pdf')
          .buffer()
          .parse(bytes as never)
          .expect(200)
      ).body as Buffer;
    const us = await pdf();
    expect(us.subarray(0, 5).toString()).toBe('%PDF-');
    const pages = (file: Buffer) => file.toString('latin1').match(/\/Type \/Page\b[^s]/g)!.length;
    expect(pages(us)).toBe(4); // 13 November to 4 December
    expect(us.toString('latin1')).toContain('[0 0 792 612]');
    const { body } = await school.get('/classroom');
    await school.put('/settings', { ...body.settings, locale: 'en-GB' }).expect(200);
    expect((await pdf()).toString('latin1')).toContain('[0 0 841.89 595.28]');
    await school.put('/settings', { ...body.settings, locale: 'en-GB', paper: 'letter' }).expect(200);
    expect((await pdf()).toString('latin1')).toContain('[0 0 792 612]');
  });
  it('is a page a week even where every day is taught for half an hour', async () => {
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
    const full = { ...choices, minutes: 30, weekdays: [1, 2, 3, 4, 5, 6, 7], level: 'onward', firstDay: '2026-11-30' };
    const { body } = await school.post('/plan', { id: newId(), choices: full }).expect(201);
    const reply = await school
      .get('/plan/plan.pdf')
      .buffer()
      .parse(bytes as never)
      .expect(200);
    expect((reply.body as Buffer).toString('latin1').match(/\/Type \/Page\b[^s]/g)).toHaveLength(
      Math.ceil(body.lessons.length / 7),
    );
  });
  it('says that there is nothing to take out where there is no unit', async () => {
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: [] }).expect(201);
    for (const path of ['unit.json', 'unit.ics', 'plan.pdf'])
      expect((await school.get(`/plan/${path}`).expect(409)).body.code).toBe('no-unit');
  });
});

/** Collects a binary reply. */
const bytes = (res: NodeJS.ReadableStream, done: (error: Error | null, body: Buffer) => void): void => {
  const chunks: Buffer[] = [];
  res.on('data', (chunk: Buffer) => chunks.push(chunk));
  res.on('end', () => done(null, Buffer.concat(chunks)));
};
