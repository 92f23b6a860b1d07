import { describe, expect, it } from '@jest/globals';
import type { ArrivedClass, ClassHere } from '../../contract/index.ts';
import { asTakeIn, firstWish, takenBy, unsaid, wishInto } from './wishes.ts';

const child = (number: number, name: string, here: number | null = null) => ({
  ...{ number, name, here },
  ...{ picture: 'frog', movedAway: false, answers: 3 },
});
const arrived = (...children: ArrivedClass['children']): ArrivedClass => ({
  number: 1,
  name: 'Clover Room',
  children,
  ...{ answers: 9, lessons: 12, sheets: 0, days: null, here: null },
});
const FERN: ClassHere = {
  id: 5,
  name: 'Fern Room',
  children: ['Bram', 'Zoë', 'Xenia'].map((name, i) => ({ id: 50 + i, name, picture: 'owl', movedAway: false })),
};

describe('what a teacher wants of a class in a file', () => {
  it('is a class of its own, unless it is here', () => {
    const fresh = arrived(child(1, 'Ada'));
    expect(asTakeIn(1, firstWish(fresh, [FERN]))).toEqual({ as: 'own', number: 1 });
    const again = { ...arrived(child(1, 'Ada', 51), child(2, 'Bo')), here: { classId: 5, name: 'Fern Room' } };
    expect(asTakeIn(1, firstWish(again, [FERN]))).toEqual({
      as: 'into',
      number: 1,
      classId: 5,
      children: [
        { number: 1, childId: 51 },
        { number: 2, childId: null },
      ],
    });
  });
  it('is left out where it is here in a class that was put away', () => {
    const away = { ...arrived(child(1, 'Ada', 7)), here: { classId: 2, name: 'Clover Room' } };
    expect(firstWish(away, [FERN]).as).toBe('leave');
    expect(asTakeIn(1, firstWish(away, [FERN]))).toBeUndefined();
  });
  it('waits where a name is here too, whatever its case and accents, until a person says who it is', () => {
    const wish = wishInto(arrived(child(1, ' bram'), child(2, 'Zoe'), child(3, 'Ida')), FERN);
    expect(unsaid(wish)).toEqual([1, 2]);
    expect(asTakeIn(1, wish)).toBeUndefined();
    const said = { ...wish, who: new Map([...wish.who, [1, 50] as const, [2, null] as const]) };
    expect(unsaid(said)).toEqual([]);
    expect(takenBy(said, 3)).toEqual(new Set([50]));
    expect(takenBy(said, 1)).toEqual(new Set());
    expect(asTakeIn(1, said)).toMatchObject({ children: [{ childId: 50 }, { childId: null }, { childId: null }] });
  });
  it('asks nothing of a name whose child is known by its answers, and sends nothing of a class left out', () => {
    const wish = wishInto(arrived(child(1, 'Bram', 50), child(2, 'Bram')), FERN);
    expect(unsaid(wish)).toEqual([]);
    expect([...wish.who]).toEqual([
      [1, 50],
      [2, null],
    ]);
    expect(asTakeIn(1, { ...wish, as: 'leave' })).toBeUndefined();
    expect(asTakeIn(1, wishInto(arrived(child(1, 'Ada')), undefined))).toBeUndefined();
  });
});
