import { describe, expect, it } from '@jest/globals';
import { stepOfKey } from './stepOfKey.ts';

describe('keys that turn a clock', () => {
  it.each([
    ['ArrowRight', {}, 1],
    ['ArrowUp', {}, 1],
    ['ArrowLeft', {}, -1],
    ['ArrowDown', {}, -1],
    ['ArrowUp', { shiftKey: true }, 5],
    ['ArrowDown', { shiftKey: true }, -5],
    ['ArrowRight', { altKey: true }, 30],
    ['ArrowLeft', { altKey: true }, -30],
    ['ArrowLeft', { altKey: true, shiftKey: true }, -30],
    ['a', {}, undefined],
    [' ', { shiftKey: true }, undefined],
  ])('%s with %j steps %p minutes', (key, held, minutes) =>
    expect(stepOfKey({ key, shiftKey: false, altKey: false, ...held })).toBe(minutes),
  );
});
