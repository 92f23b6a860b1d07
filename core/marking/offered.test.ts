import { describe, expect, it } from '@jest/globals';
import { seededRng } from '../common/index.ts';
import { CHOICES, DEFAULT_CONVENTIONS, type Conventions } from '../conventions/index.ts';
import { ITEM_KINDS, rightAnswers, writingsShown } from '../items/index.ts';
import { makeItem } from '../making/index.ts';
import { markingRules, readAndMark } from './index.ts';

const { digitalForm, halfPastPhrase, locale, otherForms } = CHOICES;
const CLASSES: Conventions[] = locale.choices.flatMap((where) =>
  digitalForm.choices.flatMap((form) =>
    halfPastPhrase.choices.flatMap((phrase) =>
      otherForms.choices.map((others) => ({
        ...DEFAULT_CONVENTIONS,
        locale: where,
        digitalForm: form,
        halfPastPhrase: phrase,
        otherForms: others,
      })),
    ),
  ),
);
const SEEDS = Array.from({ length: 25 }, (_, seed) => seededRng(seed));

describe.each(CLASSES)(
  'a class that writes $digitalForm ($otherForms), says $halfPastPhrase and is in $locale',
  (conventions) => {
    it.each(ITEM_KINDS)('has its own right answers to %s marked as right', (kind) => {
      for (const rng of SEEDS) {
        const item = makeItem(kind, rng);
        const right = rightAnswers(item, conventions);
        expect(right.length).toBeGreaterThan(0);
        // The rules stored with an answer are all that its verdict goes by.
        const stored = { ...DEFAULT_CONVENTIONS, ...markingRules(conventions) };
        for (const answer of right) {
          expect([item, readAndMark(item, answer, conventions).verdict]).toEqual([item, 'right']);
          expect(readAndMark(item, answer, stored)).toEqual(readAndMark(item, answer, conventions));
        }
      }
    });
    it('is offered writings of which just those are right that it would take from a child', () => {
      for (const rng of SEEDS) {
        const item = makeItem('choose-writings', rng);
        if (item.kind !== 'choose-writings') throw new Error(item.kind);
        const [right] = rightAnswers(item, conventions);
        const chosen = right?.kind === 'choice' ? right.chosen : [];
        expect(chosen).toHaveLength(2);
        const written = { kind: 'write-digital', shown: item.shown } as const;
        writingsShown(item, conventions).forEach((text, place) => {
          const { verdict } = readAndMark(written, { kind: 'text', text }, conventions);
          expect([text, verdict === 'right']).toEqual([text, chosen.includes(place)]);
        });
      }
    });
  },
);
