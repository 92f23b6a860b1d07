import express, { Router, type RequestHandler, type Response } from 'express';
import { HoppelError } from '../errors/hoppelError.ts';
import { setRoute } from '../log/requestLog.ts';
import type { Cover } from './coveredFields.ts';
import { ROUTES, type BodySize, type Who } from './routeTable.ts';
import { setVisitor, visitorFrom, type Doors, type Visitor } from './visitor.ts';

/** How large a body of each size may be. */
const LIMITS: Readonly<Record<Exclude<BodySize, 'as-it-comes'>, string>> = {
  /** Far above any real message: the largest, a whole class tapped at once, is about 8 kB. */
  message: '64kb',
  /** A drawing of as many points as one may have is about 250 kB. */
  drawing: '512kb',
  /** Unit files of forty lessons are about 300 kB; a school's calendar file may be larger. */
  file: '4mb',
};

/** Whom each kind of route lets in, tablets aside. */
const LETS_IN: Readonly<Record<Exclude<Who, 'tablet'>, ReadonlySet<Visitor['is']>>> = {
  anybody: new Set(['teacher', 'covered', 'remote', 'stranger']),
  remote: new Set(['teacher', 'covered', 'remote']),
  board: new Set(['teacher', 'covered']),
  teacher: new Set(['teacher']),
};

const refusal = (visitor: Visitor, hasPassphrase: boolean): HoppelError => {
  if (visitor.is === 'covered') return new HoppelError('covered');
  return new HoppelError(visitor.is === 'stranger' && hasPassphrase ? 'passphrase-needed' : 'teacher-only');
};

/** From here on a reply has only the fields that are left while results are covered. */
const replyThrough = (res: Response, cover: Cover): void => {
  const whole = res.json.bind(res);
  res.json = (body: unknown) => whole(res.statusCode < 400 ? cover(body) : body);
};

/** Does what a request asks for take long to work out? */
export const isLong = (res: Response): boolean => res.locals['isLong'] === true;

interface Parts extends Doors {
  /** Lets through only tablets that came in by the class's pictures. */
  readonly tabletsOnly: RequestHandler;
}

/**
 * Stands before every route of the interface: built from the table of routes, it lets each visitor through to what is for them, and
 * reads a body only then. What is not in the table is not found.
 */
export const gate = ({ tabletsOnly, ...doors }: Parts): Router => {
  const router = Router();
  const letIn = (who: Exclude<Who, 'tablet'>, cover?: Cover): RequestHandler => {
    return (req, res, next) => {
      const visitor = visitorFrom(req, doors);
      if (!LETS_IN[who].has(visitor.is)) throw refusal(visitor, doors.teacher.isSet());
      setVisitor(res, visitor);
      if (visitor.is === 'covered' && cover !== undefined) replyThrough(res, cover);
      next();
    };
  };
  const reading = (size: keyof typeof LIMITS): RequestHandler => express.json({ limit: LIMITS[size] });
  const through: RequestHandler = (_req, _res, next) => next('router');
  const bodies: Readonly<Record<BodySize, RequestHandler>> = {
    message: reading('message'),
    drawing: reading('drawing'),
    file: reading('file'),
    'as-it-comes': through,
  };
  const named =
    (path: string, isLong: boolean): RequestHandler =>
    (_req, res, next) => {
      setRoute(res, path);
      res.locals['isLong'] = isLong;
      next();
    };
  for (const { method, path, who, body, covered, isLong } of ROUTES) {
    const check = who === 'tablet' ? tabletsOnly : letIn(who, covered);
    router[method.toLowerCase() as 'get'](path, named(path, isLong), check, bodies[body], through);
  }
  router.use(() => {
    throw new HoppelError('not-found');
  });
  return router;
};
