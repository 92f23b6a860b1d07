import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { setTimeout as wait } from 'node:timers/promises';
import { strToU8, zipSync } from 'fflate';
import request from 'supertest';
import { v4 as newId } from 'uuid';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import { makeItem } from '../../core/making/index.ts';
import { PAPER_KINDS, asPrinted, contentOf, usualRecipe } from '../../core/sheets/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { daysOffIn } from '../plan/calendarFile.ts';
import { readUnitFile } from '../plan/unitFile.ts';
import { readSheetFile } from '../sheets/sheetFile.ts';
import { seededRng, type Rng } from '../../core/common/index.ts';
import { bytesOf, openSchool, type School } from '../school.test.support.ts';

/** Milliseconds others may wait while a file is looked at. */
const MOST_MS = 1000;

describe('a file somebody made to do harm', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool();
  });
  afterAll(() => school.close());
  const arrive = (body: string | Buffer) =>
    request(school.url).post('/api/moving/arrivals').set('Content-Type', 'application/json').send(body);

  /** Does something while others ask again and again. @returns the longest any of them waited, milliseconds */
  const whileOthersAsk = async (work: () => Promise<unknown>): Promise<number> => {
    let isDone = false;
    let longest = 0;
    const others = (async () => {
      while (!isDone) {
        const began = performance.now();
        await request(school.url).get('/api/entry').expect(200);
        longest = Math.max(longest, performance.now() - began);
        await wait(20);
      }
    })();
    await work();
    isDone = true;
    await others;
    return longest;
  };

  it.each([400_000, 20_000_000])('nested %d deep is refused at once, and nobody waits for it', async (depth) => {
    const longest = await whileOthersAsk(async () => {
      for (const text of ['['.repeat(depth), '{"a":'.repeat(depth / 5)]) {
        const { status, body } = await arrive(text);
        expect([status, body.code]).toEqual([400, 'bad-file']);
      }
    });
    expect(longest).toBeLessThan(MOST_MS);
  });
  it('with one row of twenty megabytes is refused', async () => {
    const head =
      '{"format":"hoppel-classes","version":1,"schema":20,"madeAt":"2026-11-24T08:00:00.000Z","classes":[{"class":[';
    const { status, body } = await arrive(`${head}{"name":"${'x'.repeat(20_000_000)}"}`);
    expect([status, body.code]).toEqual([400, 'bad-file']);
  });

  const base64 = (files: Record<string, Uint8Array>): string => Buffer.from(zipSync(files)).toString('base64');
  const readSheet = (body: object) => school.post('/sheets/file', { id: newId(), ...body });
  it.each([
    ['whose file unpacks to 60 MB', () => ({ 'sheet.hoppel.json': new Uint8Array(60_000_000) })],
    [
      'of ten thousand parts',
      () => Object.fromEntries(Array.from({ length: 10_000 }, (_, i) => [`${i}.xml`, new Uint8Array(1)])),
    ],
    ['with names that lead out of it', () => ({ '../../../etc/sheet.hoppel.json': strToU8('{}') })],
    [
      'with entities that grow',
      () => ({ 'imsmanifest.xml': strToU8('<!DOCTYPE x [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;">]><x>&b;</x>') }),
    ],
  ])('a package %s is refused, and nobody waits for it', async (_, files) => {
    const zip = base64(files());
    const longest = await whileOthersAsk(async () => {
      const { status } = await readSheet({ zip });
      expect([400, 413]).toContain(status);
    });
    expect(longest).toBeLessThan(MOST_MS);
  });

  /** A file with one thing in it changed: a byte, a piece left out, doubled, or cut off. */
  const spoiled = (bytes: Buffer, rng: Rng): Buffer => {
    const at = Math.floor(rng() * bytes.length);
    const length = Math.floor(rng() * 200);
    switch (Math.floor(rng() * 4)) {
      case 0: {
        const changed = Buffer.from(bytes);
        changed[at] = Math.floor(rng() * 256);
        return changed;
      }
      case 1:
        return Buffer.concat([bytes.subarray(0, at), bytes.subarray(at + length)]);
      case 2:
        return Buffer.concat([bytes.subarray(0, at + length), bytes.subarray(at)]);
      default:
        return bytes.subarray(0, at);
    }
  };
  const MUTATIONS = 500;
  /** Spoils a file again and again. What can still be read is sent, too. */
  const mutated = async (
    whole: Buffer,
    read: (bytes: Buffer) => unknown,
    send: (bytes: Buffer) => PromiseLike<{ status: number }>,
  ): Promise<void> => {
    const rng = seededRng(36);
    for (let i = 0; i < MUTATIONS; i++) {
      const bytes = spoiled(whole, rng);
      try {
        read(bytes);
      } catch (error) {
        // Refused in a sentence, and not by a fault of the reader's.
        expect([i, error]).toEqual([i, expect.any(HoppelError)]);
        continue;
      }
      expect([i, (await send(bytes)).status < 500]).toEqual([i, true]);
    }
  };
  it('a unit file with a fault anywhere is taken or refused in a sentence', async () => {
    const { bytes } = await bytesOf(school.get('/plan/unit.json'));
    await mutated(
      bytes,
      (part) => readUnitFile(part.toString()),
      (part) => school.post('/plan/unit-file', { id: newId(), text: part.toString() }),
    );
  });
  it('a sheet with a fault anywhere is, by its own file and by its package', async () => {
    const recipe = usualRecipe('ticket', DEFAULT_CONVENTIONS, ['oclock', 'half-past']);
    const items = PAPER_KINDS.map((kind) => asPrinted(makeItem(kind, seededRng(4))));
    const content = contentOf(recipe, { title: 'Ticket', iCan: '' }, [items]);
    const id = newId();
    const kept = { version: 1, lessonId: null, part: null, source: null, childIds: [], recipe, content };
    await school.put(`/sheets/${id}`, kept).expect(200);
    for (const [file, field, encoding] of [
      ['sheet.json', 'text', 'utf8'],
      ['qti.zip', 'zip', 'base64'],
    ] as const) {
      const { bytes } = await bytesOf(school.get(`/sheets/${id}/${file}`));
      const body = (part: Buffer) => ({ id: newId(), [field]: part.toString(encoding) });
      await mutated(
        bytes,
        (part) => readSheetFile(body(part)),
        (part) => school.post('/sheets/file', body(part)),
      );
    }
  });
  it('a calendar with a fault anywhere is', async () => {
    const { bytes } = await bytesOf(school.get('/plan/unit.ics'));
    const read = (part: Buffer): unknown => {
      try {
        return daysOffIn(part.toString(), '2026-11-01', '2027-02-01');
      } catch (error) {
        // What the thread throws is said as it stands.
        throw new HoppelError('bad-file', (error as Error).message);
      }
    };
    await mutated(bytes, read, () => Promise.resolve({ status: 200 }));
  });
});
