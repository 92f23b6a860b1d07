import { Router } from 'express';
import { PostAnswer, type AnswerReply } from '../../contract/index.ts';
import type { Classrooms } from '../classroom/classrooms.ts';
import type { Together } from '../common/commitTogether.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { tabletOf } from '../station/throughTheDoor.ts';
import type { TabletRepository } from '../tablets/tabletRepository.ts';

/**
 * What tablets send: each for a child who sits at it, or sat there when it answered, also of a class that is not open any more. The
 * reply says that it is kept, and nothing else: a tablet marks for itself what it shows a child.
 */
export const answerRoutes = (classrooms: Classrooms, tablets: TabletRepository, together: Together): Router =>
  Router().post('/', async (req, res) => {
    const posted = PostAnswer.parse(req.body);
    const { id, simulated } = tabletOf(res);
    const { recorder, live, setAside } = classrooms.ofChild(posted.childId);
    if (!tablets.hasSat(id, posted.childId)) throw new HoppelError('other-child');
    const { row, fresh } = await together(() => recorder.fromTablet(posted, simulated));
    // It is kept: the tablet hears so before the walls do, for it waits.
    res.status(fresh ? 201 : 200).json({ id: row.id } satisfies AnswerReply);
    if (fresh) live.answered(row);
    if (setAside.taken(row.id)) live.roomChanged();
  });
