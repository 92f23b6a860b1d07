import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { Classroom, Tablets } from '../contract/index.ts';
import { seededRng } from '../core/common/index.ts';
import { ROUTES } from '../server/access/routeTable.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { spoilFiles } from './torture/files.ts';
import { fuzz } from './torture/fuzz.ts';
import { killUnderLoad } from './torture/kills.ts';
import { routesOf } from './torture/routes.ts';

/** A little of each torture; `npm run torture` has much of it. */
describe('the server stands', () => {
  let hoppel: Hoppel;
  beforeEach(async () => {
    hoppel = await startHoppel();
  });
  afterEach(() => hoppel.remove());
  const read = async (path: string): Promise<unknown> => (await fetch(`${hoppel.url}/api${path}`)).json();

  it('keeps every answer it acknowledged, each once, however often it is cut off', async () => {
    const { acknowledged, ...found } = await killUnderLoad(hoppel, 3, seededRng(3));
    expect(found).toEqual({ kills: 3, lost: 0, doubled: 0, refused: 0 });
    expect(acknowledged).toBeGreaterThan(3);
  });
  it('answers whatever is sent to any of its routes with a code, and nobody with what is not theirs', async () => {
    const { faults, statuses } = await fuzz(hoppel, 700, seededRng(1));
    expect(faults).toEqual([]);
    expect(Object.keys(statuses)).toEqual(expect.arrayContaining(['200', '400', '403']));
    // It was asked with the passphrase: without it there is nothing.
    expect(await read('/classroom')).toMatchObject({ code: 'passphrase-needed' });
    expect(hoppel.said()).not.toMatch(/nobody foresaw|SqliteError/);
  });
  it('is sent something at every route there is', async () => {
    const known = {
      classroom: Classroom.parse(await read('/classroom')),
      tablets: Tablets.parse(await read('/tablets')),
      roundId: '',
      seat: '',
    };
    const asked = routesOf(known).map(({ method, route }) => `${method} ${route}`);
    const there = ROUTES.filter(({ isStream }) => !isStream).map(({ method, path }) => `${method} ${path}`);
    expect(asked.toSorted()).toEqual(there.toSorted());
  });
  it('opens a spoiled data file or says in a sentence why not', async () => {
    await hoppel.stop();
    const { files, opened, refused, faults } = await spoilFiles(hoppel, 6, seededRng(2));
    expect(faults).toEqual([]);
    expect(opened + refused).toBe(files);
  });
});
