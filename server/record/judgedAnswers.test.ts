import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { AnswerRow } from '../../contract/index.ts';
import { timeOf } from '../../core/clock/index.ts';
import { seededRng } from '../../core/common/index.ts';
import { judge } from '../../core/diagnosis/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import { readAndMark } from '../../core/marking/index.ts';
import { createAnswerRepository } from '../answers/answerRepository.ts';
import { LESSON, beginRound, openSchool, type School } from '../school.test.support.ts';
import { createJudgedAnswers } from './judgedAnswers.ts';

let school: School;
beforeEach(async () => {
  school = await openSchool();
});
afterEach(() => school.close());
const CLASS = 1;
const CHILDREN = Array.from({ length: 22 }, (_, i) => i + 1);

/** An answer put into the record by some way or other. */
const someAnswer = (rng: () => number, roundId: string): AnswerRow => {
  const hour = (): number => 1 + Math.floor(rng() * 12);
  const item = { kind: 'read', shown: timeOf(hour()) } as const;
  const answer = { kind: 'time', time: timeOf(hour(), rng() < 0.3 ? 15 : 0) } as const;
  const inRound = rng() < 0.5;
  const { read, verdict, findings } = readAndMark(item, answer, DEFAULT_CONVENTIONS);
  return {
    id: newId(),
    childId: 1 + Math.floor(rng() * 4),
    lessonId: LESSON,
    roundId: inRound ? roundId : null,
    roundIndex: inRound ? Math.floor(rng() * 3) : null,
    pileId: null,
    task: null,
    attempt: !inRound && rng() < 0.2 ? 2 : 1,
    item,
    answer,
    read,
    verdict,
    findings: [...findings],
    source: 'teacher',
    storedAt: '2026-11-24T08:00:00.000Z',
    day: '2026-11-24',
  };
};

describe('judged answers', () => {
  it('are those that count, whatever comes in which order, and however often they are looked at', async () => {
    const { id } = await beginRound(school);
    const answers = createAnswerRepository(school.db, CLASS);
    const judged = createJudgedAnswers(answers);
    const rng = seededRng(7);
    for (let i = 0; i < 300; i++) {
      answers.add(someAnswer(rng, id), DEFAULT_CONVENTIONS);
      if (rng() < 0.9) continue;
      for (const child of CHILDREN)
        expect(judged.ofChild(child).answers).toEqual(answers.countedOfChild(child).map(judge));
    }
  });
  it('count as the teacher says, whatever she says of which in which order', async () => {
    const { id } = await beginRound(school);
    const answers = createAnswerRepository(school.db, CLASS);
    const judged = createJudgedAnswers(answers);
    const rng = seededRng(11);
    const rows: AnswerRow[] = [];
    const says = ['had', 'missed', 'out', 'as-given'] as const;
    for (let i = 0; i < 200; i++) {
      const row = someAnswer(rng, id);
      answers.add(row, DEFAULT_CONVENTIONS);
      rows.push(row);
      const one = rows[Math.floor(rng() * rows.length)]!;
      answers.correct({ id: newId(), answerId: one.id, says: says[Math.floor(rng() * 4)]!, saidAt: one.storedAt });
      judged.judgeAnew(one.childId);
      if (rng() < 0.9) continue;
      for (const child of CHILDREN)
        expect(judged.ofChild(child).answers).toEqual(answers.countedOfChild(child).map(judge));
    }
  });
  it('tell by their version whose changed', async () => {
    const answers = createAnswerRepository(school.db, CLASS);
    const judged = createJudgedAnswers(answers);
    const before = CHILDREN.map((child) => judged.ofChild(child).version);
    const all = judged.version();
    expect(judged.version()).toBe(all);
    answers.add(
      { ...someAnswer(seededRng(1), ''), childId: 5, roundId: null, roundIndex: null, attempt: 1 },
      DEFAULT_CONVENTIONS,
    );
    const after = CHILDREN.map((child) => judged.ofChild(child).version);
    expect(CHILDREN.filter((_, i) => after[i] !== before[i])).toEqual([5]);
    expect(judged.version()).not.toBe(all);
  });
  it('are there without waiting once they were taken up ahead, a little at a time', async () => {
    const answers = createAnswerRepository(school.db, CLASS);
    const judged = createJudgedAnswers(answers);
    for (const _ of judged.warm(CHILDREN)) void _;
    const read: number[] = [];
    const watched = createJudgedAnswers({
      ...answers,
      firstTriesOfChild: (childId, after, most) => {
        read.push(most);
        return answers.firstTriesOfChild(childId, after, most);
      },
    });
    for (const _ of watched.warm(CHILDREN)) void _;
    // 1,540 answers of the demo class.
    expect(read.length).toBeGreaterThan(1);
    const soFar = read.length;
    for (const child of CHILDREN) expect(watched.ofChild(child)).toEqual(judged.ofChild(child));
    expect(read.length).toBe(soFar);
  });
  it('go with the stand-ins’', async () => {
    const answers = createAnswerRepository(school.db, CLASS);
    const judged = createJudgedAnswers(answers);
    const before = judged.ofChild(2).answers.length;
    const row = { ...someAnswer(seededRng(1), ''), childId: 2, roundId: null, roundIndex: null, attempt: 1 };
    answers.add(row, DEFAULT_CONVENTIONS);
    answers.noteStandIn(row.id);
    const { answers: more, version } = judged.ofChild(2);
    expect(more).toHaveLength(before + 1);
    answers.removeStandIns();
    expect(judged.ofChild(2).answers).toHaveLength(before);
    expect(judged.ofChild(2).version).not.toBe(version);
  });
  it('stand though one of them cannot be read', async () => {
    const { body } = await school.get('/record/class').expect(200);
    school.db
      .prepare(
        `INSERT INTO answer (id, child_id, lesson_id, attempt, item, answer, verdict, findings, source, stored_at, day)
        VALUES ('x', 1, ?, 1, '{"kind":"riddle"}', '{}', 'wrong', '[]', 'tablet', '', '2026-11-24')`,
      )
      .run(LESSON);
    const said = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const after = await school.get('/record/class').expect(200);
    const { calls } = said.mock;
    said.mockRestore();
    expect(after.body.children).toEqual(body.children);
    expect(calls).toHaveLength(1);
  });
});
