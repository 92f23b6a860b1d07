<!-- A unit at a glance: a line a lesson, week by week. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { mondayOf, type PlannedLesson } from '../../core/planning/index.ts';
import { usePlanWords } from '../words/usePlanWords.ts';

const { lessons, links = false } = defineProps<{
  lessons: readonly (PlannedLesson & { readonly id?: number })[];
  /** Lines lead to the lesson's desk. */
  links?: boolean;
}>();
const { t } = useI18n();
const words = usePlanWords();
const weeks = computed(() => {
  const found = new Map<string, { readonly lesson: (typeof lessons)[number]; readonly number: number }[]>();
  lessons.forEach((lesson, i) => {
    const monday = mondayOf(lesson.day);
    found.set(monday, [...(found.get(monday) ?? []), { lesson, number: i + 1 }]);
  });
  return [...found];
});
</script>

<template>
  <div class="outline">
    <section v-for="[monday, ofWeek] in weeks" :key="monday">
      <h3 class="quiet">{{ t('plan.weekOf', { day: words.longDay(monday) }) }}</h3>
      <ol>
        <li v-for="{ lesson, number } in ofWeek" :key="number" :class="lesson.kind">
          <span class="number">{{ number }}</span>
          <span class="day">{{ words.shortDay(lesson.day) }}</span>
          <router-link
            v-if="links && lesson.id !== undefined"
            :to="{ name: 'lesson', params: { lesson: lesson.id } }"
            >{{ words.title(lesson) }}</router-link
          >
          <strong v-else>{{ words.title(lesson) }}</strong>
          <span v-if="lesson.kind === 'check'" class="ticket">{{ words.segment('ticket') }}</span>
        </li>
      </ol>
    </section>
  </div>
</template>

<style scoped>
.outline {
  display: grid;
  gap: 10px;
}
h3 {
  font-weight: 400;
}
li {
  display: grid;
  grid-template-columns: 26px 58px minmax(0, 1fr) auto;
  align-items: center;
  gap: 8px;
  min-height: 30px;
}
.number {
  width: 26px;
  height: 22px;
  display: grid;
  place-items: center;
  border-radius: 50%;
  background: var(--moss-2);
  font-weight: 700;
  font-size: 13px;
}
.check .number {
  border-radius: 4px;
  background: var(--moss-7);
  color: #fff;
}
.day {
  color: var(--quiet);
  font-size: 14px;
  font-variant-numeric: tabular-nums;
}
.ticket {
  color: var(--moss-7);
  font-size: 14px;
  font-weight: 600;
}
</style>
