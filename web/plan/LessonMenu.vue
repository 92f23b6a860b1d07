<!-- What can be done with a lesson: move it, put one in, skip its day, take it out, call it something else. -->
<script setup lang="ts">
import { mdiDotsHorizontal } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { v4 as newId } from 'uuid';
import { Templates, type Lesson } from '../../contract/index.ts';
import { contentOfLesson, draftOfLesson, type LessonContent, type OwnLesson } from '../../core/planning/index.ts';
import { post } from '../api/client.ts';
import { problemKey } from '../words/problemWords.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import AskOne from './AskOne.vue';
import KeptLessons from './KeptLessons.vue';
import OwnLessonDialog from './OwnLesson.vue';
import { usePlanActs } from './usePlanActs.ts';

const { lesson } = defineProps<{ lesson: Lesson }>();
const { t } = useI18n();
const words = usePlanWords();
const acts = usePlanActs(() => lesson);

type Question = 'day' | 'skip' | 'title' | 'own' | 'change' | 'kept';
const asking = ref<Question>();
const answer = (text: string): void => {
  const question = asking.value;
  asking.value = undefined;
  if (question === 'day' && text !== '') void acts.reschedule(text);
  if (question === 'skip') void acts.skipDay(text === '' ? t('plan.noReason') : text);
  if (question === 'title') void acts.rename(text);
};
/** A lesson of one's own begins with a part to ask in. */
const NEW_LESSON: OwnLesson = {
  title: '',
  iCan: '',
  parts: [{ kind: 'together', minutes: 5, task: 'read', times: [] }],
};
const written = (own: OwnLesson): void => {
  const isNew = asking.value === 'own';
  asking.value = undefined;
  void (isNew ? acts.insertOwn(own) : acts.rewrite(own));
};
const take = (content: LessonContent): void => {
  asking.value = undefined;
  void acts.insertContent(content);
};
/** Why it could not be kept; or that it is. */
const said = ref<string>();
const keep = async (): Promise<void> => {
  try {
    await post(Templates, '/templates', { id: newId(), lesson: contentOfLesson(lesson) });
    said.value = 'own.isKept';
  } catch (error) {
    said.value = problemKey(error);
  }
};
const items = computed(() => [
  { key: 'earlier', act: () => acts.move(-1), can: acts.canMove(-1) },
  { key: 'later', act: () => acts.move(1), can: acts.canMove(1) },
  { key: 'otherDay', act: () => (asking.value = 'day'), can: acts.may('reschedule') },
  ...(acts.may('outcome') && acts.past.value
    ? [
        { key: 'heldToday', act: acts.holdToday, can: acts.canHoldToday.value },
        ...(lesson.outcome === undefined
          ? [
              { key: 'held', act: () => acts.say('held'), can: true },
              { key: 'leaveOut', act: () => acts.say('left-out'), can: true },
            ]
          : [{ key: 'notKnown', act: () => acts.say(null), can: true }]),
      ]
    : []),
  { key: 'change', act: () => (asking.value = 'change'), can: !acts.past.value },
  { key: 'copy', act: acts.insertCopy, can: acts.canInsert.value },
  { key: 'keep', act: keep, can: true },
  { key: 'own', act: () => (asking.value = 'own'), can: acts.canInsert.value },
  { key: 'kept', act: () => (asking.value = 'kept'), can: acts.canInsert.value },
  { key: 'insert', act: acts.insert, can: acts.canInsert.value },
  { key: 'insertAgain', act: acts.insertAgain, can: acts.canInsert.value && lesson.skills.length > 0 },
  { key: 'skip', act: () => (asking.value = 'skip'), can: !acts.fixed.value },
  { key: 'rename', act: () => (asking.value = 'title'), can: !acts.past.value },
  { key: 'remove', act: acts.remove, can: acts.may('remove') },
]);
</script>

<template>
  <div class="lesson-menu">
    <v-menu>
      <template #activator="{ props: activator }">
        <v-btn
          v-bind="activator"
          :icon="mdiDotsHorizontal"
          variant="text"
          size="48"
          :aria-label="t('plan.menuFor', { title: words.title(lesson) })"
        />
      </template>
      <v-list>
        <p v-if="acts.why.value" class="why quiet">{{ t(`plan.why.${acts.why.value}`) }}</p>
        <v-list-item
          v-for="item in items"
          :key="item.key"
          :title="t(`plan.act.${item.key}`)"
          :disabled="!item.can"
          @click="item.act"
        />
      </v-list>
    </v-menu>
    <OwnLessonDialog
      v-if="asking === 'own' || asking === 'change'"
      :start="asking === 'own' ? NEW_LESSON : draftOfLesson(lesson)"
      :usual="asking === 'own' ? { title: '', iCan: '' } : { title: words.title(lesson), iCan: words.iCan(lesson) }"
      :title="t(asking === 'own' ? 'own.newTitle' : 'own.changeTitle')"
      :done="t(asking === 'own' ? 'own.putIn' : 'own.changeIt')"
      @answer="written"
      @cancel="asking = undefined"
    />
    <KeptLessons v-if="asking === 'kept'" @take="take" @cancel="asking = undefined" />
    <v-snackbar :model-value="said !== undefined" :timeout="4000" @update:model-value="said = undefined">{{
      said ? t(said, { title: words.title(lesson) }) : ''
    }}</v-snackbar>
    <AskOne
      v-if="asking === 'day'"
      :title="t('plan.otherDayTitle', { title: words.title(lesson) })"
      :label="t('plan.day')"
      type="date"
      :start="lesson.day"
      :done="t('plan.moveIt')"
      @answer="answer"
      @cancel="asking = undefined"
    />
    <AskOne
      v-if="asking === 'skip'"
      :title="t('plan.skipTitle', { day: words.longDay(lesson.day) })"
      :label="t('plan.skipWhy')"
      :start="''"
      :done="t('plan.skipIt')"
      @answer="answer"
      @cancel="asking = undefined"
    />
    <AskOne
      v-if="asking === 'title'"
      :title="t('plan.renameTitle')"
      :label="t('plan.title')"
      :start="words.title(lesson)"
      :done="t('plan.renameIt')"
      @answer="answer"
      @cancel="asking = undefined"
    />
  </div>
</template>

<style scoped>
.why {
  max-width: 300px;
  padding: 4px 16px 8px;
}
</style>
