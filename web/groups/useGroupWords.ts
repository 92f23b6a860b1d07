import { useI18n } from 'vue-i18n';
import type { SmallGroup } from '../../contract/index.ts';
import { groupName, topicName } from '../../core/reporting/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';

/** What a group is called, what it is about, and what it is shown. */
export const useGroupWords = () => {
  const { t } = useI18n();
  const store = useClassroomStore();
  const clock = useClockWords(() => store.classroom!.settings);
  return {
    about: (topic: SmallGroup['topic']): string => topicName(topic, store.classroom!.settings),
    name: (group: Pick<SmallGroup, 'name' | 'topic' | 'ordinal'>): string =>
      groupName(group, store.classroom!.settings),
    show: ({ lens, minutes }: Pick<SmallGroup, 'lens' | 'minutes'>): string =>
      `${t('smallGroup.minutes', { count: minutes })} ${t('smallGroup.show', { lens: t(`lens.${lens}`, clock.hands.value) })}`,
    clock,
  };
};
