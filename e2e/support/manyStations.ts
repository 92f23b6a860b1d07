import { Agent, request } from 'node:http';
import { v4 as newId } from 'uuid';
import { HERE_MS, type Classroom, type PostAnswer, type Tablets } from '../../contract/index.ts';
import { timeOf } from '../../core/clock/index.ts';
import { rightAnswers, type Item } from '../../core/items/index.ts';
import { defaultChoices } from '../../core/planning/index.ts';
import { TODAY, type Hoppel } from './hoppel.ts';

/** A class that is open on a screen of its own. */
export interface OpenClass {
  readonly code: Tablets['code'];
  readonly childIds: readonly number[];
  readonly lessonId: number;
}
/** A tablet at work, without a page: it listens, gives signs of life and sends. */
export interface Station {
  readonly childId: number;
  readonly lessonId: number;
  /** @returns the status of the reply */
  readonly send: (method: string, path: string, body?: unknown) => Promise<number>;
  /** The same connection kept to another server. */
  readonly sendTo: (url: string) => Station['send'];
  /** Events its stream has brought. */
  readonly heard: () => number;
  readonly close: () => void;
}

const CHILDREN = 30;

export const answerOf = ({ childId, lessonId }: Pick<Station, 'childId' | 'lessonId'>): PostAnswer => {
  const item: Item = { kind: 'set', shown: timeOf(1 + (childId % 12)) };
  const to = { setting: 'alone' as const, lessonId, item, attempt: 1 };
  return { id: newId(), childId, answer: rightAnswers(item)[0]!, to };
};

/** Sets up classes, each with a unit and open on a screen of its own. @param firstDay of their unit */
export const openClasses = async (hoppel: Hoppel, count: number, firstDay = TODAY): Promise<OpenClass[]> => {
  const made: OpenClass[] = [];
  for (let i = 0; i < count; i++) {
    let cookie = '';
    const ask = async (method: string, path: string, body?: unknown): Promise<unknown> => {
      const reply = await fetch(`${hoppel.url}/api${path}`, {
        method,
        headers: { 'Content-Type': 'application/json', cookie },
        ...(body !== undefined && { body: JSON.stringify(body) }),
      });
      if (!reply.ok) throw new Error(`${path}: ${await reply.text()}`);
      cookie = reply.headers.getSetCookie()[0]?.split(';')[0] ?? cookie;
      return reply.json();
    };
    await ask('GET', '/classroom');
    const children = Array.from({ length: CHILDREN }, (_, child) => `Child ${child + 1}`);
    await ask('POST', '/classes', { id: newId(), name: `Room ${i + 1}`, children });
    await ask('POST', '/plan', { id: newId(), choices: defaultChoices(firstDay, `Room ${i + 1}`) });
    const { children: listed, lessons } = (await ask('GET', '/classroom')) as Classroom;
    const { code } = (await ask('GET', '/tablets')) as Tablets;
    made.push({ code, childIds: listed.map(({ id }) => id), lessonId: lessons[0]!.id });
  }
  return made;
};

const startStation = async (hoppel: Hoppel, { code, lessonId }: OpenClass, childId: number): Promise<Station> => {
  const agent = new Agent({ keepAlive: true, maxSockets: 2 });
  let cookie = '';
  let entered = '';
  const sendOn = (url: string, connections: Agent | false, ...[method, path, body]: Parameters<Station['send']>) =>
    new Promise<number>((done, failed) => {
      const text = body === undefined ? '' : JSON.stringify(body);
      const headers = { 'Content-Type': 'application/json', cookie, 'Content-Length': Buffer.byteLength(text) };
      const sent = request(`${url}/api${path}`, { method, agent: connections, headers }, (res) => {
        entered = res.headers['set-cookie']?.[0]?.split(';')[0] ?? entered;
        res.resume().on('end', () => done(res.statusCode!));
      });
      sent.on('error', failed);
      sent.end(text);
    });
  /** A connection that was kept may have been closed meanwhile: as browsers do, once more on one of its own. */
  const sendTo =
    (url: string): Station['send'] =>
    (...what) =>
      sendOn(url, agent, ...what).catch(() => sendOn(url, false, ...what));
  const send = sendTo(hoppel.url);
  const status = await send('POST', '/station/door', { code });
  if (status !== 204) throw new Error(`a tablet was not let in: ${status}`);
  cookie = entered;
  const seat = newId();
  await send('POST', '/station/seats', { childId, seat });
  let heard = 0;
  const stream = request(
    `${hoppel.url}/api/station/live?seat=${seat}`,
    { agent: false, headers: { cookie } },
    (res) => {
      res.setEncoding('utf8').on('data', (text: string) => (heard += text.split('event:').length - 1));
      res.on('error', () => undefined);
    },
  );
  stream.on('error', () => undefined);
  stream.end();
  const pulse = setInterval(() => void send('PUT', `/station/seats/${seat}`).catch(() => undefined), HERE_MS);
  return {
    childId,
    lessonId,
    send,
    sendTo,
    heard: () => heard,
    close: () => {
      clearInterval(pulse);
      stream.destroy();
      agent.destroy();
    },
  };
};

/** So many tablets, each with another child of the classes, all of them at work. */
export const manyStations = async (
  hoppel: Hoppel,
  classes: readonly OpenClass[],
  count: number,
): Promise<Station[]> => {
  const places = classes.flatMap((one) => one.childIds.map((childId) => [one, childId] as const)).slice(0, count);
  const stations: Station[] = [];
  for (const [one, childId] of places) stations.push(await startStation(hoppel, one, childId));
  return stations;
};
