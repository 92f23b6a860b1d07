<!-- A child on its own: no timer, a light instead of a mark, a second try, then the answer is shown. -->
<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef, watchEffect } from 'vue';
import { useRouter } from 'vue-router';
import type { Practice } from '../../contract/index.ts';
import { rightAnswers, type Answer, type Item } from '../../core/items/index.ts';
import { readAndMark } from '../../core/marking/index.ts';
import { helpFor, type Help } from '../../core/asking/index.ts';
import { useClockWords } from '../words/useClockWords.ts';
import { createOneAct } from '../api/oneAct.ts';
import FinishedScreen from './FinishedScreen.vue';
import { useStationStore } from './stationStore.ts';
import { useSession } from './useSession.ts';
import { SHOW_MS, type TaskStatus } from './tasks/task.ts';
import TaskFrame from './tasks/TaskFrame.vue';

const { child: childId, practice } = defineProps<{
  child: number;
  /** As it was when the child began, whatever the lesson does meanwhile. */
  practice: Practice;
}>();
const emit = defineEmits<{ again: [] }>();
const router = useRouter();
const store = useStationStore();
const words = useClockWords(() => store.state!.settings);

const RIGHT_MS = 1300;
const LOOK_MS = 1400;

const { done, item, stones, answered, goOn } = useSession({
  childId,
  practice,
  kept: await store.kept.get('progress'),
  keep: (progress) => void store.kept.set('progress', progress),
  askRest: store.askRest,
});
const answer = ref<Answer>();
const status = ref<TaskStatus>('open');
const help = shallowRef<Help>();
const shown = shallowRef<Answer>();
let timer: ReturnType<typeof setTimeout> | undefined;
onScopeDispose(() => clearTimeout(timer));
/** Two tasks may be alike: each has its own. */
let isFirst = createOneAct();
const toNext = (): void => {
  isFirst = createOneAct();
  answer.value = help.value = shown.value = undefined;
  status.value = 'open';
  goOn();
  if (item.value === undefined) void store.kept.forget('progress');
};
/** The hare hops on after a moment to look. */
const hopOn = (ms: number): void => {
  timer = setTimeout(toNext, ms);
};
/** A ticket tells nobody how it went: the next task comes, whatever was answered. */
const handInQuietly = (asked: Item, given: Answer): void => {
  const { verdict } = readAndMark(asked, given, store.state!.settings);
  store.answerAlone(practice.lessonId, asked, 1, given);
  answered({ item: asked, answer: given, verdict });
  // At once: the task of before is never drawn at the next one's place.
  toNext();
};
/** Done, tapped twice, does not spend the second try: what was answered is the same. */
const handIn = (): void => {
  const [asked, given] = [item.value, answer.value];
  if (asked === undefined || given === undefined || !isFirst(JSON.stringify(given))) return;
  if (practice.quiet) {
    handInQuietly(asked, given);
    return;
  }
  const attempt = status.value === 'hint' ? 2 : 1;
  const { read, verdict } = readAndMark(asked, given, store.state!.settings);
  store.answerAlone(practice.lessonId, asked, attempt, given);
  // The first answer counts, for the record and for what comes next.
  if (attempt === 1) answered({ item: asked, answer: given, verdict });
  if (verdict === 'right') {
    status.value = 'right';
    help.value = undefined;
    hopOn(RIGHT_MS);
  } else if (attempt === 1) {
    status.value = 'hint';
    help.value = helpFor(asked, read, store.state!.settings);
  } else {
    status.value = 'watching';
    help.value = undefined;
    shown.value = rightAnswers(asked, store.state!.settings)[0];
    hopOn(SHOW_MS + LOOK_MS);
  }
};
// A round of the class waits for what was begun.
watchEffect(() => {
  store.midTask = item.value !== undefined && (answer.value !== undefined || status.value !== 'open');
});
onScopeDispose(() => (store.midTask = false));
/** Where the hare is: on the task of now, though its first answer is in already. */
const index = computed(() => done.value.length - (status.value === 'open' ? 0 : 1));
</script>

<template>
  <TaskFrame
    v-if="item && store.who"
    :key="index"
    v-model="answer"
    :child="store.who"
    :settings="store.state!.settings"
    :item="item"
    :status="status"
    :count="stones"
    :index="index"
    :light="help?.light ?? {}"
    :question="help?.question ? words.phrase(help.question) : ''"
    :message="help ? words.phrase(help.sentence) : ''"
    :shown="shown"
    @done="handIn"
  />
  <FinishedScreen
    v-else
    :done="done"
    :settings="store.state!.settings"
    :quiet="practice.quiet"
    @again="emit('again')"
    @back="router.replace({ name: 'child', params: { childId } })"
  />
</template>
