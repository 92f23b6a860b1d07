<!-- What stands above every screen of a rehearsal: that nobody here is real, how fast it runs, how long it has taken, and the way out. -->
<script setup lang="ts">
import { mdiAccountQuestionOutline, mdiClose, mdiPause, mdiPlay, mdiTicketConfirmationOutline } from '@mdi/js';
import { useIntervalFn } from '@vueuse/core';
import { computed, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { groupsOf, lessonsMet, timesMet } from '../../core/planning/index.ts';
import { suggestNext, type Suggestion } from '../../core/rehearsal/index.ts';
import { describeItem } from '../../core/reporting/index.ts';
import type { RoundItem } from '../../core/rounds/index.ts';
import { useBoardStore } from '../stores/board.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';
import RehearsalCoach from './RehearsalCoach.vue';
import { SPEEDS, usePlayer } from './usePlayer.ts';
import { useRehearsal } from './useRehearsal.ts';

const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const board = useBoardStore();
const store = useClassroomStore();
const { about, load, handIn, end } = useRehearsal();
const { speed, isPlaying, total } = usePlayer();
/** Milliseconds between two looks whether the rehearsal is still there, while its stream is lost. */
const LOST_LOOK_MS = 1000;
const problem = ref<string>();
const tried = async (work: () => Promise<void>): Promise<void> => {
  try {
    await work();
    problem.value = undefined;
  } catch (error) {
    problem.value = problemKey(error);
  }
};

const lesson = computed(() => store.classroom?.lessons.find(({ number }) => number === about.value?.number));
const onBoard = computed(() => route.name === 'board');
const isDone = computed(() => board.round?.phase === 'done');
/** Its round opens by itself, and runs. */
const begin = async (): Promise<void> => {
  if (lesson.value === undefined || about.value === undefined) return;
  if (!onBoard.value) await router.push({ name: 'board', params: { lesson: lesson.value.id } });
  if (board.openRound === undefined) await board.begin(lesson.value.id, about.value.source ?? undefined);
  isPlaying.value = true;
};
onMounted(() => void tried(load));
/** Where it ended without this page, with the server or in another window, the page goes back to the real school. */
useIntervalFn(() => {
  if (board.connected) return;
  void tried(load).then(() => {
    if (problem.value === undefined && about.value === undefined) location.replace('/');
  });
}, LOST_LOOK_MS);
const began = ref(false);
watch([about, lesson, () => board.state, onBoard], () => {
  if (began.value || about.value === undefined || lesson.value === undefined || !board.state || !onBoard.value) return;
  began.value = true;
  if (board.round === undefined) void tried(begin);
});

const clock = computed(() => {
  const seconds = Math.round(total.value);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
});
/** The task that is likeliest to go wrong. */
const hardest = computed(() => {
  const [first] = [...(about.value?.tasks ?? [])].sort((a, b) => b.missed - a.missed);
  return first && Math.round(first.missed) > 0
    ? t('rehearsal.hardest', {
        task: describeItem(first.item, store.classroom!.settings),
        missed: Math.round(first.missed),
        children: about.value!.children,
      })
    : '';
});

/** Share of those who answered that must have missed a task for the teacher to be asked what next. */
const ASKED_FROM = 0.15;
const asks = ref(true);
const asked = ref<{ readonly item: RoundItem; readonly suggestion: Suggestion }>();
watch(
  () => board.openRound?.phase === 'missed' && `${board.openRound.id} ${board.openRound.index}`,
  (at) => {
    const round = board.openRound;
    if (at === false || round === undefined || !asks.value || lesson.value === undefined) return;
    const { item } = round.entries[round.index]!;
    const met = timesMet(groupsOf(lessonsMet(store.classroom!.lessons, lesson.value.number)));
    const answers = board.state!.answers.filter(({ index }) => index === round.index);
    const suggestion = suggestNext(item, answers, met);
    if (suggestion.missed < Math.max(2, ASKED_FROM * suggestion.answered)) return;
    asked.value = { item, suggestion };
  },
);
/** While the teacher thinks, the lesson waits. */
const wasPlaying = ref(false);
watch(asked, (now, before) => {
  if (now !== undefined && before === undefined) wasPlaying.value = isPlaying.value;
  isPlaying.value = now === undefined && wasPlaying.value;
});
const quiet = (): void => {
  asks.value = false;
  asked.value = undefined;
};
const ticket = (): Promise<void> =>
  tried(async () => {
    isPlaying.value = false;
    await handIn();
    const number = about.value?.ticketAt;
    const next = store.classroom?.lessons.find((one) => one.number === number);
    await router.push(next ? { name: 'lesson', params: { lesson: next.id } } : { name: 'class' });
  });
</script>

<template>
  <aside class="bar" :aria-label="t('rehearsal.title')">
    <p class="what">
      <strong>{{ t('rehearsal.title') }}</strong>
      <span>{{ about && about.seen === 0 ? t('rehearsal.unseen') : t('rehearsal.madeUp') }}</span>
    </p>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    <p v-else-if="hardest" class="hardest">
      {{ t('rehearsal.minutes', { minutes: Math.max(1, Math.round(about!.minutes)) }) }} {{ hardest }}
    </p>
    <div v-if="onBoard && board.openRound && !isDone" class="player">
      <button
        type="button"
        class="act"
        data-act="play"
        :aria-label="t(isPlaying ? 'rehearsal.pause' : 'rehearsal.play')"
        @click="isPlaying = !isPlaying"
      >
        <v-icon :icon="isPlaying ? mdiPause : mdiPlay" size="24" />
      </button>
      <label class="speed">
        <span class="only-heard">{{ t('rehearsal.speed') }}</span>
        <select v-model.number="speed" class="sand-field" data-speed>
          <option v-for="one in SPEEDS" :key="one" :value="one">{{ t('rehearsal.times', { speed: one }) }}</option>
        </select>
      </label>
      <span class="time-type clock" role="timer" :aria-label="t('rehearsal.taken', { time: clock })">{{ clock }}</span>
    </div>
    <span v-else-if="onBoard && isDone && total > 0" class="time-type" role="status">{{
      t('rehearsal.taken', { time: clock })
    }}</span>
    <button
      v-else-if="!onBoard"
      type="button"
      class="act wide"
      data-act="to-board"
      :aria-label="t('rehearsal.toBoard')"
      @click="tried(begin)"
    >
      <v-icon :icon="mdiPlay" size="22" /><span>{{ t('rehearsal.toBoard') }}</span>
    </button>
    <button type="button" class="act wide" data-act="ticket" :aria-label="t('rehearsal.ticket')" @click="ticket">
      <v-icon :icon="mdiTicketConfirmationOutline" size="22" /><span>{{ t('rehearsal.ticket') }}</span>
    </button>
    <button
      type="button"
      class="act"
      data-act="asks"
      :aria-pressed="asks"
      :aria-label="t('rehearsal.asks')"
      :title="t('rehearsal.asks')"
      @click="asks = !asks"
    >
      <v-icon :icon="mdiAccountQuestionOutline" size="22" />
    </button>
    <button type="button" class="act wide" data-act="end" :aria-label="t('rehearsal.end')" @click="tried(end)">
      <v-icon :icon="mdiClose" size="22" /><span>{{ t('rehearsal.end') }}</span>
    </button>
    <RehearsalCoach
      v-if="asked"
      :item="asked.item"
      :suggestion="asked.suggestion"
      @on="asked = undefined"
      @quiet="quiet"
    />
  </aside>
</template>

<style scoped>
.bar {
  position: sticky;
  top: 0;
  z-index: 20;
  height: var(--bar);
  padding: 0 20px;
  display: flex;
  align-items: center;
  gap: 12px;
  overflow: hidden;
  white-space: nowrap;
  background: var(--ink);
  color: #fff;
}
.what {
  display: flex;
  gap: 8px;
  flex: none;
}
.hardest,
.problem {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
}
.problem {
  font-weight: 700;
}
.player {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-left: auto;
}
.clock {
  min-width: 52px;
  text-align: right;
}
.act {
  flex: none;
  min-width: 44px;
  height: 44px;
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 6px;
  border-radius: 10px;
  font-weight: 600;
}
.act.wide {
  padding: 0 10px;
}
.act:hover,
.act[aria-pressed='true'] {
  background: rgba(255, 255, 255, 0.18);
}
.act:focus-visible {
  outline: 3px solid #fff;
  outline-offset: -3px;
}
/* Made twice as large, or on a small screen: what is to be done stays, what is said of it is a press on "?" away. */
@media (max-width: 900px) {
  .hardest,
  .what span,
  .act.wide span {
    display: none;
  }
  .bar {
    gap: 4px;
    padding: 0 10px;
  }
}
.speed select {
  height: 36px;
  color: var(--ink);
}
</style>
