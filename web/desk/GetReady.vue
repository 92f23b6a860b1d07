<!-- What a lesson is for and needs: I-can sentence, words, things to lay out with ticks, a note for the day after. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Desk, Lesson } from '../../contract/index.ts';
import { wrapToDial } from '../../core/clock/index.ts';
import { lessonMinutes, thingsOfLesson, wordsOfLesson } from '../../core/planning/index.ts';
import LessonMenu from '../plan/LessonMenu.vue';
import PrintReady from './PrintReady.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import { useNote } from './useNote.ts';

const { lesson, desk } = defineProps<{ lesson: Lesson; desk: Desk | undefined }>();
const emit = defineEmits<{ tick: [item: string, ticked: boolean] }>();
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);
const words = usePlanWords();

const ticked = computed(() => desk?.ticked ?? []);
const things = computed(() => thingsOfLesson(lesson, store.classroom!.plan!.choices.media));
const lessonWords = computed(() => wordsOfLesson(lesson, store.classroom!.settings));
const note = useNote(
  () => lesson.id,
  () => (desk?.lessonId === lesson.id ? desk.note : undefined),
);
const skills = computed(() => lesson.skills.map((skill) => t(`skills.long.${skill}`)).join(' · '));
const when = computed(() => {
  const [hours, minutes] = store.classroom!.class!.numberTime.split(':').map(Number) as [number, number];
  const from = hours * 60 + minutes;
  return t('desk.when', {
    day: words.longDay(lesson.day),
    from: clock.written(wrapToDial(from)),
    to: clock.written(wrapToDial(from + lessonMinutes(lesson.segments))),
  });
});
</script>

<template>
  <section class="ready">
    <div class="head">
      <h1 class="title-page">{{ words.title(lesson) }}</h1>
      <LessonMenu :lesson="lesson" />
    </div>
    <p class="when">{{ when }}</p>
    <p v-if="desk?.noteBefore" class="note-before">
      <span class="quiet">{{ t('desk.noteBefore') }}</span>
      {{ desk.noteBefore }}
    </p>
    <h2 class="title-column">{{ t('desk.getReady') }}</h2>
    <h3 class="label one-line">
      {{ t('desk.byTheEnd') }}<template v-if="skills !== ''"> · {{ skills }}</template>
    </h3>
    <p class="i-can child-type">{{ words.iCan(lesson) }}</p>
    <template v-if="lessonWords.length > 0">
      <h3 class="label">{{ t('desk.wordsToUse') }}</h3>
      <ul class="words">
        <li v-for="key in lessonWords" :key="key" class="child-type">{{ words.word(key) }}</li>
      </ul>
    </template>
    <template v-if="things.length > 0">
      <h3 class="label">{{ t('desk.layOut') }}</h3>
      <ul class="things">
        <li v-for="item in things" :key="item">
          <label :class="{ done: ticked.includes(item) }">
            <input
              type="checkbox"
              :checked="ticked.includes(item)"
              @change="emit('tick', item, ($event.target as HTMLInputElement).checked)"
            />
            {{ words.ready(item) }}
          </label>
          <PrintReady :item="item" :lesson="lesson" @printed="emit('tick', item, true)" />
        </li>
      </ul>
    </template>
    <h3 class="label">
      <label for="note">{{ t('desk.note') }}</label>
      <span v-if="note.status.value === 'failed'" class="failed" role="alert">{{ t('desk.noteFailed') }}</span>
      <span v-else class="only-heard" role="status">{{
        note.status.value === 'kept' && note.text.value !== '' ? t('desk.noteKept') : ''
      }}</span>
    </h3>
    <textarea
      id="note"
      rows="2"
      maxlength="2000"
      :value="note.text.value"
      :placeholder="t('desk.noteHint')"
      @input="note.type(($event.target as HTMLTextAreaElement).value)"
    />
  </section>
</template>

<style scoped>
.head {
  display: flex;
  align-items: flex-start;
  justify-content: space-between;
}
.head .title-page {
  min-width: 0;
  overflow-wrap: anywhere;
}
.when {
  color: var(--quiet);
  margin: 4px 0 14px;
}
.note-before {
  margin: -4px 0 16px;
  white-space: pre-line;
  overflow-wrap: anywhere;
  max-height: 80px;
  overflow: auto;
}
.note-before .quiet {
  display: block;
}
textarea {
  width: 100%;
  min-height: 52px;
  padding: 8px 12px;
  border: 0;
  border-radius: 12px;
  background: var(--sand);
  color: var(--ink);
  font: inherit;
  resize: vertical;
}
textarea::placeholder {
  color: var(--quiet);
}
.failed {
  color: var(--berry);
  font-weight: 600;
  margin-left: 8px;
}
.label {
  font:
    400 14px/19px 'Atkinson Hyperlegible Next',
    sans-serif;
  color: var(--quiet);
  margin: 11px 0 4px;
}
.one-line {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.i-can {
  font-size: 21px;
  line-height: 29px;
}
.words {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.words li {
  background: var(--sand);
  border-radius: 999px;
  padding: 0 12px;
  font-size: 17px;
  line-height: 32px;
}
.things li {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.things label {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 36px;
  font-size: 15px;
  cursor: pointer;
}
.things label.done {
  color: var(--quiet);
}
.things input {
  appearance: none;
  flex: none;
  width: 26px;
  height: 26px;
  margin: 0;
  border-radius: 8px;
  border: 2px solid var(--pebble);
  background: var(--raised);
  display: grid;
  place-items: center;
  cursor: pointer;
}
.things input:checked {
  background: var(--moss-7);
  border-color: var(--moss-7);
}
.things input:checked::after {
  content: '';
  width: 6px;
  height: 11px;
  margin-top: -3px;
  border: solid #fff;
  border-width: 0 2.5px 2.5px 0;
  rotate: 42deg;
}
</style>
