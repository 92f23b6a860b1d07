import { versionOf } from '../../core/common/index.ts';
import { Problem, type ProblemCode } from '../../contract/index.ts';
import type { z } from 'zod';
import { apiAddress } from './place.ts';

/** The server refused: `code` chooses the words on the screen. */
export class Refused extends Error {
  readonly code: ProblemCode;
  readonly status: number;
  /** What the server added in brackets, such as the place of a fault in a file. */
  readonly detail: string;
  constructor(status: number, problem: Problem) {
    super(problem.message);
    this.code = problem.code;
    this.status = status;
    this.detail = /\((.*)\)$/.exec(problem.message)?.[1] ?? '';
  }
}

/** Told when the server asks who this is: the passphrase is needed, or results are covered. */
let turnedAway: () => void = () => undefined;
export const onTurnedAway = (listener: () => void): void => void (turnedAway = listener);

/** The server could not be reached; the same request may succeed later. */
export class Unreachable extends Error {}

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/** Milliseconds a reply may take: a connection whose other end is gone says nothing by itself for many minutes. */
const PATIENCE_MS = 20_000;

interface Manner {
  /** Goes out even when the page is being left. */
  readonly keepalive?: boolean;
  /** Milliseconds the reply may take. */
  readonly patience?: number;
  /** Asks the real school, from a rehearsal too. */
  readonly outside?: boolean;
  /** The state that is changed, as it was seen: where it is another by now, the change is refused. */
  readonly seen?: unknown;
}

const ask = async (
  method: Method,
  path: string,
  body?: unknown,
  { keepalive = false, patience = PATIENCE_MS, outside = false, seen }: Manner = {},
): Promise<unknown> => {
  const giveUp = new AbortController();
  const timer = setTimeout(() => giveUp.abort(), patience);
  let response: Response;
  let reply: unknown;
  try {
    response = await fetch(outside ? `/api${path}` : apiAddress(path), {
      method,
      keepalive,
      signal: giveUp.signal,
      ...(body === undefined
        ? {}
        : {
            headers: {
              'Content-Type': 'application/json',
              ...(seen === undefined ? {} : { 'If-Match': versionOf(seen) }),
            },
            body: body instanceof Blob ? body : JSON.stringify(body),
          }),
    });
    reply = await response.json().catch(() => undefined);
    if (giveUp.signal.aborted) throw new Unreachable('the reply broke off');
  } catch (error) {
    throw new Unreachable(String(error));
  } finally {
    clearTimeout(timer);
  }
  if (response.ok) return reply;
  const problem = Problem.safeParse(reply);
  // A proxy or a half-started server answers without our body: as good as not there.
  if (!problem.success) throw new Unreachable(`status ${response.status}`);
  if (problem.data.code === 'passphrase-needed' || problem.data.code === 'covered') turnedAway();
  throw new Refused(response.status, problem.data);
};

/** Asks the server and checks the reply against the contract. @throws Refused, Unreachable, ZodError */
export const get = async <S extends z.ZodType>(schema: S, path: string): Promise<z.output<S>> =>
  schema.parse(await ask('GET', path));
export const post = async <S extends z.ZodType>(
  schema: S,
  path: string,
  body: unknown,
  manner?: Pick<Manner, 'patience'>,
): Promise<z.output<S>> => schema.parse(await ask('POST', path, body, manner));
/** @param manner with `seen`, a state that was changed in another window is refused with `changed-elsewhere` */
export const put = async <S extends z.ZodType>(
  schema: S,
  path: string,
  body: unknown,
  manner?: Pick<Manner, 'seen'>,
): Promise<z.output<S>> => schema.parse(await ask('PUT', path, body, manner));
/** Milliseconds a large file may take to be sent and looked at. */
const FILE_PATIENCE_MS = 10 * 60_000;
/** Sends a file as it is, or what takes as long. */
export const postLong = async <S extends z.ZodType>(schema: S, path: string, body: unknown): Promise<z.output<S>> =>
  schema.parse(await ask('POST', path, body, { patience: FILE_PATIENCE_MS }));
/** Takes something away; the reply is what is left. */
export const remove = async <S extends z.ZodType>(schema: S, path: string, body?: unknown): Promise<z.output<S>> =>
  schema.parse(await ask('DELETE', path, body));
/** Asks the real school, whichever page this is. */
export const askOutside = async <S extends z.ZodType>(
  schema: S,
  method: Method,
  path: string,
  body?: unknown,
): Promise<z.output<S>> => schema.parse(await ask(method, path, body, { outside: true }));
/** Sends something to which there is nothing to answer. @throws Refused, Unreachable */
export const tell = async (
  method: 'POST' | 'PUT' | 'DELETE',
  path: string,
  body?: unknown,
  manner?: Manner,
): Promise<void> => {
  await ask(method, path, body, manner);
};
