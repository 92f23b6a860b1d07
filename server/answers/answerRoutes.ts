import { Router } from 'express';
import { PostAnswer, type AnswerReply } from '../../contract/index.ts';
import type { Live } from '../live/live.ts';
import { isStandIn } from '../station/stationRoutes.ts';
import type { Door } from '../station/door.ts';
import type { Recorder } from './recordAnswer.ts';

export const answerRoutes = (recorder: Recorder, live: Live, door: Door): Router =>
  Router().post('/', (req, res) => {
    const { row, fresh } = recorder.fromTablet(PostAnswer.parse(req.body), isStandIn(door, req));
    if (fresh) live.answersChanged(row.lessonId);
    res
      .status(fresh ? 201 : 200)
      .json({ id: row.id, verdict: row.verdict, findings: row.findings } satisfies AnswerReply);
  });
