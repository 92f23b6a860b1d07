<!-- A child in the class's round: the task arrives by itself, the board shows the answer. -->
<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import { gearedAngles, readHands, turnNearestTo } from '../../core/clock/index.ts';
import { startingTime } from '../../core/items/index.ts';
import { mark } from '../../core/marking/index.ts';
import TaskScreen, { type TaskStatus } from './TaskScreen.vue';
import WaitingScreen from './WaitingScreen.vue';
import { useStationStore } from './stationStore.ts';

const route = useRoute();
const store = useStationStore();
const screen = useTemplateRef('screen');
const child = computed(() => store.state!.children.find(({ id }) => id === Number(route.params['childId'])));
const round = computed(() => (store.round?.closed === false ? store.round : undefined));
/** A tablet is for setting clocks; for all else the class looks at the board. */
const asked = computed(() => {
  const item = round.value?.item;
  return item?.kind === 'set' || item?.kind === 'set-free' ? item.shown : undefined;
});
const minutes = ref(0);
const own = computed(() => round.value && store.ownAnswer(round.value));
const right = computed(
  () =>
    round.value !== undefined &&
    own.value !== undefined &&
    mark(round.value.item, own.value, store.state!.settings).verdict === 'right',
);

const status = computed((): TaskStatus => {
  const now = round.value;
  if (now === undefined) return 'waiting';
  if (now.revealed) return right.value ? 'right' : 'watching';
  return own.value === undefined ? 'setting' : 'waiting';
});
const start = (): void => {
  const now = round.value;
  // Who comes in after the reveal sees what the board shows.
  if (now !== undefined && asked.value !== undefined)
    minutes.value = now.revealed ? asked.value : startingTime(asked.value);
};
watch(() => `${round.value?.id} ${round.value?.index}`, start, { immediate: true });
// A tablet that was reloaded shows the clock its child has set.
watch(own, (answer) => {
  if (answer?.kind === 'hands' && round.value?.revealed === false) minutes.value = readHands(answer).time;
});

/** When the board shows the answer, a clock that was not right turns there too: by the short way, to be seen. */
const SHOW_MS = 2000;
watch(
  () => round.value?.revealed === true,
  (revealed) => {
    if (!revealed || asked.value === undefined || right.value) return;
    void screen.value?.turnTo(turnNearestTo(minutes.value, asked.value), SHOW_MS);
  },
);
const done = (): void => {
  const now = round.value;
  if (now === undefined || child.value === undefined) return;
  const answer = { kind: 'hands', ...gearedAngles(minutes.value) } as const;
  store.answerRound(child.value.id, now, answer);
};
</script>

<template>
  <TaskScreen
    v-if="child && round && asked !== undefined"
    ref="screen"
    v-model="minutes"
    :child="child"
    :settings="store.state!.settings"
    :asked="asked"
    :status="status"
    :count="round.count"
    :index="round.index"
    @done="done"
    @undo="start"
  />
  <WaitingScreen
    v-else-if="child"
    :child="child"
    :look-up="round !== undefined"
    :can-practise="store.state!.practice !== null"
  />
</template>
