import { Router, type Request, type Response } from 'express';
import { z } from 'zod';
import {
  PostOwnForms,
  PostPrinting,
  PostSheetFile,
  PutSheet,
  SenderId,
  type OwnForms,
  type Sheet,
  type SheetList,
} from '../../contract/index.ts';
import { clockWord } from '../../core/reporting/index.ts';
import { wordsOfLesson } from '../../core/planning/index.ts';
import { FORM_LETTERS, THINGS, layKey, layThing, type Page } from '../../core/sheets/index.ts';
import type { Picture } from '../../core/pictures/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { fileName } from '../common/fileName.ts';
import { sendPages } from '../print/sendPages.ts';
import { readSheetFile, writeSheetFile } from './sheetFile.ts';
import type { PrintSetting } from './sheetRepository.ts';
import { HoppelError } from '../errors/hoppelError.ts';

const Thing = z.enum(THINGS);
const PrintingNumber = z.coerce.number().int().min(1);

/** Sheets: kept, printed, printed again; and things to lay out that are printed as they are. */
export const sheetRoutes = (find: FindClassroom): Router => {
  const router = Router();
  const idOf = (req: Request): string => SenderId.parse(req.params['id']);
  const printingOf = (req: Request) => {
    const { sheets } = find(req);
    return { sheets, printing: sheets.printing(PrintingNumber.parse(req.params['number'])) };
  };
  router.get('/', (req, res) => {
    res.json(find(req).sheets.list() satisfies SheetList);
  });
  router.post('/own-forms', (req, res) => {
    res.json(find(req).sheets.ownForms(PostOwnForms.parse(req.body)) satisfies OwnForms);
  });
  router.get('/things/:thing.pdf', async (req, res) => {
    const { settings, lessons, day, now } = find(req);
    const conventions = settings.one();
    const thing = Thing.parse(req.params['thing']);
    const lessonId = z.coerce.number().int().optional().parse(req.query['lesson']);
    const words =
      lessonId === undefined
        ? []
        : wordsOfLesson(lessons.one(lessonId), conventions).map((word) => clockWord(word, conventions));
    const pages = layThing(thing, {
      conventions,
      words,
      day: day.routine().map(({ name, picture, at }) => ({ name, picture: picture as Picture, at })),
    });
    if (pages.length === 0) throw new HoppelError('nothing-to-print');
    await sendPages(res, pages, {
      title: pages[0]!.name,
      language: conventions.locale,
      at: now(),
    });
  });
  router.get('/printings/:number/sheet.pdf', async (req, res) => {
    const { sheets, printing } = printingOf(req);
    await sendPages(res, sheets.pages(printing), {
      title: printing.sheet.content.title,
      language: printing.setting.conventions.locale,
      at: new Date(printing.printedAt),
    });
  });
  /** The key to every form. @param names whose each form is; empty where it goes by its letter */
  const keyPages = (
    { content }: Pick<Sheet, 'content'>,
    names: readonly string[],
    { conventions, day }: PrintSetting,
  ) =>
    content.forms.flatMap((_, form) => {
      const letter = content.forms.length === FORM_LETTERS.length ? FORM_LETTERS[form]! : '';
      return layKey(content, form, { of: names[form] || letter, day }, conventions);
    });
  const sendKey = async (
    res: Response,
    pages: readonly Page[],
    { conventions }: PrintSetting,
    at: Date,
  ): Promise<void> => sendPages(res, pages, { title: pages[0]!.name, language: conventions.locale, at });
  router.get('/printings/:number/key.pdf', async (req, res) => {
    const { sheets, printing } = printingOf(req);
    const pages = keyPages(printing.sheet, sheets.namesOfForms(printing.sheet), printing.setting);
    await sendKey(res, pages, printing.setting, new Date(printing.printedAt));
  });
  router.get('/:id/key.pdf', async (req, res) => {
    const { sheets, now } = find(req);
    const sheet = sheets.one(idOf(req));
    const setting = sheets.settingOf(sheet);
    await sendKey(res, keyPages(sheet, sheets.namesOfForms(sheet), setting), setting, now());
  });
  router.post('/file', (req, res) => {
    const body = PostSheetFile.parse(req.body);
    const { sheets } = find(req);
    sheets.readIn(body.id, readSheetFile(body));
    res.status(201).json(sheets.one(body.id));
  });
  router.get('/:id/sheet.json', (req, res) => {
    const sheet = find(req).sheets.one(idOf(req));
    res.attachment(fileName(sheet.content.title, 'hoppel.json')).type('json').send(writeSheetFile(sheet));
  });
  router.get('/:id/qti.zip', async (req, res) => {
    const { sheets, settings } = find(req);
    const sheet = sheets.one(idOf(req));
    const { qtiPackage } = await import('./qti/package.ts');
    const bytes = qtiPackage(sheet, settings.one());
    res.attachment(fileName(sheet.content.title, 'qti.zip')).type('zip').send(Buffer.from(bytes));
  });
  router.get('/:id', (req, res) => {
    res.json(find(req).sheets.one(idOf(req)));
  });
  router.put('/:id', (req, res) => {
    const { sheets } = find(req);
    sheets.keep(idOf(req), PutSheet.parse(req.body));
    res.json(sheets.one(idOf(req)));
  });
  router.post('/:id/printings', (req, res) => {
    const { sheets, live } = find(req);
    const id = idOf(req);
    const printing = sheets.print(id, PostPrinting.parse(req.body));
    const { lessonId } = sheets.one(id);
    if (lessonId !== null) live.recordChanged(lessonId);
    res.status(201).json(printing);
  });
  return router;
};
