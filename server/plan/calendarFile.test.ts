import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { openSchool, type School } from '../school.test.support.ts';

const calendar = (...events: string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Quillbrook//EN', ...events, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: string[]): string =>
  ['BEGIN:VEVENT', 'UID:x', 'DTSTAMP:20261101T000000Z', ...lines, 'END:VEVENT'].join('\r\n');

describe('days off in a school’s calendar file', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  it('are read: whole days, several in a row, and those that come every year', async () => {
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
