import { v4 as newId } from 'uuid';
import type { ClassCode, PostAnswer } from '../../contract/index.ts';

/** A tablet without a page: it comes in, sits children down and sends for them over the same addresses as a real one. */
export interface BareTablet {
  /** What it shows with each request. */
  readonly cookie: string;
  send(method: string, path: string, body?: unknown): Promise<Response>;
  /** A child sits down. @returns the seat @throws Error when it cannot */
  sit(childId: number): Promise<string>;
  /** Children sit down in turn, each for one answer, and get up again. @throws Error when one is not kept */
  answer(posted: Omit<PostAnswer, 'id'>): Promise<void>;
}

export const bareTablet = async (url: string): Promise<BareTablet> => {
  const { code } = (await (await fetch(`${url}/api/tablets`)).json()) as { code: ClassCode };
  let cookie = '';
  const send = (method: string, path: string, body?: unknown): Promise<Response> =>
    fetch(`${url}/api${path}`, {
      method,
      headers: { 'Content-Type': 'application/json', cookie },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    });
  const entered = await send('POST', '/station/door', { code });
  cookie = entered.headers.getSetCookie()[0]!.split(';')[0]!;
  const sit = async (childId: number): Promise<string> => {
    const seat = newId();
    const reply = await send('POST', '/station/seats', { childId, seat });
    if (!reply.ok) throw new Error(`child ${childId} cannot sit down: ${await reply.text()}`);
    return seat;
  };
  return {
    cookie,
    send,
    sit,
    answer: async (posted) => {
      const seat = await sit(posted.childId);
      const reply = await send('POST', '/answers', { id: newId(), ...posted });
      if (!reply.ok) throw new Error(`an answer was not kept: ${await reply.text()}`);
      await send('DELETE', `/station/seats/${seat}`);
    },
  };
};
