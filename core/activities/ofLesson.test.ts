import { expect, it } from '@jest/globals';
import { DEMONSTRATIONS } from '../demonstrations/index.ts';
import { LESSON_KEYS, lessonTemplate } from '../planning/index.ts';
import { ACTIVITIES, LESSONS_WITH_SHOWS, showOf } from './ofLesson.ts';

it('what a lesson shows is there, and the lesson has such a part', () => {
  for (const key of LESSONS_WITH_SHOWS) {
    expect(LESSON_KEYS).toContain(key);
    const parts = lessonTemplate(key).segments.map(({ kind }) => kind);
    for (const part of ['show', 'together'] as const) {
      const shown = showOf(key, part);
      if (shown === undefined) continue;
      expect([...DEMONSTRATIONS, ...ACTIVITIES]).toContain(shown);
      expect(parts).toContain(part);
    }
  }
});
it('a part that is a round, or done alone, shows nothing of its own', () => {
  for (const part of ['warm-up', 'show-me', 'alone', 'ticket', 'close'])
    expect(showOf('half-turn', part)).toBeUndefined();
  expect(showOf('oclock-meet', 'show')).toBeUndefined();
});
