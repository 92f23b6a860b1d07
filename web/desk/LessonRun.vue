<!-- The run of the lesson on a minute ruler: each segment a block as tall as its minutes. -->
<script setup lang="ts">
import { mdiPlay } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import type { Lesson } from '../../contract/index.ts';
import { lessonMinutes } from '../../core/planning/index.ts';
import { useBoardStore } from '../stores/board.ts';
import SegmentBlock from './SegmentBlock.vue';

const { lesson } = defineProps<{ lesson: Lesson }>();
const { t } = useI18n();
const router = useRouter();
const board = useBoardStore();

/** Screen pixels a minute takes on the ruler. */
const MINUTE_PX = 27;

const minutes = computed(() => lessonMinutes(lesson.segments));
const marks = computed(() => Array.from({ length: minutes.value + 1 }, (_, minute) => minute));
const running = computed(() => board.openRound?.lessonId === lesson.id);
const firstTimed = computed(() => lesson.segments.findIndex(({ times }) => times.length > 0));
const open = (segment: number): Promise<unknown> =>
  router.push({ name: 'board', params: { number: lesson.number }, query: { segment } });
const roundAt = computed(() => lesson.segments.findIndex(({ kind }) => kind === 'show-me'));
const start = (): Promise<unknown> => open(Math.max(0, running.value ? roundAt.value : firstTimed.value));
</script>

<template>
  <section class="run sheet" :aria-label="t('desk.run')">
    <header>
      <h2 class="title-column">{{ t('desk.run') }}</h2>
      <span class="quiet">{{ t('desk.minutes', { count: minutes }) }}</span>
      <v-btn :prepend-icon="mdiPlay" class="start" @click="start">
        {{ running ? t('desk.resume') : t('desk.start') }}
      </v-btn>
    </header>
    <div class="ruled" :style="{ height: `${minutes * MINUTE_PX}px` }">
      <div class="ruler" aria-hidden="true">
        <span
          v-for="minute in marks"
          :key="minute"
          class="mark"
          :class="{ five: minute % 5 === 0 || minute === minutes }"
          :style="{ top: `${minute * MINUTE_PX}px` }"
        >
          <span v-if="minute % 5 === 0 || minute === minutes" class="time-type">{{ minute }}</span>
        </span>
      </div>
      <ol>
        <SegmentBlock
          v-for="(segment, i) in lesson.segments"
          :key="i"
          :segment="segment"
          :lesson-key="lesson.key"
          :minute-px="MINUTE_PX"
          @board="open(i)"
        />
      </ol>
    </div>
  </section>
</template>

<style scoped>
.run {
  padding: 18px 20px 20px 26px;
}
header {
  white-space: nowrap;
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 48px;
  margin-bottom: 18px;
}
.start {
  margin-left: auto;
}
.ruled {
  position: relative;
  padding-left: 52px;
}
.mark {
  position: absolute;
  left: 28px;
  width: 13px;
  border-top: 2px solid var(--line);
  margin-top: -1px;
}
.mark.five {
  left: 19px;
  width: 22px;
  border-color: var(--ink);
}
.mark > span {
  position: absolute;
  right: 28px;
  top: -11px;
  font-size: 15px;
  line-height: 20px;
}
</style>
