import { Router } from 'express';
import { BoardCommand, BoardView, SenderId } from '../../contract/index.ts';
import type { Live } from '../live/live.ts';
import type { BoardRelay } from './boardRelay.ts';

/** The board's state, what it shows, and what remotes wish of it. */
export const boardRoutes = (relay: BoardRelay, live: Live): Router => {
  const router = Router();
  router.get('/', (_req, res) => {
    res.json(live.board());
  });
  router.put('/view', (req, res) => {
    if (relay.show(BoardView.parse(req.body))) live.viewChanged();
    res.status(204).end();
  });
  router.delete('/view/:boardId', (req, res) => {
    if (relay.close(SenderId.parse(req.params['boardId']))) live.viewChanged();
    res.status(204).end();
  });
  router.post('/commands', (req, res) => {
    const command = BoardCommand.parse(req.body);
    if (relay.isNew(command)) live.command(command);
    res.status(202).end();
  });
  return router;
};
