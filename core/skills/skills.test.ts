import { describe, expect, it } from '@jest/globals';
import { CHOICES } from '../conventions/index.ts';
import { ITEM_KINDS } from '../items/index.ts';
import { CLOCK_WORDS, CURRICULUM_TAGS, SKILLS, SKILL_DATA, SKILL_GROUPS, leansOn } from './index.ts';

describe('the ladder of skills', () => {
  it('leans on earlier skills only, so that it can be climbed', () => {
    for (const [place, skill] of SKILLS.entries())
      for (const before of SKILL_DATA[skill].prerequisites)
        expect([skill, before, SKILLS.indexOf(before) < place]).toEqual([skill, before, true]);
  });
  it.each([
    ['oclock-read', ['parts', 'hour-hand-on']],
    ['half-past-read', ['parts', 'clockwise', 'hour-hand-on', 'hour-hand-between', 'oclock-read']],
    ['what-for', []],
  ] as const)('%s leans on %j', (skill, before) => expect(leansOn(skill)).toEqual(before));
  it('ends at the minute, which leans on all reading of the unit', () =>
    expect(leansOn('to-the-minute')).toEqual(expect.arrayContaining(['mixed', 'quarter-past', 'half-past-read'])));
  it('has for every skill a way to show it, a word and a tag', () => {
    for (const skill of SKILLS) {
      const { itemKinds, words, tags } = SKILL_DATA[skill];
      expect(itemKinds.length).toBeGreaterThan(0);
      expect(words.length).toBeGreaterThan(0);
      expect(tags.length).toBeGreaterThan(0);
    }
  });
  it('uses every kind of task, every word, every tag and every heading', () => {
    const all = SKILLS.map((skill) => SKILL_DATA[skill]);
    expect(new Set(all.flatMap(({ itemKinds }) => itemKinds))).toEqual(new Set(ITEM_KINDS));
    // How the hour is found at half past goes by what the class has agreed: one of these stands for the others.
    const agreed = CHOICES.hourFinding.choices;
    expect(new Set([...all.flatMap(({ words }) => words), ...agreed])).toEqual(new Set(CLOCK_WORDS));
    expect(new Set(all.flatMap(({ tags }) => tags))).toEqual(new Set(CURRICULUM_TAGS));
    expect(new Set(all.map(({ group }) => group))).toEqual(new Set(SKILL_GROUPS));
  });
  it('says which skills the US and England ask for in the first year: all of o’clock and half past, drawing too', () => {
    for (const skill of SKILLS.filter((one) => /^(oclock|half-past)-/.test(one)))
      expect(SKILL_DATA[skill].tags).toEqual(['us-1-time', 'england-1-time']);
  });
});
