import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';

interface Heard {
  readonly event: string;
  readonly data: unknown;
}

/** Listens to a stream as a browser would; gives the events heard so far and waits for one that fits. */
const listen = async (url: string) => {
  const ending = new AbortController();
  const response = await fetch(url, { signal: ending.signal });
  const heard: Heard[] = [];
  const reading = (async () => {
    let text = '';
    for await (const chunk of response.body!.pipeThrough(new TextDecoderStream())) {
      text += chunk;
      const messages = text.split('\n\n');
      text = messages.pop()!;
      for (const message of messages) {
        const field = (name: string): string | undefined => new RegExp(`^${name}:(.*)$`, 'm').exec(message)?.[1];
        if (field('event') !== undefined) heard.push({ event: field('event')!, data: JSON.parse(field('data')!) });
      }
    }
  })().catch(() => undefined);
  return {
    heard,
    until: async (fits: (one: Heard) => boolean): Promise<Heard> => {
      for (let tries = 0; tries < 200; tries++) {
        const found = heard.find(fits);
        if (found !== undefined) return found;
        await new Promise((wait) => setTimeout(wait, 10));
      }
      throw new Error(`not heard; heard ${JSON.stringify(heard)}`);
    },
    end: async () => {
      ending.abort();
      await reading;
    },
  };
};

describe('live streams', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  const board = (
    { event, data }: Heard,
    fits: (state: { round: { phase: string } | null; answers: unknown[]; stations: number[] }) => boolean,
  ): boolean => event === 'board' && fits(data as never);

  it('begin with the current state, so that a reconnect catches up', async () => {
    const round = await beginRound(school);
    const teacher = await listen(`${school.url}/api/live`);
    await teacher.until((one) => board(one, (state) => state.round?.phase === 'ask'));
    const tablet = await listen(`${school.url}/api/station/live?child=1`);
    expect(await tablet.until(({ event }) => event === 'round')).toMatchObject({
      data: { id: round.id, index: 0, asked: round.times[0], revealed: false },
    });
    await Promise.all([teacher.end(), tablet.end()]);
  });
  it('tell the board which tablets listen, and when one has gone', async () => {
    const teacher = await listen(`${school.url}/api/live`);
    const tablet = await listen(`${school.url}/api/station/live?child=3`);
    await teacher.until((one) => board(one, ({ stations }) => stations.join() === '3'));
    teacher.heard.length = 0;
    await tablet.end();
    await teacher.until((one) => board(one, ({ stations }) => stations.length === 0));
    await teacher.end();
  });
  it('bring an answer to the board, and to no tablet', async () => {
    const round = await beginRound(school);
    const teacher = await listen(`${school.url}/api/live`);
    const tablet = await listen(`${school.url}/api/station/live?child=3`);
    await tablet.until(({ event }) => event === 'round');
    tablet.heard.length = 0;
    await school.post('/answers', tabletAnswer(1, round.id, 0, 180)).expect(201);
    await teacher.until((one) => board(one, ({ answers }) => answers.length === 1));
    await school.post(`/rounds/${round.id}/moves`, { move: 'next', version: 0 }).expect(200);
    await tablet.until(({ event, data }) => event === 'round' && (data as { phase: string }).phase === 'think');
    expect(JSON.stringify(tablet.heard)).not.toMatch(/answers|verdict/);
    await Promise.all([teacher.end(), tablet.end()]);
  });
  it('bring a changed setting to both', async () => {
    const teacher = await listen(`${school.url}/api/live`);
    const tablet = await listen(`${school.url}/api/station/live`);
    const { body } = await school.get('/classroom');
    await school.put('/settings', { ...body.settings, english: 'en-GB', snap: 5 }).expect(200);
    const changed = ({ event, data }: Heard): boolean =>
      event === 'settings' && (data as { english: string }).english === 'en-GB';
    await teacher.until(changed);
    await tablet.until(changed);
    await Promise.all([teacher.end(), tablet.end()]);
  });
});
