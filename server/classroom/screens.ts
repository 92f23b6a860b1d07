import { randomBytes } from 'node:crypto';
import { parse } from 'cookie';
import type { Request, Response } from 'express';
import type { Ticks } from '../clock.ts';
import { REHEARSAL } from '../rehearsal/rehearsalRoutes.ts';

/** A rehearsal is a school of its own: which class a screen looks at there is nothing of this one's. */
const cookieOf = ({ originalUrl }: Pick<Request, 'originalUrl'>): string =>
  originalUrl.startsWith(`${REHEARSAL}/`) ? 'hoppel-rehearsal' : 'hoppel-screen';
/** Milliseconds a browser remembers which class it looks at: over the summer. */
const REMEMBERED_MS = 200 * 24 * 60 * 60 * 1000;
/** Milliseconds a screen that nothing was heard of counts as looking at its class: a school day. */
const LOOKS_MS = 12 * 60 * 60 * 1000;

/** A browser of the teacher's, all its windows together, and the class it looks at. */
export interface Screen {
  readonly id: string;
  readonly classId: number;
}

/** The screen a request comes from; none where it does not say, as a program. */
export const screenOf = (req: Request): Screen | undefined => {
  const said = /^(\d{1,9})\.([0-9a-f]{16})$/.exec(parse(req.headers.cookie ?? '')[cookieOf(req)] ?? '');
  return said === null ? undefined : { classId: Number(said[1]), id: said[2]! };
};

/** A browser remembers the class it looks at from now on. */
export const rememberScreen = (req: Request, res: Response, classId: number): void => {
  const before = screenOf(req);
  if (before?.classId === classId) return;
  const id = before?.id ?? randomBytes(8).toString('hex');
  const manner = { httpOnly: true, sameSite: 'strict', path: '/', secure: req.secure } as const;
  res.cookie(cookieOf(req), `${classId}.${id}`, { ...manner, maxAge: REMEMBERED_MS });
};

/** Which screens look at which class, as far as they were heard of. */
export const createScreens = (time: Ticks) => {
  const known = new Map<string, { classId: number; heard: number }>();
  return {
    heard: ({ id, classId }: Screen): void => void known.set(id, { classId, heard: time() }),
    /** None where nothing was heard of it. */
    classOf: (id: string | undefined): number | undefined => known.get(id ?? '')?.classId,
    /** Does another screen look at a class? */
    othersAt: (classId: number, but: string | undefined): boolean => {
      for (const [id, { heard }] of known) if (time() - heard > LOOKS_MS) known.delete(id);
      return [...known].some(([id, one]) => id !== but && one.classId === classId);
    },
    /** Nobody looks at a class any more: it is gone. */
    forgetClass: (classId: number): void => {
      for (const [id, one] of known) if (one.classId === classId) known.delete(id);
    },
  };
};
export type Screens = ReturnType<typeof createScreens>;
