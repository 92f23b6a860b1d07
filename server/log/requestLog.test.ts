import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { openSchool, type School } from '../school.test.support.ts';
import { createLog } from './requestLog.ts';

interface Line {
  readonly id: string;
  readonly time: string;
  readonly method: string;
  readonly route: string;
  readonly status: number;
  readonly ms: number;
}

describe('the log', () => {
  let folder: string;
  let school: School;
  const file = (): string => join(folder, 'logs/hoppel.log');
  beforeAll(async () => {
    folder = mkdtempSync(join(tmpdir(), 'hoppel-log-'));
    school = await openSchool({ log: createLog(file()) });
  });
  afterAll(async () => {
    await school.close();
    rmSync(folder, { recursive: true, force: true });
  });
  const lineOf = async (id: string): Promise<Line> => {
    for (;;) {
      const lines = readFileSync(file(), 'utf8').trim().split('\n');
      const found = lines.map((line) => JSON.parse(line) as Line).find((line) => line.id === id);
      if (found !== undefined) return found;
      await new Promise((soon) => setTimeout(soon, 5));
    }
  };
  const idOf = (reply: request.Response): string => reply.get('X-Request-Id')!;

  it('has a line for each request: its route, what was answered and how long it took, by the id the answer bears', async () => {
    const line = await lineOf(idOf(await school.get('/record/children/3').expect(200)));
    expect(line).toMatchObject({ method: 'GET', route: '/record/children/:id', status: 200 });
    expect(line.ms).toBeGreaterThan(0);
    expect(new Date(line.time).getTime()).not.toBeNaN();
  });
  it('says what was refused, and what no route is', async () => {
    expect(await lineOf(idOf(await school.get('/record/children/999')))).toMatchObject({ status: 404 });
    expect(await lineOf(idOf(await school.get('/nothing')))).toMatchObject({ route: 'none', status: 404 });
    const away = await request(school.url).get('/api/record/class').set('Host', '192.168.1.2:4930');
    expect(await lineOf(idOf(away))).toMatchObject({ route: '/record/class', status: 403 });
  });
  it('has no name of anybody, no passphrase, no cookie and no address', async () => {
    await school.post('/children', { names: ['Hannelore'] });
    await school.put('/children/3', { name: 'Friederike' });
    await school.get('/record/likely?children=1,2&name=Hannelore');
    await request(school.url).get('/class/Hannelore');
    const tablet = await school.tablet();
    await tablet.sit(3);
    const last = await request(school.url).post('/api/entry').send({ passphrase: 'eleven green hares' });
    await lineOf(idOf(last));
    const text = readFileSync(file(), 'utf8');
    expect(text).not.toMatch(/Hannelore|Friederike|eleven|hoppel-tablet|127\.0\.0\.1|Clover/);
    expect(text.split('\n').length).toBeGreaterThan(8);
  });
  it('is nowhere unless it is asked for', () => {
    expect((createLog(undefined) as unknown as { level: string }).level).toBe('silent');
  });
});
