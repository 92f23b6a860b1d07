import { Router } from 'express';
import { Template, type Templates } from '../../contract/index.ts';
import type { z } from 'zod';
import type { Now } from '../clock.ts';
import type { TemplateRepository } from './templateRepository.ts';

/** Lessons kept for other classes: listed, kept, taken out. */
export const templateRoutes = (templates: TemplateRepository, now: Now): Router => {
  const router = Router();
  const all = (): z.infer<typeof Templates> => templates.all();
  router.get('/', (_req, res) => {
    res.json(all());
  });
  router.post('/', (req, res) => {
    templates.keep(Template.parse(req.body), now());
    res.status(201).json(all());
  });
  router.delete('/:id', (req, res) => {
    templates.takeOut(req.params.id);
    res.json(all());
  });
  return router;
};
