<!-- A child on its own: no timer, a light instead of a mark, a second try, then the answer is shown. -->
<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import type { Practice } from '../../contract/index.ts';
import { seededRng } from '../../core/common/index.ts';
import { rightAnswers, type Answer, type Item } from '../../core/items/index.ts';
import { mark } from '../../core/marking/index.ts';
import { FEWEST_ITEMS, isPutIn, nextByNeed, nextOfSet, type Practised } from '../../core/practice/index.ts';
import { helpFor, type Help } from '../../core/tasks/index.ts';
import { useClockWords } from '../stores/useClockWords.ts';
import FinishedScreen from './FinishedScreen.vue';
import { useStationStore } from './stationStore.ts';
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

const kept = await store.kept.get('progress');
const mine = kept?.childId === childId && kept.key === practice.key ? kept : undefined;
const seed = mine?.seed ?? Math.floor(Math.random() * 2 ** 31);
const done = shallowRef<readonly Practised[]>(mine?.done ?? []);
/** The same place of the same session always has the same task, so that a reload does not change it. */
const next = (): Item | undefined => {
  const rng = seededRng(seed + done.value.length);
  const { set, needs } = practice;
  return set === null ? nextByNeed(needs, done.value, rng) : nextOfSet(set, needs, done.value, rng);
};
const item = shallowRef<Item | undefined>(next());
const answer = ref<Answer>();
const status = ref<TaskStatus>('open');
const help = shallowRef<Help>();
const shown = shallowRef<Answer>();
/** Stones: of a set its tasks and those put in between; otherwise at least six, and one more when it goes on. */
const count = computed(() => {
  // The first answer to the task of now is among those done already.
  const at = done.value.length + (item.value !== undefined && status.value === 'open' ? 1 : 0);
  if (practice.set === null) return Math.max(FEWEST_ITEMS, at);
  const putIn = done.value.filter((one) => isPutIn(practice.set!, one)).length;
  return Math.max(at, practice.set.length + putIn);
});

let timer: ReturnType<typeof setTimeout> | undefined;
onScopeDispose(() => clearTimeout(timer));
/** The hare hops on after a moment to look. */
const goOn = (ms: number): void => {
  timer = setTimeout(() => {
    answer.value = help.value = shown.value = undefined;
    status.value = 'open';
    item.value = next();
    if (item.value === undefined) void store.kept.forget('progress');
  }, ms);
};
const handIn = (): void => {
  const [asked, given] = [item.value, answer.value];
  if (asked === undefined || given === undefined) return;
  const attempt = status.value === 'hint' ? 2 : 1;
  const { verdict } = mark(asked, given, store.state!.settings);
  store.answerAlone(practice.lessonId, asked, attempt, given);
  // The first answer counts, for the record and for what comes next.
  if (attempt === 1) {
    done.value = [...done.value, { item: asked, answer: given, verdict }];
    void store.kept.set('progress', { childId, key: practice.key, seed, done: done.value });
  }
  if (verdict === 'right') {
    status.value = 'right';
    help.value = undefined;
    goOn(RIGHT_MS);
  } else if (attempt === 1) {
    status.value = 'hint';
    help.value = helpFor(asked, given, store.state!.settings);
  } else {
    status.value = 'watching';
    help.value = undefined;
    shown.value = rightAnswers(asked, store.state!.settings)[0];
    goOn(SHOW_MS + LOOK_MS);
  }
};
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
    :count="count"
    :index="index"
    :light="help?.light ?? {}"
    :message="help ? words.phrase(help.sentence) : ''"
    :shown="shown"
    @done="handIn"
  />
  <FinishedScreen
    v-else
    :done="done"
    :settings="store.state!.settings"
    @again="emit('again')"
    @back="router.replace({ name: 'child', params: { childId } })"
  />
</template>
