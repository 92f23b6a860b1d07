import { parse } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import type { ClassRepository } from '../classes/classRepository.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { TabletRepository, TabletRow } from '../tablets/tabletRepository.ts';

export const TABLET_COOKIE = 'hoppel-tablet';

/** The pass a device shows, whatever it is worth. */
export const passShown = (req: Request): string | undefined => parse(req.headers.cookie ?? '')[TABLET_COOKIE];

/** Only tablets that were let in to a class that is open on some screen come further. */
export const throughTheDoor =
  (classes: Pick<ClassRepository, 'openOnes'>, tablets: Pick<TabletRepository, 'maybe'>): RequestHandler =>
  (req, res, next) => {
    const open = classes.openOnes();
    if (open.length === 0) throw new HoppelError('no-class');
    const tablet = tablets.maybe(passShown(req));
    if (!open.includes(tablet?.classId ?? 0)) throw new HoppelError('code-needed');
    res.locals['tablet'] = tablet;
    next();
  };

/** The tablet that came through the door with a request. */
export const tabletOf = (res: Response): TabletRow => res.locals['tablet'] as TabletRow;
/** The same; none where another visitor asks. */
export const maybeTabletOf = (res: Response): TabletRow | undefined => res.locals['tablet'] as TabletRow | undefined;
