import { Router } from 'express';
import { z } from 'zod';
import type { ChildAnswers, ClassView } from '../../contract/index.ts';
import { findReason, oclockResults, skillsOf, type Reason } from '../../core/diagnosis/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';

interface Parts {
  readonly answers: AnswerRepository;
  readonly children: ChildRepository;
}

const sendable = (reason: Reason | undefined) => (reason ? { ...reason, fitting: [...reason.fitting] } : null);

/** What the record says: about the class, and about one child. */
export const recordRoutes = ({ answers, children }: Parts): Router => {
  const router = Router();
  router.get('/class', (_req, res) => {
    const counted = answers.counted();
    res.json({
      children: children.all().map(({ id }) => {
        const own = counted.filter(({ childId }) => childId === id);
        return { childId: id, skills: skillsOf(own), reason: sendable(findReason(own)) };
      }),
      times: oclockResults(counted),
    } satisfies ClassView);
  });
  router.get('/children/:id', (req, res) => {
    const child = children.one(z.coerce.number().int().parse(req.params['id']));
    const own = answers.countedOfChild(child.id);
    res.json({
      child,
      skills: skillsOf(own),
      reason: sendable(findReason(own)),
      answers: own.reverse(),
    } satisfies ChildAnswers);
  });
  return router;
};
