import { describe, expect, it } from '@jest/globals';
import { CHOICES, CHOICE_NAMES, CONVENTION_GROUPS, DEFAULT_CONVENTIONS, choicesOf } from './index.ts';

describe('conventions', () => {
  it('begin with the first of each choice', () => {
    for (const name of CHOICE_NAMES) expect(DEFAULT_CONVENTIONS[name]).toBe(CHOICES[name].choices[0]);
    expect(DEFAULT_CONVENTIONS).toMatchObject({ locale: 'en-US', halfPastPhrase: 'half-past', digitalForm: '4:30' });
  });
  it('stand in one group each, and no group is empty', () => {
    expect(CONVENTION_GROUPS.flatMap(choicesOf).sort()).toEqual([...CHOICE_NAMES].sort());
    for (const group of CONVENTION_GROUPS) expect(choicesOf(group).length).toBeGreaterThan(0);
  });
  it('offer no choice twice', () => {
    for (const name of CHOICE_NAMES) expect(new Set(CHOICES[name].choices).size).toBe(CHOICES[name].choices.length);
  });
});
