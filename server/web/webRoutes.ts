import { join } from 'node:path';
import express, { Router } from 'express';
import { isThisMachine } from '../access.ts';

/** The built interface: the station's page for tablets, the teacher's for every other path. Another device gets the teacher's page only as a remote. */
export const webRoutes = (folder: string): Router => {
  const router = Router();
  // Built files carry a hash of their content in their name, so they never change.
  router.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  router.use(express.static(folder, { index: false }));
  router.get('/station{/*path}', (_req, res) => {
    res.sendFile('station.html', { root: folder });
  });
  router.get('/{*path}', (req, res) => {
    if (isThisMachine(req.socket.remoteAddress) || req.path === '/remote') res.sendFile('index.html', { root: folder });
    else res.redirect('/station');
  });
  return router;
};
