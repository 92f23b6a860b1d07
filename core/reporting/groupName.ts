import type { Conventions } from '../conventions/index.ts';
import type { Topic } from '../grouping/index.ts';
import { needText } from './ruleText.ts';
import { teacherSentence } from './teacherWords.ts';

/** What a small group is about: "Telling the hands apart". */
export const topicName = (topic: Topic, conventions: Conventions): string =>
  teacherSentence(
    topic === 'practice' ? { key: 'teacher.group.practice', values: {} } : needText(topic, 'name'),
    conventions,
  );

/**
 * What a small group is called: its own name, or what it is about, counted where several are about the same.
 * @param ordinal its number among those about the same, from 1; null where it is the only one
 */
export const groupName = (
  { name, topic, ordinal }: { readonly name: string | null; readonly topic: Topic; readonly ordinal: number | null },
  conventions: Conventions,
): string => {
  if (name !== null) return name;
  const about = topicName(topic, conventions);
  return ordinal === null
    ? about
    : teacherSentence({ key: 'teacher.group.counted', values: { about, ordinal } }, conventions);
};
