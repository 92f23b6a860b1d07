import { describe, expect, it } from '@jest/globals';
import { CHOICES, DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { readingOrder, readingQuestions, sentence } from './index.ts';

describe('the questions while reading', () => {
  it('come in the order the class reads, in its words', () => {
    const said = (change: object): string[] => {
      const conventions = { ...DEFAULT_CONVENTIONS, ...change };
      return readingQuestions(conventions).map(({ question }) => sentence(question, conventions));
    };
    expect(said({})).toEqual([
      'What does the hour hand point at, or what has it just passed?',
      'Does the minute hand point straight up or straight down?',
      'What time is it?',
    ]);
    expect(said({ firstRead: 'minute', handNames: 'short-long', hourFinding: 'room', minuteSupport: 'fives' })).toEqual(
      ['Count by fives to the long hand. How many minutes?', 'In whose room is the short hand?', 'What time is it?'],
    );
  });
  it('have words whatever the class has agreed', () => {
    for (const firstRead of CHOICES.firstRead.choices)
      for (const hourFinding of CHOICES.hourFinding.choices)
        for (const minuteSupport of CHOICES.minuteSupport.choices) {
          const conventions = { ...DEFAULT_CONVENTIONS, firstRead, hourFinding, minuteSupport };
          const questions = readingQuestions(conventions);
          expect(questions.map(({ part }) => part)).toEqual(readingOrder(conventions));
          for (const { question } of questions)
            expect(sentence(question, conventions)).toMatch(/^[A-Z][^{}]{10,70}\?$/);
        }
  });
});
