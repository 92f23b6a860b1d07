import { Router, type Response } from 'express';
import { z } from 'zod';
import { SenderId } from '../../contract/index.ts';
import {
  ANSWER_COLUMNS,
  UTF_8_MARK,
  answerLine,
  masteryTable,
  overviewTable,
  statementOf,
  tableLines,
  writeTable,
  type RecordedAnswer,
  type Table,
} from '../../core/exchange/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { sendPieces } from '../common/sendPieces.ts';
import { sendPages } from '../print/sendPages.ts';

const ChildId = z.coerce.number().int().positive();
const Asked = z.object({ names: z.literal('1').optional() });

const sendTable = (res: Response, name: string, table: Table, locale: string): void => {
  res.attachment(name).type('text/csv; charset=utf-8').send(writeTable(table, locale));
};

/** What goes out: tables for spreadsheets, statements for learning records, pages for people. */
export const exchangeRoutes = (find: FindClassroom): Router => {
  const router = Router();
  router.get('/answers.csv', async (req, res) => {
    const { exchange, settings, row } = find(req);
    row();
    const conventions = settings.one();
    const { locale } = conventions;
    res.attachment('answers.csv').type('text/csv; charset=utf-8');
    const lines = function* (): Generator<string> {
      yield UTF_8_MARK + tableLines([ANSWER_COLUMNS], locale);
      for (const some of exchange.answers())
        yield tableLines(
          some.map((one) => answerLine(one, conventions)),
          locale,
        );
    };
    await sendPieces(res, lines());
  });
  router.get('/mastery.csv', (req, res) => {
    const { exchange, settings, row } = find(req);
    row();
    sendTable(res, 'mastery.csv', masteryTable(exchange.standings()), settings.one().locale);
  });
  router.get('/overview.csv', (req, res) => {
    const { exchange, settings, row } = find(req);
    row();
    sendTable(res, 'overview.csv', overviewTable(exchange.standings()), settings.one().locale);
  });
  router.get('/piles/:id/results.csv', (req, res) => {
    const { exchange, settings } = find(req);
    const table = exchange.pile(SenderId.parse(req.params['id']));
    sendTable(res, 'results.csv', table, settings.one().locale);
  });
  router.get('/statements.json', async (req, res) => {
    const { exchange, settings, row } = find(req);
    row();
    const withNames = Asked.parse(req.query).names !== undefined;
    const setting = { conventions: settings.one(), classKey: exchange.key(), withNames };
    res.attachment('statements.json').type('application/json');
    const written = (one: RecordedAnswer): string => JSON.stringify(statementOf(one, setting));
    const pieces = function* (): Generator<string> {
      let before = '[\n';
      for (const some of exchange.answers()) {
        yield before + some.map(written).join(',\n');
        before = ',\n';
      }
      yield before === '[\n' ? '[]\n' : '\n]\n';
    };
    await sendPieces(res, pieces());
  });
  router.get('/overview.pdf', async (req, res) => {
    const { exchange, settings, now } = find(req);
    const pages = exchange.overview();
    await sendPages(res, pages, { title: pages[0]!.name, language: settings.one().locale, at: now() });
  });
  router.get('/families.pdf', async (req, res) => {
    const { exchange, settings, row, now } = find(req);
    await sendPages(res, exchange.families(), { title: row().name, language: settings.one().locale, at: now() });
  });
  router.get('/families/:childId.pdf', async (req, res) => {
    const { exchange, settings, now } = find(req);
    const pages = exchange.families(ChildId.parse(req.params['childId']));
    await sendPages(res, pages, { title: pages[0]!.name, language: settings.one().locale, at: now() });
  });
  return router;
};
