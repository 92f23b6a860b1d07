<!-- A child alone with the lesson's set: no timer, a light instead of a mark, a second try, then the clock shows it. -->
<script setup lang="ts">
import { computed, onScopeDispose, ref, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { gearedAngles, turnNearestTo, type DialTime } from '../../core/clock/index.ts';
import { startingTime } from '../../core/items/index.ts';
import { handToHelp, mark, numeralOf } from '../../core/marking/index.ts';
import { useClockWords } from '../stores/useClockWords.ts';
import FinishedScreen from './FinishedScreen.vue';
import TaskScreen, { type TaskStatus } from './TaskScreen.vue';
import { useStationStore } from './stationStore.ts';

const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const store = useStationStore();
const screen = useTemplateRef('screen');
const words = useClockWords(() => store.state!.settings);

const child = computed(() => store.state!.children.find(({ id }) => id === Number(route.params['childId'])));
/** The set stays as it was when the child began, whatever the lesson does meanwhile. */
const practice = store.state!.practice;
const times = (practice?.items ?? []).flatMap((item) => (item.kind === 'set' ? [item.shown] : []));

const index = ref(0);
const status = ref<TaskStatus>('setting');
const attempt = ref(1);
const lit = ref<number>();
const message = ref('');
const minutes = ref(0);
const asked = computed((): DialTime | undefined => times[index.value]);

const begin = (): void => {
  status.value = 'setting';
  attempt.value = 1;
  lit.value = undefined;
  message.value = '';
  if (asked.value !== undefined) minutes.value = startingTime(asked.value);
};
begin();

let timer: ReturnType<typeof setTimeout> | undefined;
onScopeDispose(() => clearTimeout(timer));
/** The hare hops on after a moment to look. */
const goOn = (ms: number): void => {
  timer = setTimeout(() => {
    index.value += 1;
    begin();
  }, ms);
};
const help = (time: DialTime): void => {
  const hand = handToHelp(time, gearedAngles(minutes.value)) ?? 'minute';
  lit.value = numeralOf(hand, time);
  message.value = t(hand === 'hour' ? 'station.hintHour' : 'station.hintMinute', words.hands.value);
};
const done = async (): Promise<void> => {
  const time = asked.value;
  if (time === undefined || child.value === undefined || practice === null) return;
  const item = { kind: 'set', shown: time } as const;
  const answer = { kind: 'hands', ...gearedAngles(minutes.value) } as const;
  store.answerAlone(child.value.id, practice.lessonId, item, attempt.value, answer);
  if (mark(item, answer, store.state!.settings).verdict === 'right') {
    status.value = 'right';
    lit.value = undefined;
    goOn(1100);
  } else if (attempt.value === 1) {
    attempt.value = 2;
    status.value = 'hint';
    help(time);
  } else {
    status.value = 'watching';
    await screen.value?.turnTo(turnNearestTo(minutes.value, time), 2600);
    goOn(1400);
  }
};
const again = (): void => {
  index.value = 0;
  begin();
};
</script>

<template>
  <template v-if="child">
    <TaskScreen
      v-if="asked !== undefined"
      ref="screen"
      v-model="minutes"
      :child="child"
      :settings="store.state!.settings"
      :asked="asked"
      :status="status"
      :count="times.length"
      :index="index"
      :lit="lit"
      :message="message"
      @done="done"
      @undo="minutes = startingTime(asked)"
    />
    <FinishedScreen
      v-else
      :times="times"
      :settings="store.state!.settings"
      @again="again"
      @back="router.push({ name: 'child', params: { childId: child.id } })"
    />
  </template>
</template>
