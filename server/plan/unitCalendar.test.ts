import { spawnSync } from 'node:child_process';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { v4 as newId } from 'uuid';
import { openSchool, type School } from '../school.test.support.ts';

describe('the calendar of a unit', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  it('has an event a lesson, at number time wherever it is looked at', async () => {
    const { text } = await school
      .get('/plan/unit.ics')
      .expect(200)
      .expect('Content-Type', /calendar/);
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(16);
    expect(text).toContain('DTSTART:20261124T090000\r\n');
    expect(text).toContain('DTEND:20261124T092000\r\n');
    expect(text).toContain('SUMMARY:8. O’clock: read and set');
  });
  it('is no other school’s: its events have names made by chance once', async () => {
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
  it('tells other programs what is newer, and what was taken out', async () => {
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
  it('can be subscribed to at an address of its own, until that is withdrawn', async () => {
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
  it('stays one whatever the class is called', async () => {
    await school.put('/classes/opened', { name: 'Clover, Room; 1\nBEGIN:VEVENT' }).expect(200);
    const { text } = await school.get('/plan/unit.ics').expect(200);
    expect(text.match(/^BEGIN:VEVENT/gm)).toHaveLength(16);
    expect(text).toContain('NAME:Clover\\, Room\\; 1\\nBEGIN:VEVENT\r\n');
  });
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
