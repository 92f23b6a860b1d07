import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { handColourProblems } from './index.ts';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

describe('colours of the hands', () => {
  it('of a new class are told apart by every eye', () =>
    expect(handColourProblems(DEFAULT_CONVENTIONS.handColours)).toEqual([]));
  it.each([
    ['black and near-black', '#000000', '#0a0a0a', [{ kind: 'alike', vision: 'usual' }]],
    ['a red and a green that only most people tell apart', '#a03c00', '#5a5a00', [{ kind: 'alike' }]],
    ['yellow on white', '#ffee55', '#1a3c8c', [{ kind: 'pale', hand: 'hour' }]],
    ['white itself', '#1a3c8c', '#ffffff', [{ kind: 'pale', hand: 'minute', contrast: 1 }]],
    ['red and blue', '#c81e1e', '#1e3cc8', []],
  ])('%s', (_, hour, minute, problems) =>
    expect(handColourProblems({ hour, minute })).toEqual(problems.map((one) => expect.objectContaining(one))),
  );
  it('the same twice are always too alike, and neither order matters', () =>
    fc.assert(
      fc.property(hex, hex, (hour, minute) => {
        expect(handColourProblems({ hour, minute: hour })).toContainEqual({
          kind: 'alike',
          vision: 'usual',
          difference: 0,
        });
        const alike = (problems: ReturnType<typeof handColourProblems>) =>
          problems.find(({ kind }) => kind === 'alike');
        expect(alike(handColourProblems({ hour: minute, minute: hour }))?.kind).toBe(
          alike(handColourProblems({ hour, minute }))?.kind,
        );
      }),
    ));
  it('that are none are refused', () =>
    expect(() => handColourProblems({ hour: 'leaf', minute: '#000000' })).toThrow(RangeError));
});
