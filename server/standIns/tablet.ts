import { setTimeout } from 'node:timers/promises';
import { EventSource } from 'eventsource';
import { v4 as newId } from 'uuid';
import {
  HERE_MS,
  Rest,
  StationChild,
  StationRound,
  StationState,
  type ClassCode,
  type PostAnswer,
  type PostRest,
} from '../../contract/index.ts';
import { gearedAngles, normaliseAngle, turnBetween } from '../../core/clock/index.ts';
import type { Rng } from '../../core/common/index.ts';
import { startingTime, timeOfItem, type Answer, type Item } from '../../core/items/index.ts';
import { readAndMark } from '../../core/marking/index.ts';
import { taskOn, wayAnew, wayInto, wayOn } from '../../core/practice/index.ts';
import { answerOnTablet, type SimulatedChild } from '../../core/simulation/index.ts';

/** A made-up child at a tablet of its own. */
export interface StandIn {
  readonly childId: number;
  readonly behaves: SimulatedChild;
}
interface Room {
  /** Where the server is reached, as a tablet reaches it. */
  readonly url: string;
  readonly code: ClassCode;
  /** 1 is as fast as children are. */
  readonly pace: number;
  readonly rng: Rng;
  readonly ended: AbortSignal;
}

/** Milliseconds a child thinks before it touches anything, and between what its finger shows on the wall. */
const THINK_MS = { least: 2500, most: 7000 };
const STEP_MS = 350;
const STEPS = 8;
/** Milliseconds before a send that failed is tried again. */
const RETRY_MS = 1000;
/** Milliseconds before a child begins to practise alone when no round asks for it. */
const IDLE_MS = 4000;

/** Waits, or less when the room is emptied. */
const wait = (ms: number, ended: AbortSignal): Promise<void> =>
  setTimeout(ms, undefined, { signal: ended }).catch((error: unknown) => {
    if (!ended.aborted) throw error;
  });

/** Where a hand is on its way, so that the wall sees it turn. @param share 0..1 */
const onTheWay = (item: Item, answer: Answer, share: number): Answer | undefined => {
  const time = timeOfItem(item);
  if (answer.kind !== 'hands' || time === undefined) return undefined;
  const from = gearedAngles(startingTime(time));
  const between = (a: number, b: number): number => normaliseAngle(a + turnBetween(a, b) * share);
  return { kind: 'hands', hour: between(from.hour, answer.hour), minute: between(from.minute, answer.minute) };
};

/**
 * A stand-in for a child at a tablet: comes in by the pictures, sits down, follows rounds and practises alone, all through
 * the same addresses as a real tablet and at a child's pace.
 */
export const runStandIn = async ({ childId, behaves }: StandIn, room: Room): Promise<void> => {
  const { url, code, pace, rng, ended } = room;
  const seat = newId();
  let cookie = '';
  const ask = (method: string, path: string, body?: unknown): Promise<Response> =>
    fetch(`${url}api${path}`, {
      method,
      headers: { 'Content-Type': 'application/json', cookie },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    });
  /** Tries once more where the network failed, as tablets do: after the computer slept, connections are dead. */
  const send = (...asked: Parameters<typeof ask>): Promise<Response> =>
    ask(...asked).catch(async (error: unknown) => {
      if (ended.aborted) throw error;
      await wait(RETRY_MS, ended);
      return ask(...asked);
    });
  const entered = await send('POST', '/station/door', { code, simulated: true });
  if (!entered.ok) throw new Error(`a stand-in could not come in: ${await entered.text()}`);
  cookie = entered.headers.getSetCookie()[0]!.split(';')[0]!;
  const { settings } = StationState.parse(await (await send('GET', '/station')).json());
  const sit = async (): Promise<StationChild | undefined> => {
    const reply = await send('POST', '/station/seats', { childId, seat });
    return reply.ok ? StationChild.parse(await reply.json()) : undefined;
  };
  if ((await sit()) === undefined) return; // A real child sits there.

  let round: StationRound | null = null;
  let away = false;
  const answeredIn = new Set<string>();
  const stream = new EventSource(`${url}api/station/live?seat=${seat}`, {
    fetch: (input, init) => fetch(input, { ...init, headers: { ...init.headers, cookie } }),
  });
  stream.addEventListener('round', ({ data }) => {
    round = StationRound.nullable().parse(JSON.parse(String(data)));
  });
  stream.addEventListener('away', () => {
    away = true;
  });
  const hereTimer = setInterval(() => {
    // One that is lost is followed by the next.
    void send('PUT', `/station/seats/${seat}`).catch(() => undefined);
  }, HERE_MS);
  const isOver = (): boolean => ended.aborted || away;
  const pause = (ms: number): Promise<void> => wait(ms / pace, ended);
  const think = (): Promise<void> => pause(THINK_MS.least + rng() * (THINK_MS.most - THINK_MS.least));
  const post = (answer: Answer, to: PostAnswer['to']): Promise<Response> =>
    send('POST', '/answers', { id: newId(), childId, answer, to } satisfies PostAnswer);

  /** The task of a round: the wall sees the hands turn, then the answer is given. */
  const answerRound = async ({ id, index, item }: StationRound): Promise<void> => {
    const key = `${id} ${index}`;
    answeredIn.add(key);
    const answer = answerOnTablet(behaves, item, rng);
    await think();
    const isNow = (): boolean => round?.id === id && round.index === index && !isOver();
    for (let step = 1; step <= STEPS && isNow(); step++) {
      const draft = onTheWay(item, answer, step / STEPS) ?? answer;
      await send('PUT', '/station/draft', { seat, roundId: id, index, answer: draft });
      await pause(STEP_MS);
    }
    if (isNow()) await post(answer, { setting: 'round', roundId: id, index });
  };
  const practise = async (): Promise<void> => {
    const practice = (await sit())?.practice;
    if (practice === undefined || practice === null) return;
    const { lessonId, follows } = practice;
    let way = wayInto(practice.session);
    const isFree = (): boolean => !isOver() && (round === null || round.closed);
    while (isFree()) {
      const item = taskOn(way);
      if (item === undefined) return;
      await think();
      if (!isFree()) return;
      const answer = answerOnTablet(behaves, item, rng);
      await post(answer, { setting: 'alone', lessonId, item, attempt: 1 });
      way = wayOn(way, { item, answer, verdict: readAndMark(item, answer, settings).verdict });
      if (!follows) continue;
      const asked = way.done.map(({ item: task, verdict }) => ({ item: task, verdict }));
      const reply = await send('POST', '/station/rest', { seat, asked } satisfies PostRest);
      if (reply.ok) way = wayAnew(way, Rest.parse(await reply.json()).session);
    }
  };

  try {
    while (!isOver()) {
      const now = round as StationRound | null;
      if (now !== null && !now.closed) {
        if (!answeredIn.has(`${now.id} ${now.index}`) && !now.revealed) await answerRound(now);
        else await pause(STEP_MS);
      } else {
        await pause(IDLE_MS * (0.5 + rng()));
        const later = round as StationRound | null;
        if (!isOver() && (later === null || later.closed)) await practise();
      }
    }
  } finally {
    clearInterval(hereTimer);
    stream.close();
    if (!away) await send('DELETE', `/station/seats/${seat}`).catch(() => undefined);
  }
};
