import { describe, expect, it } from '@jest/globals';
import { createLatest, createLookout, createNewest, createTurns, saysSame } from './latest.ts';

/** Looks that are answered when the test says so. */
const openLooks = () => {
  const answers: ((what: string) => void)[] = [];
  return { answers, look: () => new Promise<string>((done) => answers.push(done)) };
};

describe('of looks at the same thing', () => {
  it('one that was overtaken by a later one does not count', async () => {
    const latest = createLatest();
    const { answers, look } = openLooks();
    const [first, second, third] = [latest(look), latest(look), latest(look)];
    answers[1]!('new');
    expect(await second).toBe('new');
    answers[0]!('old');
    expect(await first).toBeUndefined();
    answers[2]!('newer');
    expect(await third).toBe('newer');
  });
  it('each counts while it is always asked for again before the reply comes', async () => {
    const latest = createLatest();
    const { answers, look } = openLooks();
    let before = latest(look);
    for (let i = 0; i < 5; i++) {
      const next = latest(look);
      answers[i]!(`state ${i}`);
      expect(await before).toBe(`state ${i}`);
      before = next;
    }
  });
  it('one that fails says so, and takes nothing from one before it', async () => {
    const latest = createLatest();
    const { answers, look } = openLooks();
    const first = latest(look);
    await expect(latest(() => Promise.reject(new Error('gone')))).rejects.toThrow('gone');
    answers[0]!('there');
    expect(await first).toBe('there');
  });
});

describe('things done in turn', () => {
  it('start from what the one before left, also where it failed', async () => {
    const inTurn = createTurns();
    const { answers, look } = openLooks();
    let kept = '';
    const first = inTurn(async () => (kept += await look()));
    const failing = inTurn(() => Promise.reject(new Error(`refused after ${kept}`)));
    const second = inTurn(() => Promise.resolve((kept += ', Bram')));
    await new Promise((turn) => setTimeout(turn));
    expect(kept).toBe('');
    answers[0]!('Ada');
    await first;
    await expect(failing).rejects.toThrow('refused after Ada');
    expect(await second).toBe('Ada, Bram');
  });
});

describe('a state that replies bring, too', () => {
  it('is not taken in where what was looked at is not wanted any more', async () => {
    const seen: string[] = [];
    const { refresh } = createNewest<string>((fresh) => seen.push(fresh));
    await refresh(() => Promise.resolve(undefined));
    expect(seen).toEqual([]);
  });
  it('is looked for again where a reply came between, which may be older or newer than what was found', async () => {
    const { answers, look } = openLooks();
    const seen: string[] = [];
    const { take, refresh } = createNewest<string>((fresh) => seen.push(fresh));
    const done = refresh(look);
    take('17 lessons');
    answers[0]!('16 lessons');
    await new Promise((turn) => setTimeout(turn));
    answers[1]!('17 lessons, and a new child');
    await done;
    expect(seen).toEqual(['17 lessons', '17 lessons, and a new child']);
  });
  it('is taken as it is found where nothing came between, and once where two look', async () => {
    const { answers, look } = openLooks();
    const seen: string[] = [];
    const { take, refresh } = createNewest<string>((fresh) => seen.push(fresh));
    take('first');
    const [one, other] = [refresh(look), refresh(look)];
    answers[1]!('new');
    await other;
    answers[0]!('old');
    await one;
    expect([seen, answers.length]).toEqual([['first', 'new'], 2]);
  });
});

describe('a lookout', () => {
  const turn = () => new Promise((done) => setTimeout(done));
  it('looks once more, however often it was asked meanwhile, and anew later', async () => {
    const { answers, look } = openLooks();
    const seen: string[] = [];
    const lookOut = createLookout(async () => void seen.push(await look()));
    for (let i = 0; i < 4; i++) lookOut();
    expect(answers).toHaveLength(1);
    answers[0]!('a');
    await turn();
    expect(answers).toHaveLength(2);
    answers[1]!('b');
    await turn();
    expect([answers.length, seen]).toEqual([2, ['a', 'b']]);
    lookOut();
    answers[2]!('c');
    await turn();
    expect(seen).toEqual(['a', 'b', 'c']);
  });
});

it('says the same as another one of the same words, and something else than none', () => {
  expect(saysSame({ children: [1] }, { children: [1] })).toBe(true);
  expect(saysSame({ children: [1] }, { children: [1, 2] })).toBe(false);
  expect(saysSame({ children: [1] }, undefined)).toBe(false);
});
