import { spawnSync } from 'node:child_process';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { v4 as newId } from 'uuid';
import { openSchool, type School } from '../school.test.support.ts';
import { FERN_CHOICES as choices, openFernRoom } from './fernRoom.test.support.ts';

const calendar = (...events: string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Quillbrook//EN', ...events, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: string[]): string =>
  ['BEGIN:VEVENT', 'UID:x', 'DTSTAMP:20261101T000000Z', ...lines, 'END:VEVENT'].join('\r\n');

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

  it('the calendar has an event a lesson, at number time wherever it is looked at', async () => {
    const { text } = await school
      .get('/plan/unit.ics')
      .expect(200)
      .expect('Content-Type', /calendar/);
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(16);
    expect(text).toContain('DTSTART:20261124T090000\r\n');
    expect(text).toContain('DTEND:20261124T092000\r\n');
    expect(text).toContain('SUMMARY:8. O’clock: read and set');
  });
  it('the calendar is no other school’s: its events have names made by chance once', async () => {
    const uids = (text: string) => [...text.matchAll(/^UID:(.*)$/gm)].map(([, uid]) => uid!.trim());
    const ours = uids((await school.get('/plan/unit.ics').expect(200)).text);
    const other = await openSchool();
    try {
      const theirs = uids((await other.get('/plan/unit.ics').expect(200)).text);
      expect(ours.filter((uid) => theirs.includes(uid))).toEqual([]);
    } finally {
      await other.close();
    }
    expect(new Set(ours).size).toBe(16);
    expect(uids((await school.get('/plan/unit.ics')).text)).toEqual(ours);
  });
  it('the calendar tells other programs what is newer, and what was taken out', async () => {
    const read = async () => {
      const { text } = await school.get('/plan/unit.ics').expect(200);
      const field = (one: string, name: string) => new RegExp(`^${name}:(.*)$`, 'm').exec(one)?.[1]?.trim();
      return new Map(
        text
          .split('BEGIN:VEVENT')
          .slice(1)
          .map((one) => [
            field(one, 'UID'),
            { sequence: Number(field(one, 'SEQUENCE')), stamp: field(one, 'DTSTAMP')!, status: field(one, 'STATUS') },
          ]),
      );
    };
    const before = await read();
    const { lessons, plan } = (await school.get('/classroom')).body;
    school.setClock(60_000);
    await school.post('/plan/changes', {
      id: newId(),
      version: plan.version,
      change: { kind: 'remove', lessonId: lessons[14].id },
    });
    const after = await read();
    const gone = [...after].filter(([, { status }]) => status === 'CANCELLED');
    expect(gone).toHaveLength(1);
    expect(after.size).toBe(before.size);
    for (const [uid, { sequence, stamp }] of after) {
      const was = before.get(uid)!;
      expect(sequence === was.sequence ? stamp === was.stamp : sequence > was.sequence && stamp > was.stamp).toBe(true);
    }
    // A clock that was set back makes nothing older.
    school.setClock(-3_600_000);
    await school.post('/plan/undo', { version: (await school.get('/classroom')).body.plan.version }).expect(200);
    const back = await read();
    expect(back.get(gone[0]![0])!).toMatchObject({ status: 'CONFIRMED', sequence: gone[0]![1].sequence + 1 });
    expect(back.get(gone[0]![0])!.stamp >= gone[0]![1].stamp).toBe(true);
  });
  it('the calendar can be subscribed to at an address of its own, until that is withdrawn', async () => {
    expect((await school.get('/plan/calendar').expect(200)).body).toEqual({ address: null });
    const { address } = (await school.post('/plan/calendar', {}).expect(201)).body as { address: string };
    expect((await school.post('/plan/calendar', {}).expect(201)).body.address).toBe(address);
    const path = new URL(address).pathname;
    // Another device of the network, with nothing to show.
    const subscribed = () => request(school.url).get(path).set('Host', '192.168.1.2:4930');
    const { text } = await subscribed().expect(200);
    expect(text).toBe((await school.get('/plan/unit.ics')).text);
    for (const { name } of (await school.get('/classroom')).body.children) expect(text).not.toContain(name);
    await school.delete('/plan/calendar').expect(200);
    await subscribed().expect(404);
    await request(school.url).get('/api/calendar/undefined.ics').expect(404);
    expect((await school.post('/plan/calendar', {})).body.address).not.toBe(address);
  });
  it('the calendar stays one whatever the class is called', async () => {
    await school.put('/classes/opened', { name: 'Clover, Room; 1\nBEGIN:VEVENT' }).expect(200);
    const { text } = await school.get('/plan/unit.ics').expect(200);
    expect(text.match(/^BEGIN:VEVENT/gm)).toHaveLength(16);
    expect(text).toContain('NAME:Clover\\, Room\\; 1\\nBEGIN:VEVENT\r\n');
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

  it('days off are read from a school’s calendar: whole days, several in a row, and those that come every year', async () => {
    const text = calendar(
      event('DTSTART;VALUE=DATE:20261126', 'DTEND;VALUE=DATE:20261128', 'SUMMARY:Harvest break'),
      event('DTSTART;VALUE=DATE:20201225', 'RRULE:FREQ=YEARLY', 'SUMMARY:Winter holiday'),
      event('DTSTART;VALUE=DATE:20260101', 'SUMMARY:Long ago'),
      event(
        'DTSTART;TZID=Europe/Berlin:20261130T160000',
        'DTEND;TZID=Europe/Berlin:20261130T170000',
        'SUMMARY:Staff meeting',
      ),
    );
    const { body } = await school.post('/plan/days-off', { text, from: '2026-11-01', to: '2027-02-01' }).expect(200);
    expect(body).toEqual({
      daysOff: [
        { from: '2026-11-26', to: '2026-11-27', name: 'Harvest break' },
        { from: '2026-12-25', to: '2026-12-25', name: 'Winter holiday' },
      ],
      passedOver: 1,
    });
  });
  it.each([
    ['every fifth day since 2016', 'FREQ=DAILY;INTERVAL=5', '20160104', ['2026-12-02', '2026-12-07']],
    ['every second week since 2016', 'FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,WE', '20160104', ['2026-12-07', '2026-12-09']],
    ['four thousand times', 'FREQ=DAILY;COUNT=4000', '20160104', ['2026-11-29', '2026-11-30']],
    ['every first Monday', 'FREQ=MONTHLY;BYDAY=1MO', '20160104', ['2026-12-07', '2027-01-04']],
    ['daily until this autumn', 'FREQ=DAILY;UNTIL=20261130', '20160104', ['2026-11-29', '2026-11-30']],
    ['not yet', 'FREQ=DAILY', '20270110', ['2027-01-10', '2027-01-11']],
  ])('a series is walked on the unit’s days alone, and falls on the right ones: %s', async (_, rule, start, days) => {
    const text = calendar(event(`DTSTART;VALUE=DATE:${start}`, `RRULE:${rule}`, 'SUMMARY:x'));
    const { body } = await school.post('/plan/days-off', { text, from: '2026-11-29', to: '2027-02-01' }).expect(200);
    const found = (body.daysOff as { from: string }[]).map(({ from }) => from);
    expect(found.slice(0, days.length)).toEqual(days);
  });
  it('a series of several days that began before the unit reaches into it', async () => {
    const text = calendar(
      event('DTSTART;VALUE=DATE:20160103', 'DTEND;VALUE=DATE:20160107', 'RRULE:FREQ=WEEKLY', 'SUMMARY:x'),
    );
    const { body } = await school.post('/plan/days-off', { text, from: '2026-12-01', to: '2026-12-05' }).expect(200);
    expect(body.daysOff).toEqual([{ from: '2026-11-29', to: '2026-12-02', name: 'x' }]);
  });
  it.each([
    ['the 30th of February, every day', [['RRULE:FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30']], /without end/],
    [
      'five that are counted, daily for twenty-six years',
      Array(5).fill(['RRULE:FREQ=DAILY;COUNT=400000']),
      /too often/,
    ],
  ])(
    'a calendar that repeats without end is refused with a sentence, and the room goes on: %s',
    async (_, events, why) => {
      const text = calendar(
        ...(events as string[][]).map((lines) => event('DTSTART;VALUE=DATE:20000101', ...lines, 'SUMMARY:x')),
      );
      const sent = school.post('/plan/days-off', { text, from: '2026-11-01', to: '2027-02-01' }).then((reply) => reply);
      await school.get('/classroom').expect(200);
      const { status, body } = await sent;
      expect([status, body.code]).toEqual([400, 'bad-file']);
      expect(body.message).toMatch(why as RegExp);
    },
  );
  it('what was called off or leaves the time free is no day off; days named one by one are, with the first', async () => {
    const day = (start: string, ...more: string[]) => event(`DTSTART;VALUE=DATE:${start}`, ...more, `SUMMARY:${start}`);
    const text =
      calendar(
        day('20261201', 'STATUS:CANCELLED'),
        day('20261202', 'TRANSP:TRANSPARENT'),
        day('20261203', 'X-MICROSOFT-CDO-BUSYSTATUS:FREE'),
        day('20261204', 'STATUS:CONFIRMED', 'TRANSP:OPAQUE'),
      ) + calendar(day('20261207', 'RDATE;VALUE=DATE:20261209,20261211'));
    const { body } = await school.post('/plan/days-off', { text, from: '2026-11-01', to: '2027-02-01' }).expect(200);
    expect((body.daysOff as { from: string }[]).map(({ from }) => from)).toEqual([
      '2026-12-04',
      '2026-12-07',
      '2026-12-09',
      '2026-12-11',
    ]);
    expect(body.passedOver).toBe(3);
  });
  it.each(['', 'a letter to parents', 'BEGIN:VCALENDAR\nBEGIN:VEVENT\nEND:VCALENDAR', 'BEGIN:VCARD\nEND:VCARD'])(
    'what is no calendar is refused: %j',
    async (text) => {
      const { body } = await school.post('/plan/days-off', { text, from: '2026-11-01', to: '2027-02-01' }).expect(400);
      expect(body.code).toBe('bad-file');
    },
  );
});

describe('the calendar in other time zones', () => {
  const script = `
    import { calendarOf, eventsOfUnit } from './server/plan/unitCalendar.ts';
    import { layUnit, defaultChoices } from './core/planning/index.ts';
    import { DEFAULT_CONVENTIONS } from './core/conventions/index.ts';
    const choices = defaultChoices('2026-03-04', 'x'); // over the nights when the clocks go forward
    const lessons = layUnit(choices).map((lesson, i) => ({ ...lesson, id: i + 1 }));
    const events = [...eventsOfUnit({ numberTime: '09:00' }, { choices, skipped: [], lessons }, DEFAULT_CONVENTIONS)]
      .map(([lessonId, content]) => ({ ...content, lessonId, sequence: 0, stampedAt: new Date(0), isCancelled: false }));
    process.stdout.write(calendarOf({ name: 'x', uid: 'x' }, events));`;
  it.each(['UTC', 'America/New_York', 'Europe/Berlin', 'Pacific/Auckland'])('is the same in %s', (TZ) => {
    const { stdout, stderr } = spawnSync(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', script], {
      env: { ...process.env, TZ },
      encoding: 'utf8',
    });
    const starts = stdout.match(/DTSTART:\d+T\d+/g) ?? [stderr];
    expect(starts).toHaveLength(16);
    expect(starts[3]).toBe('DTSTART:20260309T090000'); // the Monday after clocks went forward in New York
    expect(starts.every((start) => start.endsWith('T090000'))).toBe(true);
  });
});

/** Collects a binary reply. */
const bytes = (res: NodeJS.ReadableStream, done: (error: Error | null, body: Buffer) => void): void => {
  const chunks: Buffer[] = [];
  res.on('data', (chunk: Buffer) => chunks.push(chunk));
  res.on('end', () => done(null, Buffer.concat(chunks)));
};
