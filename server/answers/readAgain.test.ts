import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { READER } from '../../core/answers/index.ts';
import { handAngles, timeOf, type DialTime } from '../../core/clock/index.ts';
import { seededRng } from '../../core/common/index.ts';
import type { Answer, Item } from '../../core/items/index.ts';
import { WRONG_RULES, visibleRules } from '../../core/misconceptions/index.ts';
import { simulateScribble, strokesOf } from '../../core/simulation/index.ts';
import { LESSON, openSchool, type School } from '../school.test.support.ts';
import { readAgain } from './readAgain.ts';

let school: School;
beforeEach(async () => {
  school = await openSchool();
  await school.post('/children', { names: ['Guest'] }).expect(201);
  guest = (await school.get('/classroom')).body.children.at(-1).id;
});
afterEach(() => school.close());

/** A child nobody knows anything of yet. */
let guest = 0;
const give = (item: Item, answer: Answer) =>
  school
    .answer({ id: newId(), childId: guest, answer, to: { setting: 'alone', lessonId: LESSON, item, attempt: 1 } })
    .expect(201);
const page = async () => (await school.get(`/record/children/${guest}`).expect(200)).body;
/** The drawing a rule leads to, as a tablet sends it. */
const drawnBy = (rule: (typeof WRONG_RULES)[number], shown: DialTime, seed: number): { item: Item; answer: Answer } => {
  const item: Item = { kind: 'draw', shown };
  const own = visibleRules(item).find((one) => one.rule === rule)!.own[0]!;
  return { item, answer: own.kind === 'drawn' ? { kind: 'strokes', strokes: strokesOf(own, seededRng(seed)) } : own };
};

describe('a drawing from a tablet', () => {
  it.each(['hands-swapped', 'hour-hand-on-numeral', 'lengths-swapped', 'same-length', 'one-hand'] as const)(
    'stands on the child’s page with what was read of it, and the rule it fits: %s',
    async (rule) => {
      const { item, answer } = drawnBy(rule, timeOf(9, 30), 4);
      await give(item, answer);
      const [first] = (await page()).answers;
      expect(first).toMatchObject({ answer: { kind: 'strokes' }, read: { kind: 'drawing' } });
      expect(first.read.hands.length).toBe(rule === 'one-hand' ? 1 : 2);
      expect(first.findings).toContainEqual({ kind: 'rule', rule });
    },
  );
  it('speaks for the reason that readings speak for, on the Class page too: it does not take the name away', async () => {
    const swapped = async (hour: number): Promise<void> => {
      const { hour: short } = handAngles(timeOf(hour));
      await give({ kind: 'read', shown: timeOf(hour) }, { kind: 'time', time: timeOf(12, short / 6) });
    };
    for (const hour of [3, 7, 8]) await swapped(hour);
    expect((await page()).reasons[0].rule).toBe('hands-swapped');
    const before = (await page()).reasons[0].share;
    for (const [seed, hour] of [4, 8, 2].entries()) {
      const { item, answer } = drawnBy('hands-swapped', timeOf(hour, 30), seed);
      await give(item, answer);
    }
    const {
      reasons: [reason],
    } = await page();
    expect(reason.rule).toBe('hands-swapped');
    expect(reason.share).toBeGreaterThan(before);
    const { children } = (await school.get('/record/class').expect(200)).body;
    const row = children.find(({ childId }: { childId: number }) => childId === guest);
    expect(row.reason.rule).toBe('hands-swapped');
  });
  it('that nobody can read is there to be looked at, with no reason', async () => {
    await give({ kind: 'draw', shown: timeOf(9) }, { kind: 'strokes', strokes: simulateScribble(seededRng(2)) });
    expect((await page()).answers[0]).toMatchObject({
      verdict: 'unreadable',
      findings: [{ kind: 'drawing', problem: 'scribble' }],
      read: { hands: [] },
    });
  });
});

describe('reading again', () => {
  const rows = (): unknown[] =>
    school.db.prepare('SELECT seq, answer, read, reader, verdict, findings FROM answer ORDER BY seq').all();

  it('reads what was stored before readings were kept, when the file is opened; of drawings it judges what it reads', async () => {
    const { item, answer } = drawnBy('hands-swapped', timeOf(9, 30), 4);
    await give(item, answer);
    const after = rows();
    const old = `UPDATE answer SET read = NULL, reader = NULL, findings = '[{"kind":"drawing","problem":"scribble"}]',
      verdict = 'unreadable' WHERE answer ->> '$.kind' = 'strokes'`;
    school.db.exec('UPDATE answer SET read = NULL, reader = NULL');
    school.db.exec("UPDATE answer SET reader = 0 WHERE answer ->> '$.kind' = 'strokes'");
    school.db.exec(old);
    expect(rows()).not.toEqual(after);
    await school.restart();
    expect(rows()).toEqual(after);
    expect((await page()).answers[0].findings).toContainEqual({ kind: 'rule', rule: 'hands-swapped' });
  });
  it('changes nothing that was given, and nothing at all where the reader is the same', () => {
    const before = rows();
    expect(readAgain(school.db)).toEqual({ read: 0, changed: 0 });
    expect(readAgain(school.db, true)).toEqual({ read: before.length, changed: 0 });
    expect(rows()).toEqual(before);
  });
  it('of an older reader’s answers judges those anew of which something else is read, by what the class had agreed on that day', async () => {
    const { settings } = (await school.get('/classroom')).body;
    await school.put('/settings', { ...settings, otherForms: 'named' }).expect(200);
    await give({ kind: 'write-digital', shown: timeOf(4, 30) }, { kind: 'text', text: '4.30' });
    const after = rows();
    school.db.exec(`UPDATE answer SET reader = ${READER - 1}, verdict = 'right', findings = '[]',
      read = '{"kind":"writing","text":"4.30","written":{"kind":"time","time":270,"form":"digital"}}'
      WHERE seq = (SELECT MAX(seq) FROM answer)`);
    // Later on the class takes any form: what was named on its day stays named.
    await school.put('/settings', { ...settings, otherForms: 'accepted' }).expect(200);
    expect(readAgain(school.db)).toEqual({ read: 1, changed: 1 });
    expect(rows()).toEqual(after);
    expect((await page()).answers[0].findings).toEqual([{ kind: 'writing', fault: 'other-form' }]);
  });
  it('leaves all others standing where one is damaged: nobody can read that', async () => {
    await give({ kind: 'draw', shown: timeOf(9) }, { kind: 'strokes', strokes: simulateScribble(seededRng(2)) });
    school.db.exec('DROP TRIGGER answer_is_append_only');
    school.db.exec(`UPDATE answer SET answer = '{"kind":"strokes"}', read = NULL, reader = NULL
      WHERE seq = (SELECT MAX(seq) FROM answer)`);
    await school.restart();
    expect((await page()).answers[0]).toMatchObject({ read: { kind: 'no-answer', why: 'illegible' } });
    expect((await school.get('/record/class').expect(200)).body.children.length).toBeGreaterThan(20);
  });
});
