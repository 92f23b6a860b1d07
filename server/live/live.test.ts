import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';
import { openStream, type Heard } from './stream.test.support.ts';

describe('live streams', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  const board = (
    { event, data }: Heard,
    fits: (state: { round: { phase: string } | null; stations: number[] }) => boolean,
  ): boolean => event === 'board' && fits(data as never);

  /** A tablet at which a child has sat down. */
  const tabletOf = async (childId: number) => {
    const seat = newId();
    const tablet = await school.tablet();
    await tablet.sit(childId, seat).expect(200);
    return tablet.listen(seat);
  };

  it('begin with the current state, so that a reconnect catches up', async () => {
    const round = await beginRound(school);
    const teacher = await openStream(`${school.url}/api/live`);
    await teacher.until((one) => board(one, (state) => state.round?.phase === 'ask'));
    const tablet = await tabletOf(1);
    expect(await tablet.until(({ event }) => event === 'round')).toMatchObject({
      data: { id: round.id, index: 0, item: { kind: 'set', shown: round.times[0] }, revealed: false },
    });
    await Promise.all([teacher.end(), tablet.end()]);
  });
  it('tell the board which tablets listen, and when one has gone', async () => {
    const teacher = await openStream(`${school.url}/api/live`);
    const tablet = await tabletOf(3);
    await teacher.until((one) => board(one, ({ stations }) => stations.join() === '3'));
    teacher.heard.length = 0;
    await tablet.end();
    await teacher.until((one) => board(one, ({ stations }) => stations.length === 0));
    await teacher.end();
  });
  it('bring an answer to the board, and to no tablet', async () => {
    const round = await beginRound(school);
    const teacher = await openStream(`${school.url}/api/live`);
    const tablet = await tabletOf(3);
    await tablet.until(({ event }) => event === 'round');
    tablet.heard.length = 0;
    await school.answer(tabletAnswer(1, round.id, 0, 180)).expect(201);
    await teacher.until(({ event, data }) => event === 'answer' && (data as { roundId: string }).roundId === round.id);
    await school.post(`/rounds/${round.id}/moves`, { move: 'next', version: 0 }).expect(200);
    await tablet.until(({ event, data }) => event === 'round' && (data as { phase: string }).phase === 'think');
    expect(JSON.stringify(tablet.heard)).not.toMatch(/answers|verdict/);
    await Promise.all([teacher.end(), tablet.end()]);
  });
  it('bring a changed setting to both', async () => {
    const teacher = await openStream(`${school.url}/api/live`);
    const tablet = await (await school.tablet()).listen();
    const { body } = await school.get('/classroom');
    await school.put('/settings', { ...body.settings, locale: 'en-GB', snap: 5 }).expect(200);
    const changed = ({ event, data }: Heard): boolean =>
      event === 'settings' && (data as { locale: string }).locale === 'en-GB';
    await teacher.until(changed);
    await tablet.until(changed);
    await Promise.all([teacher.end(), tablet.end()]);
  });
  it('are streams to whoever opens one while the server ends, so that a browser opens it again by itself', async () => {
    const joining = openStream(`${school.url}/api/live`);
    await school.beginEnd();
    const opened = await Promise.all([joining, openStream(`${school.url}/api/live`)]);
    expect(opened.map(({ type }) => type)).toEqual(['text/event-stream', 'text/event-stream']);
    await Promise.all(opened.map(({ over }) => over));
  });
});
