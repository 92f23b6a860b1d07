<!-- An empty clock: teacher or child puts the hands on, from digits, from words, from a called time or as they like; checked when wished. -->
<script setup lang="ts">
import { mdiCheck, mdiEraser, mdiEyeOutline } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { v4 as newId } from 'uuid';
import type { Lesson, Settings } from '../../../contract/index.ts';
import { HANDS } from '../../../core/clock/index.ts';
import { seedFromText, seededRng } from '../../../core/common/index.ts';
import { HAND_PATHS } from '../../../core/face/index.ts';
import { askPhrase } from '../../../core/asking/index.ts';
import { sentenceOfCards } from '../../../core/rounds/index.ts';
import { mixedTimes } from '../../../core/sets/index.ts';
import { useStageStore } from '../../stores/stage.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import BoardFrame from '../stage/BoardFrame.vue';
import EmptyClock from './EmptyClock.vue';
import PillRow from '../../look/PillRow.vue';
import { useEmptyClock } from './useEmptyClock.ts';
import { useGroupsMet } from './useGroupsMet.ts';

const { settings, lesson } = defineProps<{ settings: Settings; lesson: Lesson | undefined }>();
const { t } = useI18n();
const stage = useStageStore();
const words = useClockWords(() => settings);
const met = useGroupsMet(() => lesson);
/** Both hands, or the hour hand alone: then it is put from digits, and the minutes in them do not move. */
const HANDS_ON = ['both', 'hour'] as const;
const handsOn = ref<(typeof HANDS_ON)[number]>('both');
const only = (): 'hour' | undefined => (handsOn.value === 'hour' ? 'hour' : undefined);
const clock = useEmptyClock(() => settings, only);

/** How the time is asked: written in digits, said in words, both, called by the teacher, or no time at all. */
const PROMPTS = ['both', 'digits', 'words', 'called', 'free'] as const;
const wished = ref<(typeof PROMPTS)[number]>('both');
const prompt = computed(() => (handsOn.value === 'hour' ? 'digits' : wished.value));
const steps = ref(false);
const HOW_MANY = 12;
const times = mixedTimes(seededRng(seedFromText(newId())), met.value, HOW_MANY);
const at = ref(0);
const time = computed(() => times[at.value]!);
const hasTask = computed(() => prompt.value !== 'free');
watch([at, prompt, handsOn], () => clock.wipe());

const check = (): void => {
  if (hasTask.value) clock.check(time.value);
};
const isDone = computed(() => !hasTask.value || clock.checked.value?.verdict === 'right');
const next = (): void => {
  if (hasTask.value && clock.isWhole.value && clock.checked.value === undefined) check();
  else if (!hasTask.value) clock.wipe();
  else if (isDone.value) at.value = (at.value + 1) % times.length;
};
const back = (): void => {
  if (Object.keys(clock.hands.value).length > 0) clock.wipe();
  else at.value = (at.value + times.length - 1) % times.length;
};
const line = (): void => {
  if (clock.dot.value === undefined) return;
  clock.put(clock.chosen.value, clock.dot.value);
  clock.dot.value = undefined;
};
const letGo = (): void => {
  if (clock.dot.value === undefined) clock.letGo();
};
const said = computed(() => {
  const { checked } = clock;
  if (checked.value === undefined) return '';
  if (checked.value.verdict === 'right')
    return only() === 'hour'
      ? words.phrase(sentenceOfCards(time.value, ['hour'], settings)!)
      : words.phrase({ key: 'clock.steps.whole', values: { said: words.said(time.value) } });
  return checked.value.help === undefined ? '' : words.phrase(checked.value.help.sentence);
});
const say = computed(() =>
  said.value === '' && hasTask.value
    ? words.phrase(askPhrase({ kind: only() === 'hour' ? 'set-hour-hand' : 'set', shown: time.value }, settings))
    : said.value,
);
const view = computed(() => ({
  mode: 'clock' as const,
  title: t('show.empty-clock'),
  place: hasTask.value ? { index: at.value, count: times.length } : null,
  say: say.value,
}));
const extra = computed(() => [
  { key: 'wipe', icon: mdiEraser, label: t('emptyClock.wipe'), act: clock.wipe },
  ...(hasTask.value
    ? [
        { key: 'check', icon: mdiCheck, label: t('emptyClock.check'), act: check },
        { key: 'answer', icon: mdiEyeOutline, label: t('emptyClock.show'), act: () => clock.show(time.value) },
      ]
    : []),
]);
const keys = { w: clock.wipe, Enter: check };
</script>

