import { describe, expect, it } from '@jest/globals';
import { createGrowing } from './growing.ts';

interface One {
  readonly n: number;
}
/** The numbers of a list, and how often one was looked at. */
const listed = () => {
  let looks = 0;
  const numbers = createGrowing<One, number[]>(
    () => [],
    (sums, { n }, place) => {
      looks += 1;
      sums[place] = n;
    },
  );
  return { numbers, looks: () => looks };
};
const list = (...numbers: number[]): One[] => numbers.map((n) => ({ n }));

describe('sums over a list that grows', () => {
  it('look at each element once, however often they are asked for', () => {
    const { numbers, looks } = listed();
    const all = list(1, 2);
    expect([...numbers(all)]).toEqual([1, 2]);
    all.push({ n: 3 });
    expect([...numbers(all)]).toEqual([1, 2, 3]);
    expect([...numbers(all)]).toEqual([1, 2, 3]);
    expect(looks()).toBe(3);
  });
  it.each<[string, (all: One[]) => void, number[]]>([
    ['an element was taken out', (all) => all.splice(1, 1), [1, 3]],
    ['the last was taken out', (all) => all.pop(), [1, 2]],
    ['all were taken out', (all) => all.splice(0), []],
    ['one was taken out and another added', (all) => all.push(...all.splice(0, 1, ...[])), [2, 3, 1]],
    ['one was taken out and two added', (all) => void (all.splice(0, 1), all.push({ n: 4 }, { n: 5 })), [2, 3, 4, 5]],
    ['one was put before the others', (all) => all.unshift({ n: 0 }), [0, 1, 2, 3]],
    ['the last was put in the place of another', (all) => all.splice(2, 1, { n: 7 }), [1, 2, 7]],
  ])('are those of the list as it is when %s', (_, change, expected) => {
    const { numbers } = listed();
    const all = list(1, 2, 3);
    numbers(all);
    change(all);
    expect(numbers(all)).toEqual(expected);
    all.push({ n: 9 });
    expect(numbers(all)).toEqual([...expected, 9]);
  });
  it('of one list say nothing of another', () => {
    const { numbers } = listed();
    const [one, other] = [list(1), list(2)];
    numbers(one);
    expect(numbers(other)).toEqual([2]);
    expect(numbers(one)).toEqual([1]);
  });
});
