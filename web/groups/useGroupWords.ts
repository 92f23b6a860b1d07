import { useI18n } from 'vue-i18n';
import type { SmallGroup } from '../../contract/index.ts';
import { needText, teacherSentence } from '../../core/reporting/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';

/** What a group is called, what it is about, and what it is shown. */
export const useGroupWords = () => {
  const { t } = useI18n();
  const store = useClassroomStore();
  const clock = useClockWords(() => store.classroom!.settings);
  const about = (topic: SmallGroup['topic']): string =>
    topic === 'practice' ? t('groups.practice') : teacherSentence(needText(topic, 'name'), store.classroom!.settings);
  return {
    about,
    name: ({ name, topic }: Pick<SmallGroup, 'name' | 'topic'>): string => name ?? about(topic),
    show: ({ lens, minutes }: Pick<SmallGroup, 'lens' | 'minutes'>): string =>
      `${t('smallGroup.minutes', { count: minutes })} ${t('smallGroup.show', { lens: t(`lens.${lens}`, clock.hands.value) })}`,
    clock,
  };
};
