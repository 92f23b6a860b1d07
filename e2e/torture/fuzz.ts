import { Agent, request } from 'node:http';
import { v4 as newId } from 'uuid';
import { Classroom, Problem, Tablets } from '../../contract/index.ts';
import type { Rng } from '../../core/common/index.ts';
import { ROUTES, type Who } from '../../server/access/routeTable.ts';
import { bareTablet } from '../support/bareTablet.ts';
import { NETWORK_NAMES } from '../support/chromium.ts';
import type { Hoppel } from '../support/hoppel.ts';
import { routesOf, type Route } from './routes.ts';

/** What came of requests nobody's page sends. */
export interface Fuzzed {
  readonly requests: number;
  /** How many were answered with each status. */
  readonly statuses: Readonly<Record<number, number>>;
  /** What should not have been answered so, in words. */
  readonly faults: readonly string[];
}

/** Who asks, the teacher most often: who is refused at once tries nothing else. */
const VISITORS = [
  ...(['teacher', 'teacher', 'teacher', 'teacher', 'teacher', 'tablet', 'tablet'] as const),
  ...(['covered', 'own computer', 'remote', 'stranger', 'foreign page', 'other name'] as const),
];
type Visitor = (typeof VISITORS)[number];

/** Milliseconds after which a request hangs: far above the longest there is. */
const HANGS_MS = 30_000;

/** The passphrase of the teacher's; her computer without it gets no further than any other. */
const PASSPHRASE = 'eleven green hares';

const whoOf = ({ method, route }: Route): Who =>
  ROUTES.find((row) => row.method === method && row.path === route)?.who ?? 'teacher';
const isFor =
  (...whom: readonly Who[]) =>
  (route: Route): boolean =>
    whom.includes(whoOf(route));

/** What each of them may be answered with 2xx. */
const MAY: Record<Visitor, (route: Route) => boolean> = {
  teacher: isFor('anybody', 'remote', 'board', 'teacher'),
  covered: isFor('anybody', 'remote', 'board'),
  'own computer': isFor('anybody'),
  tablet: isFor('anybody', 'tablet'),
  remote: isFor('anybody', 'remote'),
  stranger: isFor('anybody'),
  // Reads of this computer's own browser; what changes anything does not come from another page.
  'foreign page': ({ method }) => method === 'GET',
  'other name': () => false,
};

const HOSTILE: readonly unknown[] = [
  null,
  true,
  -1,
  0,
  1.5,
  1e308,
  Number.MAX_SAFE_INTEGER + 2,
  '',
  'x'.repeat(70_000),
  "'; DROP TABLE answer; --",
  '../../../etc/passwd',
  '\u0000\uD800\u202E',
  '__proto__',
  [],
  {},
  Array.from({ length: 2000 }, () => ({})),
  { __proto__: null, constructor: { prototype: { simulated: true } } },
];
const PATHS: readonly string[] = [
  '-1',
  '0',
  '99999999999999999999',
  'NaN',
  '%00',
  '%E0%A4%A',
  '..%2f..%2fetc',
  'x'.repeat(3000),
];

const pick = <T>(rng: Rng, list: readonly T[]): T => list[Math.floor(rng() * list.length)]!;

/** The same with one thing in it made wrong, at some depth. */
const spoil = (rng: Rng, value: unknown): unknown => {
  if (typeof value !== 'object' || value === null || rng() < 0.2) return pick(rng, HOSTILE);
  if (Array.isArray(value)) {
    const at = Math.floor(rng() * value.length);
    return value.length === 0 ? [pick(rng, HOSTILE)] : value.map((one, i) => (i === at ? spoil(rng, one) : one));
  }
  const keys = Object.keys(value);
  if (keys.length === 0 || rng() < 0.1) return { ...value, [pick(rng, ['__proto__', 'more', 'simulated'])]: 1 };
  const key = pick(rng, keys);
  const { [key]: old, ...rest } = value as Record<string, unknown>;
  return rng() < 0.15 ? rest : { ...rest, [key]: spoil(rng, old) };
};
const spoilPath = (rng: Rng, path: string): string => {
  const parts = path.split('/');
  parts[parts.length - 1 - Math.floor(rng() * Math.min(2, parts.length - 2))] = pick(rng, PATHS);
  return parts.join('/');
};

interface Sent {
  readonly method: string;
  readonly path: string;
  readonly headers: Record<string, string>;
  readonly body?: string;
}
interface Reply {
  readonly status: number;
  readonly text: string;
}

