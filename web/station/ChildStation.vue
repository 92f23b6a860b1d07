<!-- A child in the class's round: the task arrives by itself, "show" holds it, the board shows the answer. -->
<script setup lang="ts">
import { useThrottleFn } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { rightAnswers, type Answer } from '../../core/items/index.ts';
import { readAndMark } from '../../core/marking/index.ts';
import { canHandIn, type TaskStatus } from './tasks/task.ts';
import TaskFrame from './tasks/TaskFrame.vue';
import WaitingScreen from './WaitingScreen.vue';
import { useStationStore } from './stationStore.ts';

const router = useRouter();
const store = useStationStore();
const round = computed(() => (store.round?.closed === false ? store.round : undefined));
/** What the teacher hands out comes by itself to a child who waits. */
watch(
  () => store.child?.practice,
  (now, before) => {
    if (now?.handed && now.key !== before?.key && round.value === undefined && store.child !== undefined)
      void router.replace({ name: 'alone', params: { childId: store.child.childId } });
  },
);
const place = computed(() => round.value && `${round.value.id} ${round.value.index}`);
const own = computed(() => round.value && store.ownAnswer(round.value));
const answer = ref<Answer>();
const right = computed(
  () =>
    round.value !== undefined &&
    own.value !== undefined &&
    readAndMark(round.value.item, own.value, store.state!.settings).verdict === 'right',
);
const status = computed((): TaskStatus => {
  const now = round.value;
  if (now === undefined) return 'waiting';
  if (now.revealed) return right.value ? 'right' : 'watching';
  return own.value === undefined ? 'open' : 'waiting';
});
/** A tablet that was reloaded shows what its child has answered. */
watch(
  [place, own],
  ([now], [before]) => {
    if (now !== before || own.value !== undefined) answer.value = own.value;
  },
  { immediate: true },
);
const shown = computed(() =>
  round.value !== undefined && status.value === 'watching'
    ? rightAnswers(round.value.item, store.state!.settings)[0]
    : undefined,
);

/** Milliseconds between two looks of the wall at what is being set. */
const DRAFT_MS = 180;
const tell = useThrottleFn(
  () => {
    const now = round.value;
    if (now !== undefined && status.value === 'open' && answer.value !== undefined) store.draft(now, answer.value);
  },
  DRAFT_MS,
  true,
);
watch(answer, () => void tell());

const handIn = (): void => {
  const now = round.value;
  if (now !== undefined && canHandIn(now.item, answer.value)) store.answerRound(now, answer.value);
};
/** "Show" holds what is there; who has not begun yet may still. */
watch(
  () => round.value !== undefined && !['ask', 'think'].includes(round.value.phase),
  (held) => {
    if (held && status.value === 'open') handIn();
  },
);
</script>

<template>
  <TaskFrame
    v-if="round && store.who"
    :key="place ?? ''"
    v-model="answer"
    :child="store.who"
    :settings="store.state!.settings"
    :item="round.item"
    :prompt="round.prompt"
    :status="status"
    :count="round.count"
    :index="round.index"
    :shown="shown"
    @done="handIn"
  />
  <WaitingScreen v-else-if="store.who" :child="store.who" :can-practise="store.child?.practice != null" />
</template>
