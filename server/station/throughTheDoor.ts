import { parse } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { TabletRepository, TabletRow } from '../tablets/tabletRepository.ts';

export const TABLET_COOKIE = 'hoppel-tablet';

/** The pass a device shows, whatever it is worth. */
export const passShown = (req: Request): string | undefined => parse(req.headers.cookie ?? '')[TABLET_COOKIE];

/** Only tablets that were let in to the class come further. */
export const throughTheDoor =
  (find: FindClassroom, tablets: Pick<TabletRepository, 'maybe'>): RequestHandler =>
  (req, res, next) => {
    const { id } = find(req).row();
    const tablet = tablets.maybe(passShown(req));
    if (tablet?.classId !== id) throw new HoppelError('code-needed');
    res.locals['tablet'] = tablet;
    next();
  };

/** The tablet that came through the door with a request. */
export const tabletOf = (res: Response): TabletRow => res.locals['tablet'] as TabletRow;
