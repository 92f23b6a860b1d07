import { describe, expect, it } from '@jest/globals';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { TOPICS } from '../grouping/index.ts';
import { groupName, topicName } from './index.ts';

const called = (name: string | null, ordinal: number | null): string =>
  groupName({ name, topic: 'practice', ordinal }, DEFAULT_CONVENTIONS);

describe('a small group', () => {
  it('is called by its own name, or by what it is about, counted where another is about the same', () => {
    expect([called('Snails', null), called(null, null), called(null, 2)]).toEqual([
      'Snails',
      'More practice',
      'More practice 2',
    ]);
  });
  it.each(TOPICS)('says in words what %s is about', (topic) => {
    expect(topicName(topic, DEFAULT_CONVENTIONS)).toMatch(/^[A-Z][\w\s’]+/);
  });
});
