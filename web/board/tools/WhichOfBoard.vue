<!-- Which of these shows it? Clocks with hands and with digits; the class may vote first; a wrong one says why not, and fades. -->
<script setup lang="ts">
import { mdiHumanHandsup } from '@mdi/js';
import { computed, ref, shallowRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { v4 as newId } from 'uuid';
import type { Lesson, Settings } from '../../../contract/index.ts';
import type { DialTime } from '../../../core/clock/index.ts';
import { seedFromText, seededRng } from '../../../core/common/index.ts';
import { whyNot } from '../../../core/asking/index.ts';
import { pictureAt, type ClockOption } from '../../../core/items/index.ts';
import { WHICH_OF, whichOf } from '../../../core/making/index.ts';
import { TIMES_OF_GROUP, mixedTimes } from '../../../core/sets/index.ts';
import AnyTime from '../../clock/AnyTime.vue';
import JudgedClock from '../../clock/JudgedClock.vue';
import { useStageStore } from '../../stores/stage.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import BoardFrame from '../stage/BoardFrame.vue';
import PillRow from '../../look/PillRow.vue';
import { useGroupsMet } from './useGroupsMet.ts';

const { settings, lesson } = defineProps<{ settings: Settings; lesson: Lesson | undefined }>();
const { t } = useI18n();
const stage = useStageStore();
const words = useClockWords(() => settings);
const met = useGroupsMet(() => lesson);
const LETTERS = 'ABCD';

const HOW_MANY = 10;
const times = ref<readonly DialTime[]>(mixedTimes(seededRng(seedFromText(newId())), met.value, HOW_MANY));
const at = ref(0);
const count = ref<(typeof WHICH_OF)[number]>(4);
const asked = computed(() => times.value[at.value]!);
const options = shallowRef<readonly ClockOption[]>([]);
/** Options that were ruled out, in the order they were tapped; and hands that went up for each. */
const out = ref<readonly number[]>([]);
const found = ref(false);
const votes = ref<readonly number[]>([]);
const voting = ref(false);
const lay = (): void => {
  const taught = met.value.flatMap((group) => TIMES_OF_GROUP[group]);
  options.value = whichOf(seededRng(seedFromText(newId())), asked.value, taught, count.value);
  out.value = [];
  found.value = false;
  votes.value = options.value.map(() => 0);
};
watch([at, count, times], lay, { immediate: true });

const tap = (place: number): void => {
  if (voting.value) {
    votes.value = votes.value.map((now, i) => (i === place ? now + 1 : now));
    return;
  }
  if (found.value) return;
  if (options.value[place]!.time === asked.value) found.value = true;
  else if (!out.value.includes(place)) out.value = [...out.value, place];
};
const ask = computed(() => words.phrase({ key: 'clock.ask.choose-clock', values: { said: words.said(asked.value) } }));
/** What is said of the one that was tapped last. */
const said = computed(() => {
  if (found.value) return words.phrase({ key: 'clock.steps.whole', values: { said: words.said(asked.value) } });
  const last = out.value.at(-1);
  return last === undefined ? '' : words.phrase(whyNot(options.value[last]!, asked.value, settings));
});
const next = (): void => {
  if (!found.value) tap(options.value.findIndex(({ time }) => time === asked.value));
  else if (at.value + 1 < times.value.length) at.value += 1;
  else stage.toClock();
};
const back = (): void => {
  if (found.value || out.value.length > 0) lay();
  else at.value = Math.max(0, at.value - 1);
};
/** A time the teacher wants is asked next. */
const insert = (time: DialTime): void => {
  times.value = [...times.value.slice(0, at.value + 1), time, ...times.value.slice(at.value + 1)];
  at.value += 1;
};
const toggleVoting = (): void => {
  voting.value = !voting.value;
};
const keys = Object.fromEntries(
  [...LETTERS].map((letter, i) => [letter.toLowerCase(), () => i < options.value.length && tap(i)]),
);
const view = computed(() => ({
  mode: 'voting' as const,
  title: t('show.which-of'),
  place: { index: at.value, count: times.value.length },
  say: said.value === '' ? ask.value : said.value,
}));
const stones = computed(() => ({
  count: times.value.length,
  index: at.value,
  label: t('round.item', { number: at.value + 1, count: times.value.length }),
}));
const extra = computed(() => [
  {
    key: 'vote',
    icon: mdiHumanHandsup,
    label: t(voting.value ? 'whichOf.voted' : 'whichOf.vote'),
    act: toggleVoting,
  },
]);
</script>

<template>
  <BoardFrame
    :settings="settings"
    :view="view"
    :trays="['show']"
    :extra="extra"
    :keys="keys"
    :acts="{ stop: stage.toClock }"
    :stones="stones"
    :back="t('round.back')"
    :next="t('board.nextTime')"
    data-activity="which-of"
    :data-asked="asked"
    :data-found="found"
    over-clock
    @back="back"
    @next="next"
  >
    <template #clock>
      <ol class="options">
        <li v-for="(option, i) in options" :key="i">
          <button
            type="button"
            :class="{ out: out.includes(i), right: found && option.time === asked }"
            :aria-label="t('round.choice', { letter: LETTERS[i] })"
            :aria-pressed="out.includes(i)"
            :data-form="option.form"
            :data-time="option.time"
            @click="tap(i)"
          >
            <span class="letter child-type" aria-hidden="true">{{ LETTERS[i] }}</span>
            <JudgedClock
              v-if="option.form === 'analog'"
              :picture="pictureAt(option.time)"
              label=""
              aria-hidden="true"
            />
            <span v-else class="digital child-type">{{ words.written(option.time) }}</span>
            <span v-if="votes[i]" class="votes">{{ t('whichOf.votes', { count: votes[i] }) }}</span>
          </button>
        </li>
      </ol>
    </template>
    <p class="ask child-type">{{ ask }}</p>
    <p class="said child-type" role="status">{{ voting ? t('whichOf.voteNow') : said }}</p>
    <PillRow
      name="count"
      :label="t('whichOf.count')"
      :choices="WHICH_OF.map((key) => ({ key, label: t('whichOf.of', { count: key }) }))"
      :on="[count]"
      @choose="(one) => (count = one)"
    />
    <AnyTime :act="t('whichOf.ask')" @pick="insert" />
  </BoardFrame>
</template>

<style scoped>
.options {
  width: 100%;
  height: 100%;
  display: grid;
  grid-template: repeat(2, minmax(0, 1fr)) / 1fr 1fr;
  gap: calc(var(--u) * 14);
}
li:nth-child(3):last-child {
  grid-column: 1 / -1;
  justify-self: center;
  width: calc(50% - var(--u) * 7);
}
li button {
  position: relative;
  width: 100%;
  height: 100%;
  padding: calc(var(--u) * 8);
  display: grid;
  place-items: center;
  border-radius: var(--corner-board);
  transition: opacity 0.3s;
}
li button:hover {
  background: rgba(255, 255, 255, 0.6);
}
.out {
  opacity: 0.25;
}
.right {
  background: var(--moss-2) !important;
  box-shadow: 0 0 0 calc(var(--u) * 5) var(--moss-6);
}
.letter {
  position: absolute;
  left: calc(var(--u) * 12);
  top: calc(var(--u) * 4);
  font-size: calc(var(--u) * 44);
  line-height: 1;
  font-weight: 700;
}
.digital {
  padding: calc(var(--u) * 26) calc(var(--u) * 34);
  border-radius: var(--corner-board);
  background: var(--ink);
  color: #fff;
  font-size: calc(var(--u) * 92);
  line-height: 1.1;
  font-weight: 700;
}
.votes {
  position: absolute;
  right: calc(var(--u) * 10);
  bottom: calc(var(--u) * 8);
  padding: 2px 14px;
  border-radius: 999px;
  background: var(--plum);
  color: #fff;
  font-size: calc(var(--u) * 26);
  font-weight: 700;
}
.ask {
  font-size: calc(var(--u) * 46);
  line-height: 1.15;
  font-weight: 700;
  text-align: center;
  text-wrap: balance;
}
.said {
  flex: 1;
  min-height: 0;
  display: grid;
  place-items: center;
  font-size: calc(var(--u) * 40);
  line-height: 1.2;
  font-weight: 700;
  text-align: center;
  text-wrap: balance;
}
</style>