<template>
  <BoardFrame
    :settings="settings"
    :view="view"
    :trays="['lenses', 'show', 'clock']"
    :extra="extra"
    :keys="keys"
    :acts="{ stop: stage.toClock, cover: clock.wipe }"
    :room="{ say }"
    :title="t('show.empty-clock')"
    :back="t('emptyClock.back')"
    :next="t('emptyClock.next')"
    data-activity="empty-clock"
    :data-verdict="clock.checked.value?.verdict ?? ''"
    :data-time="time"
    over-clock
    @back="back"
    @next="next"
    @step="clock.step"
  >
    <template #clock>
      <EmptyClock
        :hands="clock.hands.value"
        :chosen="clock.chosen.value"
        :dot="clock.dot.value"
        :steps="steps"
        :light="clock.checked.value?.help?.light ?? {}"
        @put="(angle) => clock.put(clock.chosen.value, angle)"
        @dot="(angle) => (clock.dot.value = angle)"
        @line="line"
        @let-go="letGo"
      />
    </template>
    <PillRow
      name="hands"
      :label="t('emptyClock.hands')"
      :choices="HANDS_ON.map((key) => ({ key, label: t(`emptyClock.handsOn.${key}`) }))"
      :on="[handsOn]"
      @choose="(one) => (handsOn = one)"
    />
    <PillRow
      v-if="handsOn === 'both'"
      name="prompt"
      :label="t('emptyClock.asked')"
      :choices="PROMPTS.map((key) => ({ key, label: t(`emptyClock.prompt.${key}`) }))"
      :on="[prompt]"
      @choose="(one) => (wished = one)"
    />
    <section v-if="hasTask" class="asked child-type" :data-prompt="prompt">
      <strong v-if="prompt === 'digits' || prompt === 'both'" class="digits">{{ words.written(time) }}</strong>
      <strong v-if="prompt === 'words' || prompt === 'both'" class="words">{{ words.said(time) }}</strong>
      <p v-if="prompt === 'called'">{{ t('emptyClock.listen') }}</p>
    </section>
    <div v-if="handsOn === 'both'" class="hands" role="radiogroup" :aria-label="t('emptyClock.hand')">
      <button
        v-for="hand in HANDS"
        :key="hand"
        type="button"
        role="radio"
        :aria-checked="clock.chosen.value === hand"
        :class="hand"
        :data-put="hand"
        @click="clock.choose(hand)"
      >
        <svg viewBox="-30 -96 60 122" aria-hidden="true"><path :d="HAND_PATHS.full[hand]" /></svg>
        {{ words.hand(hand) }}
      </button>
    </div>
    <label class="steps"><input v-model="steps" type="checkbox" />{{ t('emptyClock.steps') }}</label>
    <p class="said child-type" role="status" :class="{ right: clock.checked.value?.verdict === 'right' }">{{ said }}</p>
  </BoardFrame>
</template>

<style scoped>
.asked {
  display: grid;
  justify-items: center;
  padding: calc(var(--u) * 8);
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
  text-align: center;
}
.digits {
  font-size: calc(var(--u) * 72);
  line-height: 1.15;
}
.words {
  font-size: calc(var(--u) * 42);
  line-height: 1.2;
}
.asked p {
  font-size: calc(var(--u) * 40);
  line-height: 1.3;
}
.hands {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.hands button {
  min-height: calc(var(--u) * 92);
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 4px;
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
  font-weight: 700;
}
.hands button[aria-checked='true'] {
  box-shadow: inset 0 0 0 5px var(--plum);
}
.hands svg {
  height: calc(var(--u) * 50);
}
.hands .hour path {
  fill: var(--hour-hand);
}
.hands .minute path {
  fill: var(--minute-hand);
}
.steps {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 48px;
}
.steps input {
  width: 22px;
  height: 22px;
  accent-color: var(--plum);
}
.said {
  flex: 1;
  min-height: 0;
  overflow: auto;
  font-size: calc(var(--u) * 27);
  line-height: 1.25;
  font-weight: 700;
  text-wrap: balance;
}
</style>
