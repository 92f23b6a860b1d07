import { spawnSync } from 'node:child_process';
import { createWriteStream, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { finished } from 'node:stream/promises';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { timeOf } from '../../core/clock/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import { defaultChoices, newPlan } from '../../core/planning/index.ts';
import { layPages, usualRecipe } from '../../core/sheets/index.ts';
import { groupPdf } from '../groups/groupPdf.ts';
import { planPdf } from '../plan/planPdf.ts';
import { streamPages } from './streamPages.ts';

const AT = new Date('2026-11-24T09:00:00Z');
let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'hoppel-tags-'));
});
afterAll(() => {
  rmSync(folder, { recursive: true, force: true });
});
/** What a program that reads PDFs aloud finds in one, and what it finds wrong. */
const heardIn = (file: string): { structure: string; wrong: string; info: string } => {
  const { stdout, stderr } = spawnSync('pdfinfo', ['-struct-text', file], { encoding: 'utf8' });
  return { structure: stdout, wrong: stderr, info: spawnSync('pdfinfo', [file], { encoding: 'utf8' }).stdout };
};
const written = (name: string, bytes: Buffer): string => {
  const file = join(folder, name);
  writeFileSync(file, bytes);
  return file;
};
const oneRoot = (structure: string): void => {
  expect(structure).toMatch(/^Document/);
  expect(structure.match(/^\S/gm)).toHaveLength(1);
};

describe('a printed document for who hears it', () => {
  it('is one, page by page; its clocks are named, and what they show is not', async () => {
    const file = join(folder, 'sheet.pdf');
    const out = createWriteStream(file);
    const content = {
      ...usualRecipe('practice', DEFAULT_CONVENTIONS, ['oclock']),
      title: 'Half past: which hour?',
      iCan: 'I can say it.',
      forms: [[{ kind: 'write-digital', shown: timeOf(8, 30) } as const, { kind: 'draw', shown: timeOf(3) } as const]],
    };
    const copies = [
      { form: 0, name: 'Ada' },
      { form: 0, name: 'Bram' },
    ];
    const setting = { conventions: DEFAULT_CONVENTIONS, day: 'Tue, Nov 24', printing: 1 };
    await streamPages(out, layPages(content, copies, setting), { title: 'Half past', language: 'en-US', at: AT });
    await finished(out);
    const { structure, wrong, info } = heardIn(file);
    expect(wrong).toBe('');
    expect(info).toMatch(/Title:\s+Half past/);
    oneRoot(structure);
    expect(structure.match(/Sect/g)).toHaveLength(2);
    // Poppler does not print what stands for a drawing; the file has it as it is.
    expect(structure.match(/Figure/g)).toHaveLength(4);
    expect(structure).not.toMatch(/8:30|half past 8/);
  });
  it('is one where it is a plan or cards of groups, with a title of its own', async () => {
    const plan = newPlan(defaultChoices('2026-11-16', 'Clover Room'), 0);
    const name = { name: 'Clover Room', numberTime: '10:15' };
    const group = {
      id: 1,
      checkId: 7,
      topic: 'hands',
      name: null,
      ordinal: null,
      childIds: [1],
      held: [],
      isLocked: false,
      minutes: 8,
      rule: null,
      lens: 'half-turn',
      contrast: [timeOf(4), timeOf(4, 30)] as [ReturnType<typeof timeOf>, ReturnType<typeof timeOf>],
      task: 'read',
      times: [timeOf(2), timeOf(5)],
      takeAway: timeOf(7),
    } as const;
    const sent = { ...group, childIds: [1], held: [], times: [...group.times] };
    const files = [
      written('plan.pdf', await planPdf(name, plan, DEFAULT_CONVENTIONS, 22, AT)),
      written(
        'cards.pdf',
        await groupPdf(
          'Clover Room',
          [sent],
          [{ id: 1, name: '李明', picture: 'snail' } as never],
          DEFAULT_CONVENTIONS,
          AT,
        ),
      ),
    ];
    for (const file of files) {
      const { structure, wrong, info } = heardIn(file);
      expect([wrong, info]).toEqual(['', expect.stringMatching(/Title:\s+Clover Room[\s\S]*Tagged:\s+yes/)]);
      oneRoot(structure);
      expect(structure).toMatch(/H1/);
    }
  });
});
