import { Router } from 'express';
import { BoardCommand, BoardView, SenderId } from '../../contract/index.ts';
import { remoteOf } from '../access/visitor.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { screenOf } from '../classroom/screens.ts';
import { remoteBoard } from '../remote/remoteView.ts';

/** The board's state, what it shows, and what remotes wish of it. */
export const boardRoutes = (find: FindClassroom): Router => {
  const router = Router();
  router.get('/', (req, res) => {
    const board = find(req).live.board();
    res.json(remoteOf(res) ? remoteBoard(board) : board);
  });
  router.put('/view', (req, res) => {
    const { relay, live } = find(req);
    if (relay.show(BoardView.parse(req.body), screenOf(req)?.id)) live.viewChanged();
    res.status(204).end();
  });
  router.delete('/view/:boardId', (req, res) => {
    const { relay, live } = find(req);
    if (relay.close(SenderId.parse(req.params['boardId']))) live.viewChanged();
    res.status(204).end();
  });
  router.post('/commands', (req, res) => {
    const { relay, live } = find(req);
    const command = BoardCommand.parse(req.body);
    if (relay.isNew(command)) live.command(command);
    res.status(202).end();
  });
  return router;
};
