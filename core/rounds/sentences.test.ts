import { describe, expect, it } from '@jest/globals';
import { timeOf } from '../clock/index.ts';
import { pictureAt } from '../items/index.ts';
import { sentence } from '../wording/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions } from '../conventions/index.ts';
import { askPhrase } from '../asking/index.ts';
import { revealedParts, roundPhrase, sentenceOfCards } from './sentences.ts';
import type { RoundItem } from './task.ts';

const usual = DEFAULT_CONVENTIONS;
const minuteFirst: Conventions = { ...usual, firstRead: 'minute' };
const halfPastFour = timeOf(4, 30);
const read: RoundItem = { kind: 'read', shown: halfPastFour };
const yet = (shown: number, target: number): RoundItem => ({
  kind: 'yet',
  shown: timeOf(shown),
  target: timeOf(target),
});
const said = (
  item: RoundItem,
  phase: 'ask' | 'think' | 'show' | 'reveal' | 'missed',
  revealed = 0,
  by = usual,
): string => sentence(roundPhrase(item, { phase, revealed }, by), by);

describe('what the teacher says in a round', () => {
  it.each([
    [read, 'What time is it?'],
    [{ kind: 'hour-hand', shown: timeOf(9) }, 'Which hour?'],
    [{ kind: 'set', shown: halfPastFour }, 'Show me half past 4.'],
    [{ kind: 'draw', shown: halfPastFour }, 'Draw half past 4.'],
    [{ kind: 'write-digital', shown: halfPastFour }, 'Write it in digits.'],
    [{ kind: 'choose-clock', shown: timeOf(3), options: [pictureAt(timeOf(3))] }, 'Which clock shows 3 o’clock?'],
    [yet(3, 4), 'Is it 4 o’clock yet?'],
    [{ kind: 'judge-clock', clock: pictureAt(timeOf(3)) }, 'Can a clock look like this?'],
  ] as [RoundItem, string][])('asks %j', (item, expected) => {
    expect(sentence(askPhrase(item, usual), usual).replace('four', '4').replace('three', '3')).toBe(expected);
  });
  it('says of a clock to be judged that it can be, or what is wrong with it', () => {
    const right = pictureAt(timeOf(3));
    expect(said({ kind: 'judge-clock', clock: right }, 'reveal', 1)).toBe('This clock is right.');
    expect(said({ kind: 'judge-clock', clock: { ...right, equalLength: true } }, 'reveal', 1)).toMatch(
      /same|length|long/,
    );
  });
  it('asks until an answer is shown: before that nothing gives it away', () => {
    for (const phase of ['ask', 'think', 'show', 'reveal'] as const) expect(said(read, phase)).toBe('What time is it?');
  });
  it('gives the sentence of the card opened last, in the order the class reads', () => {
    expect(said(read, 'reveal', 1)).toContain('hour hand');
    expect(said(read, 'reveal', 2)).toContain('straight down');
    expect(said(read, 'reveal', 3)).toMatch(/^It is /);
    expect(said(read, 'reveal', 1, minuteFirst)).toContain('straight down');
    expect(said(read, 'missed', 3)).toMatch(/^It is /);
  });
  it.each([
    [3, 3, /^Yes/],
    [3, 4, /^Not yet/],
    [5, 4, /^It was .* before/],
    [12, 1, /^Not yet/],
    [1, 12, /^It was/],
  ])('at %i o’clock, is it %i yet?', (shown, target, expected) =>
    expect(said(yet(shown, target), 'reveal', 1)).toMatch(expected),
  );
  it('of an hour hand alone says which hour, never a time', () => {
    const item: RoundItem = { kind: 'hour-hand', shown: timeOf(9) };
    for (const phase of ['reveal', 'missed'] as const) expect(said(item, phase, 1)).toBe('The hour hand points to 9.');
    expect(revealedParts(item, 1, usual)).toEqual(['hour']);
  });
  it('opens cards in the class’s order, and only the whole time where there is one answer', () => {
    expect(revealedParts(read, 2, usual)).toEqual(['hour', 'minute']);
    expect(revealedParts(read, 2, minuteFirst)).toEqual(['minute', 'hour']);
    expect(revealedParts(yet(3, 4), 1, usual)).toEqual(['whole']);
    expect(revealedParts(read, 0, usual)).toEqual([]);
  });
  it('says nothing of a clock whose cards are all covered', () => {
    expect(sentenceOfCards(halfPastFour, [], usual)).toBeUndefined();
  });
});
