<!-- What a lesson is for and needs: I-can sentence, words, things to lay out with ticks. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Lesson } from '../../contract/index.ts';
import { wrapToDial } from '../../core/clock/index.ts';
import { lessonContent, lessonMinutes } from '../../core/planning/index.ts';
import type { ClockWord } from '../../core/skills/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../stores/useClockWords.ts';

const { lesson, ticked } = defineProps<{ lesson: Lesson; ticked: readonly string[] }>();
const emit = defineEmits<{ tick: [item: string, ticked: boolean] }>();
const { t, d } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);

const content = computed(() => lessonContent(lesson.key));
const when = computed(() => {
  const [hours, minutes] = store.classroom!.class!.numberTime.split(':').map(Number) as [number, number];
  const from = hours * 60 + minutes;
  return t('desk.when', {
    day: d(new Date(`${lesson.day}T00:00:00Z`), 'long'),
    from: clock.written(wrapToDial(from)),
    to: clock.written(wrapToDial(from + lessonMinutes(lesson.segments))),
  });
});
const word = (key: ClockWord): string => {
  switch (key) {
    case 'hour-hand':
      return clock.hand('hour');
    case 'minute-hand':
      return clock.hand('minute');
    default:
      return clock.phrase({ key: `clock.words.${key}`, values: {} });
  }
};
</script>

<template>
  <section class="ready">
    <h1 class="title-page">{{ t(`lessons.${lesson.key}.title`) }}</h1>
    <p class="when">{{ when }}</p>
    <h2 class="title-column">{{ t('desk.getReady') }}</h2>
    <h3 class="label">{{ t('desk.byTheEnd') }}</h3>
    <p class="i-can child-type">{{ t(`lessons.${lesson.key}.iCan`) }}</p>
    <h3 class="label">{{ t('desk.wordsToUse') }}</h3>
    <ul class="words">
      <li v-for="key in content.words" :key="key" class="child-type">{{ word(key) }}</li>
    </ul>
    <h3 class="label">{{ t('desk.layOut') }}</h3>
    <ul class="things">
      <li v-for="item in content.ready" :key="item">
        <label :class="{ done: ticked.includes(item) }">
          <input
            type="checkbox"
            :checked="ticked.includes(item)"
            @change="emit('tick', item, ($event.target as HTMLInputElement).checked)"
          />
          {{ t(`ready.${item}`, { count: store.classroom!.children.length }) }}
        </label>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.when {
  color: var(--quiet);
  margin: 8px 0 26px;
}
.label {
  font:
    400 14px/19px 'Atkinson Hyperlegible Next',
    sans-serif;
  color: var(--quiet);
  margin: 18px 0 6px;
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
.things label {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 40px;
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
