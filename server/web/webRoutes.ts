import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse } from 'cookie';
import express, { Router, type Request, type Response } from 'express';
import { isFromHere } from '../access/machine.ts';
import { TEACHER_COOKIE } from '../access/visitor.ts';
import { nonceOf } from './security.ts';

/** Where another device of the teacher's comes in: as a remote by a code, or by the passphrase. */
const WAYS_IN = { remote: '/remote', teacher: '/teacher' } as const;

interface Parts {
  readonly hasPassphrase: () => boolean;
  readonly onTeachersPage: (req: Request, res: Response) => void;
}

/**
 * The built interface: the station's page for tablets, the teacher's for every other path. Another device gets the teacher's page only
 * where she comes in, or was in before; what it may see is settled by what it asks for then.
 */
export const webRoutes = (folder: string, { hasPassphrase, onTeachersPage }: Parts): Router => {
  const router = Router();
  const page = readFileSync(join(folder, 'index.html'), 'utf8');
  // Built files carry a hash of their content in their name, so they never change.
  router.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  router.use(express.static(folder, { index: false }));
  router.get('/station{/*path}', (_req, res) => {
    res.sendFile('station.html', { root: folder });
  });
  router.get('/{*path}', (req, res) => {
    const isTeachers =
      isFromHere(req) ||
      req.path === WAYS_IN.remote ||
      (hasPassphrase() && (req.path === WAYS_IN.teacher || TEACHER_COOKIE in parse(req.headers.cookie ?? '')));
    if (!isTeachers) return void res.redirect('/station');
    onTeachersPage(req, res);
    res.set('Cache-Control', 'no-cache');
    res.type('html').send(page.replace('__NONCE__', nonceOf(res)));
  });
  return router;
};
