<!-- The run of the lesson on a minute ruler: each segment a block as tall as its minutes, to move, pull longer, or leave out. -->
<script setup lang="ts">
import { mdiDramaMasks, mdiPlay } from '@mdi/js';
import { computed, nextTick, ref, useTemplateRef } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import type { Desk, Lesson, Segment } from '../../contract/index.ts';
import { lessonMinutes } from '../../core/planning/index.ts';
import { useBoardStore } from '../stores/board.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanStore } from '../stores/plan.ts';
import { startOf } from './lessonRun.ts';
import { isRehearsing } from '../api/place.ts';
import { startRehearsal } from '../rehearsal/startRehearsal.ts';
import { problemKey } from '../words/problemWords.ts';
import SegmentBlock from './SegmentBlock.vue';
import TimesDialog from './TimesDialog.vue';

const { lesson, warmUp } = defineProps<{ lesson: Lesson; warmUp: Desk['warmUp'] }>();
const { t } = useI18n();
const router = useRouter();
const board = useBoardStore();
const store = useClassroomStore();
const plan = usePlanStore();

/** Screen pixels the ruler may take, and a minute on it at most. */
const RULER_PX = 540;
const MOST_MINUTE_PX = 27;

const minutes = computed(() => lessonMinutes(lesson.segments));
const planned = computed(() => plan.state?.choices.minutes ?? minutes.value);
const marked = computed(() => Math.max(minutes.value, planned.value));
const minutePx = computed(() => Math.min(MOST_MINUTE_PX, RULER_PX / marked.value));
const marks = computed(() => Array.from({ length: marked.value + 1 }, (_, minute) => minute));
const off = computed(() => minutes.value - planned.value);
const locked = computed(() => lesson.day < store.classroom!.today);
const running = computed(() => board.openRound?.lessonId === lesson.id);
const open = (segment: number): Promise<unknown> =>
  router.push({ name: 'board', params: { lesson: lesson.id }, query: { segment } });
const start = (): Promise<unknown> => open(startOf(lesson, running.value));

/** The segments with their places, in the order a drag has put them. */
const rows = computed({
  get: () => lesson.segments.map((segment, place) => ({ segment, place })),
  set: (moved: { segment: Segment; place: number }[]) => {
    const order = moved.map(({ place }) => place);
    if (order.some((place, i) => place !== i)) void plan.change({ kind: 'order', lessonId: lesson.id, order });
  },
});
const list = useTemplateRef('list');
/** One place up or down by keyboard; the grip keeps the focus. */
const shift = async (at: number, steps: number): Promise<void> => {
  const to = at + steps;
  if (lesson.segments[to] === undefined) return;
  const order = lesson.segments.map((_, place) => place);
  order.splice(to, 0, ...order.splice(at, 1));
  void plan.change({ kind: 'order', lessonId: lesson.id, order });
  await nextTick();
  (list.value as { $el: HTMLElement } | null)?.$el.querySelectorAll<HTMLElement>('.grip')[to]?.focus();
};
const opened = ref<number>();
const starting = ref(false);
const problem = ref<string>();
const rehearse = async (): Promise<void> => {
  starting.value = true;
  try {
    await startRehearsal(lesson);
  } catch (error) {
    problem.value = problemKey(error);
    starting.value = false;
  }
};
</script>

<template>
  <section class="run sheet" :aria-label="t('desk.run')">
    <header>
      <h2 class="title-column">{{ t('desk.run') }}</h2>
      <span class="quiet" :class="{ off: off !== 0 }" role="status">{{
        off === 0
          ? t('desk.minutes', { count: minutes })
          : t(off > 0 ? 'desk.tooLong' : 'desk.tooShort', { count: minutes, planned, by: Math.abs(off) })
      }}</span>
      <v-btn
        v-if="!locked && !isRehearsing"
        :icon="mdiDramaMasks"
        variant="text"
        size="48"
        class="rehearse"
        :loading="starting"
        :aria-label="t('rehearsal.start')"
        :title="t('rehearsal.start')"
        @click="rehearse"
      />
      <v-btn :prepend-icon="mdiPlay" class="start" @click="start">
        {{ running ? t('desk.resume') : t('desk.start') }}
      </v-btn>
    </header>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    <div class="ruled" :style="{ minHeight: `${marked * minutePx}px` }">
      <div class="ruler" aria-hidden="true">
        <span
          v-for="minute in marks"
          :key="minute"
          class="mark"
          :class="{ five: minute % 5 === 0 || minute === planned, beyond: minute > planned }"
          :style="{ top: `${minute * minutePx}px` }"
        >
          <span v-if="minute % 5 === 0 || minute === planned" class="time-type">{{ minute }}</span>
        </span>
      </div>
      <VueDraggable
        ref="list"
        v-model="rows"
        tag="ol"
        handle=".grip"
        :animation="180"
        :disabled="locked"
        ghost-class="ghost"
        class="blocks"
      >
        <SegmentBlock
          v-for="({ segment }, i) in rows"
          :key="`${segment.kind}-${i}`"
          :segment="segment"
          :lesson-key="lesson.key"
          :minute-px="minutePx"
          :locked="locked"
          :faded="warmUp?.at === i && warmUp.instead !== null"
          @board="open(i)"
          @times="opened = i"
          @shift="(steps) => shift(i, steps)"
          @resize="(length) => plan.change({ kind: 'minutes', lessonId: lesson.id, at: i, minutes: length })"
          @drop="plan.change({ kind: 'drop', lessonId: lesson.id, at: i })"
        />
      </VueDraggable>
    </div>
    <TimesDialog
      v-if="opened !== undefined"
      :lesson="lesson"
      :at="opened"
      :locked="locked"
      :warm-up="warmUp?.at === opened ? warmUp : null"
      @close="opened = undefined"
    />
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
.off {
  color: var(--carrot-text);
  font-weight: 600;
}
.rehearse {
  margin-left: auto;
  color: var(--plum);
}
.start:first-of-type {
  margin-left: auto;
}
.problem {
  margin-bottom: 8px;
}
.ruled {
  position: relative;
  padding-left: 52px;
}
.blocks {
  padding-top: 2px;
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
.mark.beyond {
  border-color: var(--carrot);
}
.mark > span {
  position: absolute;
  right: 28px;
  top: -11px;
  font-size: 15px;
  line-height: 20px;
}
.ghost {
  opacity: 0.4;
}
</style>
