<!-- What is made, for which lesson, and the way to the others. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { Lesson } from '../../contract/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import ChoiceWord from './ChoiceWord.vue';
import { SHEET_TABS, type SheetTab } from './tabs.ts';

const { tab, lesson } = defineProps<{ tab: SheetTab; lesson: Lesson | undefined }>();
const emit = defineEmits<{ tab: [tab: SheetTab]; lesson: [id: number] }>();
const { t } = useI18n();
const store = useClassroomStore();
const words = usePlanWords();
const numbered = (one: Lesson): string => `${one.number}  ${words.title(one)}`;
</script>

<template>
  <header>
    <h1 class="title-page">{{ t(`sheets.headline.${tab}`) }}</h1>
    <p v-if="lesson && tab !== 'made'" class="quiet">
      {{ t('sheets.forLesson') }}
      <ChoiceWord
        :text="numbered(lesson)"
        :label="t('sheets.label.lesson')"
        :choices="store.classroom!.lessons.map((one) => ({ value: one.id, text: numbered(one) }))"
        :chosen="[lesson.id]"
        @choose="([id]) => emit('lesson', id!)"
      />
    </p>
    <div class="tabs" role="group" :aria-label="t('sheets.what')">
      <button
        v-for="one in SHEET_TABS"
        :key="one"
        type="button"
        :class="{ on: one === tab }"
        :aria-pressed="one === tab"
        @click="emit('tab', one)"
      >
        {{ t(`sheets.tab.${one}`) }}
      </button>
      <router-link :to="{ name: 'checks' }" class="to-pile" :aria-label="t('check.title')">{{
        t('sheets.mark')
      }}</router-link>
    </div>
  </header>
</template>

<style scoped>
.tabs {
  display: flex;
  gap: 2px;
  margin: 6px 0 8px -12px;
}
.tabs button {
  min-height: 44px;
  padding: 0 13px;
  border-radius: 999px;
  color: var(--plum);
  font-weight: 600;
}
.to-pile {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 13px;
}
.tabs button.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
</style>
