// Thirty personal tickets, a page each with six clocks: how long until the first byte and until the last. Yardstick: pdfkit alone, drawing as
// many lines, circles, paths and texts on as many pages in this very run.
import { PassThrough } from 'node:stream';
import { finished } from 'node:stream/promises';
import Pdf from 'pdfkit';
import { v4 as newId } from 'uuid';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';
import { composeForms, contentOf, layPages, usualRecipe, type Mark } from '../core/sheets/index.ts';
import { PRINT_FONTS } from '../server/print/fonts.ts';
import { startHoppel } from './support/hoppel.ts';

const COPIES = 30;
const RUNS = 5;
const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const say = (what: string, figure: string): void => console.log(`${what.padEnd(64)} ${figure}`);

const recipe = usualRecipe('ticket', DEFAULT_CONVENTIONS, ['oclock', 'half-past']);
const composed = composeForms({ ...recipe, counts: { 'write-digital': 4, draw: 2 } }, []);
if ('problem' in composed) throw new Error(composed.problem);
const content = contentOf(recipe, { title: 'Half past: which hour?', iCan: 'I can say it.' }, composed.forms);

const hoppel = await startHoppel();
const send = async (method: string, path: string, body: object): Promise<{ number: number }> =>
  (
    await fetch(`${hoppel.url}/api${path}`, {
      method,
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    })
  ).json() as never;
await send('POST', '/children', { names: Array.from({ length: COPIES - 22 }, (_, i) => `Guest ${i + 1}`) });
const { children } = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as { children: { id: number }[] };
const id = newId();
await send('PUT', `/sheets/${id}`, {
  version: 1,
  lessonId: null,
  part: null,
  source: null,
  childIds: [],
  recipe,
  content,
});
const copies = children.slice(0, COPIES).map((child, i) => ({ childId: child.id, form: i % 2 }));
const { number } = await send('POST', `/sheets/${id}/printings`, { id: newId(), version: 1, copies });

/** Milliseconds to the first and to the last byte. */
const printOnce = async (): Promise<{ first: number; last: number; bytes: number }> => {
  const began = performance.now();
  const answer = await fetch(`${hoppel.url}/api/sheets/printings/${number}/sheet.pdf`);
  let [first, bytes] = [0, 0];
  for await (const chunk of answer.body!) {
    first ||= performance.now() - began;
    bytes += (chunk as Uint8Array).length;
  }
  return { first, last: performance.now() - began, bytes };
};

/** The same number of marks of each kind, with nothing but pdfkit: no layout, no tags, no pictures but a circle for each. */
const pages = [
  ...layPages(
    content,
    copies.map(({ form }) => ({ form, name: 'Guest' })),
    { conventions: DEFAULT_CONVENTIONS, day: 'Tue, Nov 24', printing: 1 },
  ),
];
const bare = async (): Promise<number> => {
  const began = performance.now();
  const doc = new Pdf({ autoFirstPage: false });
  for (const [font, file] of Object.entries(PRINT_FONTS)) doc.registerFont(font, file);
  const out = new PassThrough();
  out.resume();
  doc.pipe(out);
  for (const page of pages) {
    doc.addPage({ size: [page.width * 2.8346, page.height * 2.8346], margin: 0 });
    for (const mark of page.marks) drawBare(doc, mark);
  }
  doc.end();
  await finished(out);
  return performance.now() - began;
};
const drawBare = (doc: InstanceType<typeof Pdf>, mark: Mark): void => {
  switch (mark.kind) {
    case 'line':
      doc.moveTo(mark.from.x, mark.from.y).lineTo(mark.to.x, mark.to.y).stroke('black');
      break;
    case 'circle':
      doc.circle(mark.at.x, mark.at.y, mark.radius).fill('black');
      break;
    case 'box':
      doc.rect(mark.box.x, mark.box.y, mark.box.width, mark.box.height).stroke('black');
      break;
    case 'path':
      doc.save().translate(mark.at.x, mark.at.y).scale(mark.unit).path(mark.d).fill('black').restore();
      break;
    case 'text':
      doc
        .font(mark.weight ?? 'regular')
        .fontSize(mark.size)
        .text(mark.text, mark.at.x, mark.at.y, { lineBreak: false });
      break;
    case 'picture':
      doc.circle(mark.at.x, mark.at.y, mark.size / 2).fill('black');
  }
};

await printOnce();
await bare();
const printed: Awaited<ReturnType<typeof printOnce>>[] = [];
const alone: number[] = [];
for (let run = 0; run < RUNS; run++) {
  printed.push(await printOnce());
  alone.push(await bare());
}
const last = median(printed.map((one) => one.last));
say(
  `${COPIES} tickets, 6 clocks each, over HTTP: first byte (median of ${RUNS})`,
  `${median(printed.map((one) => one.first)).toFixed(0)} ms`,
);
say('  last byte', `${last.toFixed(0)} ms, ${(printed[0]!.bytes / 1000).toFixed(0)} kB`);
say('  yardstick: bare pdfkit, as many marks', `${median(alone).toFixed(0)} ms`);
say('  ratio', (last / median(alone)).toFixed(2));
await hoppel.remove();