/** Sends requests of every kind of visitor to every route, right ones and spoiled ones. */
export const fuzz = async (hoppel: Hoppel, requests: number, rng: Rng): Promise<Fuzzed> => {
  const agent = new Agent({ keepAlive: true, maxSockets: 4 });
  const { port } = new URL(hoppel.url);
  const sendOn = (connections: Agent | false, { method, path, headers, body = '' }: Sent): Promise<Reply> =>
    new Promise((answered, failed) => {
      const length = { 'content-length': Buffer.byteLength(body) };
      const options = { agent: connections, host: '127.0.0.1', port, method, path: `/api${path}` };
      const sent = request({ ...options, headers: { ...headers, ...length } }, (res) => {
        let text = '';
        res.setEncoding('utf8');
        res.on('data', (more) => (text += more));
        res.on('end', () => answered({ status: res.statusCode!, text }));
      });
      sent.on('error', failed);
      sent.end(body);
    });
  /** Where a connection that was kept has been closed meanwhile, on one of its own, as browsers do. */
  const send = (method: string, path: string, headers: Record<string, string>, body?: string): Promise<Reply> => {
    const sent = { method, path, headers, ...(body !== undefined && { body }) };
    return sendOn(agent, sent).catch(() => sendOn(false, sent));
  };
  const bare = { host: `localhost:${port}`, 'content-type': 'application/json' };
  let own: Record<string, string> = bare;
  const read = async (path: string): Promise<unknown> => JSON.parse((await send('GET', path, own)).text) as unknown;
  const post = async (path: string, body: unknown): Promise<Reply> => send('POST', path, own, JSON.stringify(body));

  const network = `${NETWORK_NAMES[1]}:${port}`;
  const tabletCookie = (await bareTablet(hoppel.url)).cookie;
  const remote = async (): Promise<string> => {
    const { code } = (await read('/remote')) as { code: string };
    const reply = await fetch(`${hoppel.url}/api/remote/join`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ code }),
    });
    return reply.headers.getSetCookie()[0]!.split(';')[0]!;
  };
  const remoteCookie = await remote();
  const cookieFrom = async (method: 'POST' | 'PUT', path: string, body: object): Promise<string> => {
    const sent = { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) };
    return (await fetch(`${hoppel.url}/api${path}`, sent)).headers.getSetCookie()[0]!.split(';')[0]!;
  };
  const teacherCookie = await cookieFrom('PUT', '/entry/passphrase', { before: null, passphrase: PASSPHRASE });
  own = { ...bare, cookie: teacherCookie };
  const coveredCookie = await cookieFrom('POST', '/entry', { passphrase: PASSPHRASE });
  await send('POST', '/entry/cover', { ...bare, cookie: coveredCookie });
  const headersOf = (visitor: Visitor): Record<string, string> => {
    const at = (host: string, more = {}) => ({ ...bare, host, ...more });
    switch (visitor) {
      case 'teacher':
        return own;
      case 'covered':
        return at(network, { cookie: coveredCookie });
      case 'own computer':
        return bare;
      case 'tablet':
        return at(network, { cookie: tabletCookie });
      case 'remote':
        return at(network, { cookie: remoteCookie });
      case 'stranger':
        return at(network);
      case 'foreign page':
        return at(bare.host, { cookie: teacherCookie, origin: 'http://garden.example' });
      case 'other name':
        return at('garden.example');
    }
  };

  const roundId = newId();
  await post('/rounds', { id: roundId, lessonId: 8 });
  const seat = newId();
  const known = async () => ({
    classroom: Classroom.parse(await read('/classroom')),
    tablets: Tablets.parse(await read('/tablets')),
    roundId,
    seat,
  });
  const statuses: Record<number, number> = {};
  const faults: string[] = [];
  let before = '';
  let routes = routesOf(await known());
  for (let i = 0; i < requests; i++) {
    // Some of them change what is right.
    if (i % 200 === 199) {
      await send('PUT', '/classes/open', own, JSON.stringify({ classId: 1 }));
      routes = routesOf(await known());
    }
    const route = routes[i % routes.length]!;
    const drawn = pick(rng, VISITORS);
    // Whoever leaves would be somebody else from then on.
    const visitor = route.leaves && ['teacher', 'covered'].includes(drawn) ? 'remote' : drawn;
    const path = rng() < 0.15 ? spoilPath(rng, route.path) : route.path;
    const right = route.body === undefined ? undefined : JSON.stringify(route.body);
    const spoiled =
      rng() < 0.9 ? JSON.stringify(spoil(rng, route.body ?? {})) : pick(rng, ['{', '[[[[', '\u0000', 'null']);
    const body = route.method === 'GET' ? undefined : rng() < 0.75 ? spoiled : right;
    const name = `${visitor}: ${route.method} ${path.slice(0, 80)} ${(body ?? '').slice(0, 200)}`;
    let reply: Reply;
    const began = performance.now();
    try {
      reply = await send(route.method, path, headersOf(visitor), body);
    } catch (error) {
      faults.push(`${name}: ${String(error)}`);
      continue;
    }
    if (performance.now() - began > HANGS_MS) faults.push(`${name}: hung behind ${before}`);
    before = name;
    statuses[reply.status] = (statuses[reply.status] ?? 0) + 1;
    if (reply.status >= 500) faults.push(`${name}: ${reply.status} ${reply.text.slice(0, 200)}`);
    if (reply.status < 300 && !MAY[visitor](route)) faults.push(`${name}: ${reply.status}, which it may not`);
    const isProblem = (): boolean => {
      try {
        return Problem.safeParse(JSON.parse(reply.text)).success;
      } catch {
        return false;
      }
    };
    if (reply.status >= 400 && !isProblem()) faults.push(`${name}: ${reply.status} without a code`);
    if (/SQLITE|SELECT |INSERT |\bat .*\.[jt]s:\d/.test(reply.status >= 400 ? reply.text : ''))
      faults.push(`${name}: tells of its inside`);
  }
  agent.destroy();
  return { requests, statuses, faults };
};
