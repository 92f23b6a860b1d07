import { createServer } from 'node:http';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { AddressInfo } from 'node:net';
import { afterAll, describe, expect, it } from '@jest/globals';
import { XMLParser } from 'fast-xml-parser';
import { strFromU8, unzipSync } from 'fflate';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';
import { seededRng } from '../core/common/index.ts';
import { makeItem } from '../core/making/index.ts';
import type { Sheet } from '../contract/index.ts';
import { PAPER_KINDS, asPrinted, contentOf, usualRecipe, type PaperItem } from '../core/sheets/index.ts';
import { qtiPackage } from '../server/sheets/qti/package.ts';
import { startBrowser } from './support/browser.ts';

const recipe = usualRecipe('ticket', DEFAULT_CONVENTIONS, ['oclock', 'half-past']);
/** One task of every kind, twice with other times. */
const forms = [4, 11].map((seed) => PAPER_KINDS.map((kind): PaperItem => asPrinted(makeItem(kind, seededRng(seed)))));
const content = contentOf(recipe, { title: 'Ticket', iCan: '' }, forms);
const sheet = { id: '11111111-1111-4111-8111-111111111111', recipe, content } as unknown as Sheet;
const files = unzipSync(qtiPackage(sheet, DEFAULT_CONVENTIONS));

// A player of QTI 3 that others wrote and that passed its standard's conformance tests: what it says of an answer, other programs say too.
const require = createRequire(import.meta.url);
const player = require.resolve('qti3-item-player');
const vue = createRequire(player).resolve('vue/dist/vue.min.js');
const PAGE = `<!doctype html><meta charset="utf-8"><div id="app"></div>
  <script src="/vue.js"></script><script src="/player.js"></script><script>
  const Player = window.qti3Player.default ?? window.qti3Player;
  let ready; window.player = new Promise((done) => { ready = done; });
  let loaded; let ended;
  new Vue({
    el: '#app',
    render: (h) => h(Player, {
      props: { suppressAlertMessages: true, suppressInvalidResponseMessages: true },
      on: {
        notifyQti3PlayerReady: (player) => ready(player),
        notifyQti3ItemReady: () => loaded?.(),
        notifyQti3EndAttemptCompleted: (data) => ended?.(data),
      },
    }),
  });
  window.answer = async (xml, response) => {
    const player = await window.player;
    await new Promise((done) => {
      loaded = done;
      // The player loads nothing where the same text is loaded again.
      player.loadItemFromXml(xml.replace('</qti-assessment-item>', '<!-- ' + Math.random() + ' --></qti-assessment-item>'), {
        guid: String(Math.random()),
        status: 'interacting',
        sessionControl: { max_attempts: 0, show_feedback: false, validate_responses: false },
      });
    });
    // As if it had been tapped and typed: the player asks its interaction for what was answered.
    const below = (one) => [one, ...one.$children.flatMap(below)];
    const interaction = below(player).find((one) => typeof one.getResponse === 'function' && typeof one.setResponse === 'function');
    interaction.setResponse(response.value);
    const { state } = await new Promise((done) => { ended = done; player.endAttempt('next'); });
    const valueOf = (list, name) => list.find((one) => one.identifier === name)?.value;
    return { score: Number(valueOf(state.outcomeVariables, 'SCORE')), took: valueOf(state.responseVariables, 'RESPONSE') };
  };
  </script>`;
const SERVED: Readonly<Record<string, readonly [type: string, body: string | Uint8Array]>> = {
  '/': ['text/html', PAGE],
  '/vue.js': ['text/javascript', readFileSync(vue)],
  '/player.js': ['text/javascript', readFileSync(player)],
};
const server = createServer((req, res) => {
  const picture = Object.entries(files).find(([name]) => name.endsWith(`.svg`) && name.endsWith(req.url!))?.[1];
  const found = picture === undefined ? SERVED[req.url!] : (['image/svg+xml', picture] as const);
  res.writeHead(found === undefined ? 404 : 200, { 'Content-Type': found?.[0] ?? 'text/plain' });
  res.end(found?.[1]);
});
await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
const browser = await startBrowser();
await browser.driver.get(`http://127.0.0.1:${(server.address() as AddressInfo).port}/`);
afterAll(async () => {
  await browser.quit();
  server.close();
});

type Node = Record<string, unknown>;
const parser = new XMLParser({ ignoreAttributes: false, parseTagValue: false });
const list = (one: unknown): Node[] => (one === undefined ? [] : Array.isArray(one) ? one : [one as Node]);
const all = (node: unknown, name: string): Node[] => {
  if (Array.isArray(node)) return node.flatMap((one) => all(one, name));
  if (typeof node !== 'object' || node === null) return [];
  return Object.entries(node).flatMap(([key, value]) => [...(key === name ? list(value) : []), ...all(value, name)]);
};

interface Response {
  readonly cardinality: string;
  readonly value: string | readonly string[];
}
const items = Object.entries(files)
  .filter(([name]) => /task-\d+\.xml$/.test(name))
  .map(([name, data]) => ({ name, xml: strFromU8(data) }));

/** What an item takes for right, one response each, and one that is wrong. */
const responsesOf = (xml: string): { right: Response[]; wrong: Response } => {
  const root = (parser.parse(xml) as Node)['qti-assessment-item'] as Node;
  const declared = root['qti-response-declaration'] as Node;
  const cardinality = String(declared['@_cardinality']);
  const correct = list((declared['qti-correct-response'] as Node)['qti-value']).map(String);
  const order = all(root['qti-item-body'], 'qti-simple-choice').map((one) => String(one['@_identifier']));
  const given = (value: Response['value']): Response => ({ cardinality, value });
  if (declared['@_base-type'] === 'string') {
    const keys = all(declared, 'qti-map-entry').map((one) => String(one['@_map-key']));
    return { right: keys.map(given), wrong: given('a wrong answer') };
  }
  if (cardinality === 'ordered') return { right: [given(correct)], wrong: given(correct.toReversed()) };
  if (cardinality === 'multiple') return { right: [given(correct)], wrong: given(correct.slice(1)) };
  return { right: [given(correct[0]!)], wrong: given(order.find((one) => one !== correct[0])!) };
};

await browser.driver.manage().setTimeouts({ script: 8000 });

describe('items in a player of others', () => {
  it.each(items.map(({ name, xml }) => [name, xml] as const))(
    '%s scores right answers, and no wrong one',
    async (_, xml) => {
      const answer = (response: Response): Promise<{ score: number; took: unknown }> =>
        browser.driver.executeAsyncScript(
          'const [xml, response, done] = arguments; window.answer(xml, response).then(done, (error) => done({ score: String(error.stack ?? error).slice(0, 600) }));',
          xml,
          response,
        );
      const { right, wrong } = responsesOf(xml);
      for (const response of right) expect([response, (await answer(response)).score]).toEqual([response, 1]);
      expect([wrong, (await answer(wrong)).score]).toEqual([wrong, 0]);
    },
  );
  it('are of every kind that QTI can ask', () => expect(items.length).toBeGreaterThan(25));
});
