<!-- The times of a segment: why these, and another one in the place of one. What breaks a rule says which before it is taken. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFocusBack } from '../shell/focusBack.ts';
import type { Desk, Lesson } from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import { onlyHandOf } from '../../core/items/index.ts';
import { breaksOf, brokenRules, reasonsOf, standingOf, suggestTimes } from '../../core/planning/index.ts';
import PictureClock from '../clock/PictureClock.vue';
import SmallClock from '../clock/SmallClock.vue';
import TimePicker from '../clock/TimePicker.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanStore } from '../stores/plan.ts';
import { useClockWords } from '../words/useClockWords.ts';
import { usePlanWords } from '../words/usePlanWords.ts';

const { lesson, at, locked, warmUp } = defineProps<{
  lesson: Lesson;
  at: number;
  locked: boolean;
  /** Why its times came back, where it is a warm-up that has some to read. */
  warmUp: Desk['warmUp'];
}>();
const emit = defineEmits<{ close: [] }>();
const { t } = useI18n();
useFocusBack();
const store = useClassroomStore();
const plan = usePlanStore();
const clock = useClockWords(() => store.classroom!.settings);
const words = usePlanWords();

const segment = computed(() => lesson.segments[at]!);
const standing = computed(() => standingOf(store.classroom!.lessons, lesson.number - 1, at));
const reasons = computed(() => reasonsOf(standing.value));
const broken = computed(() => brokenRules(standing.value));
/** Place of the time to swap, and the one it would be swapped for. */
const place = ref<number>();
const wanted = ref<DialTime>();
const suggestions = computed(() => (place.value === undefined ? [] : suggestTimes(standing.value, place.value)));
const breaks = computed(() =>
  place.value === undefined || wanted.value === undefined ? [] : breaksOf(standing.value, place.value, wanted.value),
);
const choose = (at: number): void => {
  place.value = place.value === at ? undefined : at;
  wanted.value = undefined;
};
const swap = (): void => {
  if (place.value === undefined || wanted.value === undefined) return;
  void plan.change({ kind: 'swap', lessonId: lesson.id, at, place: place.value, time: wanted.value });
  place.value = undefined;
  wanted.value = undefined;
};
const takeFaded = (): void => {
  const times = (warmUp?.instead ?? []).map(({ time }) => time);
  void plan.change({ kind: 'times', lessonId: lesson.id, at, times });
  place.value = undefined;
  wanted.value = undefined;
};
/** The clocks a child chooses from, of the chosen time or the first. */
const options = computed(() => {
  const item = segment.value.items[place.value ?? 0];
  return item?.kind === 'choose-clock' ? item.options : [];
});
const only = (i: number): 'hour' | undefined => onlyHandOf(segment.value.items[i]);
</script>

<template>
  <v-dialog
    :model-value="true"
    width="760"
    :aria-label="t('desk.timesOf', { segment: words.segment(segment.kind) })"
    @update:model-value="emit('close')"
  >
    <section class="sheet times">
      <header>
        <h2 class="title-column">{{ words.segment(segment.kind) }}</h2>
        <p class="quiet">{{ words.title(lesson) }}</p>
      </header>
      <ul class="row" :aria-label="t('desk.timesInOrder')">
        <li v-for="(time, i) in segment.times" :key="i">
          <button
            type="button"
            class="time"
            :class="{ chosen: place === i, warned: broken.some((one) => one.place === i) }"
            :disabled="locked"
            :aria-pressed="place === i"
            :aria-label="t('desk.swapThis', { time: clock.written(time) })"
            @click="choose(i)"
          >
            <SmallClock :time="time" :px="64" :only="only(i)" :label="clock.said(time)" />
            <span class="time-type">{{ clock.written(time) }}</span>
          </button>
        </li>
      </ul>
      <div class="body">
        <div>
          <h3 class="title-item">{{ t('desk.why') }}</h3>
          <ul class="reasons">
            <li v-for="(reason, i) in reasons" :key="i">{{ words.reason(reason) }}</li>
            <li v-for="one in warmUp?.times ?? []" :key="one.time" class="back">{{ words.cameBack(one) }}</li>
          </ul>
          <section v-if="warmUp?.instead" class="instead">
            <h3 class="title-item">{{ t('desk.fadedMore') }}</h3>
            <ul class="reasons">
              <li v-for="one in warmUp.instead" :key="one.time">{{ words.cameBack(one) }}</li>
            </ul>
            <v-btn v-if="!locked" @click="takeFaded">{{ t('desk.takeFaded') }}</v-btn>
          </section>
          <template v-if="broken.length > 0">
            <h3 class="title-item">{{ t('desk.against') }}</h3>
            <ul class="reasons">
              <li v-for="(one, i) in broken" :key="i" class="breaks">{{ words.rule(one) }}</li>
            </ul>
          </template>
          <template v-if="options.length > 0">
            <h3 class="title-item">{{ t('desk.options', { time: clock.written(segment.times[place ?? 0]!) }) }}</h3>
            <ul class="row options">
              <li v-for="(option, i) in options" :key="i">
                <PictureClock :picture="option" :px="56" :label="t('desk.option', { place: i + 1 })" />
              </li>
            </ul>
          </template>
          <p v-if="place === undefined && !locked" class="quiet">{{ t('desk.swapHint') }}</p>
          <div v-if="wanted !== undefined" class="verdict">
            <p v-if="breaks.length === 0" class="keeps">{{ t('desk.keepsRules', { time: clock.written(wanted) }) }}</p>
            <ul v-else class="reasons" role="alert">
              <li v-for="(one, i) in breaks" :key="i" class="breaks">{{ words.rule(one) }}</li>
            </ul>
            <v-btn @click="swap">{{
              t(breaks.length === 0 ? 'desk.swap' : 'desk.swapAnyway', { time: clock.written(wanted) })
            }}</v-btn>
          </div>
        </div>
        <TimePicker
          v-if="place !== undefined"
          v-model="wanted"
          :suggestions="suggestions"
          :current="segment.times[place]!"
          :label="t('desk.pick')"
        />
      </div>
      <footer>
        <v-btn variant="text" @click="emit('close')">{{ t('app.close') }}</v-btn>
      </footer>
    </section>
  </v-dialog>
</template>

<style scoped>
.times {
  padding: 22px 24px 12px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 14px 0 18px;
}
.time {
  display: grid;
  justify-items: center;
  gap: 4px;
  padding: 8px;
  border-radius: var(--corner);
  background: var(--sand-light);
}
.time:not(:disabled):hover {
  background: var(--plum-tint);
}
.time.chosen {
  background: var(--plum-chosen);
  box-shadow: inset 0 0 0 2px var(--plum);
}
.time.warned {
  box-shadow: inset 0 0 0 2px var(--carrot);
}
.options {
  margin: 8px 0 14px;
}
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 24px;
  min-height: 200px;
}
.reasons {
  margin: 4px 0 14px;
  padding-left: 18px;
  list-style: disc;
}
.instead {
  margin-bottom: 16px;
}
.breaks {
  color: var(--carrot-text);
}
.verdict {
  margin-top: 14px;
}
.keeps {
  margin-bottom: 10px;
  color: var(--moss-7);
  font-weight: 600;
}
footer {
  display: flex;
  justify-content: flex-end;
}
@media (max-width: 640px) {
  .body {
    grid-template-columns: 1fr;
  }
}
</style>
