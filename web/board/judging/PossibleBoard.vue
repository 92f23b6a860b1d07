<!-- Possible or not? The class votes by hands, the teacher enters how many, then the clock says what is wrong with it. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { v4 as newId } from 'uuid';
import type { Settings } from '../../../contract/index.ts';
import { seedFromText, seededRng } from '../../../core/common/index.ts';
import { faultsOf, type ItemOf } from '../../../core/items/index.ts';
import { lessonsMet, surpriseItems } from '../../../core/planning/index.ts';
import { judgedPhrase } from '../../../core/rounds/index.ts';
import { useClassroomStore } from '../../stores/classroom.ts';
import { useStageStore } from '../../stores/stage.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import BoardFrame from '../stage/BoardFrame.vue';
import CoverCard from '../cards/CoverCard.vue';
import JudgedClock from '../../clock/JudgedClock.vue';
import VoteCount from './VoteCount.vue';

const { settings, lessonNumber } = defineProps<{
  settings: Settings;
  /** The lesson of now: clocks are about times met until then. */
  lessonNumber: number;
}>();
const { t } = useI18n();
const stage = useStageStore();
const classroom = useClassroomStore();
const words = useClockWords(() => settings);

type Judged = ItemOf<'judge-clock'>;
const taught = lessonsMet(classroom.classroom?.lessons ?? [], lessonNumber);
const clocks = surpriseItems(seededRng(seedFromText(newId())), taught, ['judge-clock']).filter(
  (item): item is Judged => item.kind === 'judge-clock',
);
const index = ref(0);
const open = ref(false);
const votes = ref(clocks.map(() => ({ possible: 0, not: 0 })));
const children = computed(() => classroom.classroom?.children.length ?? 0);
const fault = computed(() => faultsOf(clocks[index.value]!.clock)[0]);
const answer = computed(() => words.phrase(judgedPhrase(clocks[index.value]!.clock)));
const ask = computed(() => words.phrase({ key: 'clock.ask.possible', values: {} }));

const next = (): void => {
  if (!open.value) open.value = true;
  else if (index.value + 1 < clocks.length) {
    index.value += 1;
    open.value = false;
  } else stage.toClock();
};
const back = (): void => {
  if (open.value) open.value = false;
  else index.value = Math.max(0, index.value - 1);
};
const vote = (which: 'possible' | 'not', by: number): void => {
  const now = votes.value[index.value]!;
  const most = children.value - (which === 'possible' ? now.not : now.possible);
  now[which] = Math.min(most, Math.max(0, now[which] + by));
};
const keys = { '+': () => vote('possible', 1), '-': () => vote('not', 1) };
const acts = { stop: stage.toClock };
const view = computed(() => ({
  mode: 'voting' as const,
  title: t('show.possible'),
  place: { index: index.value, count: clocks.length },
  say: open.value ? answer.value : ask.value,
}));
const stones = computed(() => ({
  count: clocks.length,
  index: index.value,
  label: t('judge.place', { number: index.value + 1, count: clocks.length }),
}));
</script>

<template>
  <BoardFrame
    :settings="settings"
    :view="view"
    :trays="['show']"
    :keys="keys"
    :acts="acts"
    :stones="stones"
    :back="t('round.back')"
    :next="t('board.nextTime')"
    data-activity="possible"
    @leave="stage.toClock"
    @back="back"
    @next="next"
  >
    <template #clock>
      <JudgedClock :picture="clocks[index]!.clock" :label="t('judge.clock')" :data-fault="fault ?? 'none'" />
    </template>
    <p class="ask child-type">{{ ask }}</p>
    <div class="votes">
      <VoteCount
        v-for="which in ['possible', 'not'] as const"
        :key="which"
        :name="t(`judge.${which}`)"
        :count="votes[index]![which]"
        :of="children"
        :shortcut="which === 'possible' ? '+' : '-'"
        :right="open && (which === 'possible') === (fault === undefined)"
        @change="(by) => vote(which, by)"
      />
    </div>
    <CoverCard class="answer" tone="whole" :open="open" :label="t('board.openAnswer')" @open="open = true">
      <template #cover><span class="mark">?</span></template>
      <p class="said child-type">{{ answer }}</p>
    </CoverCard>
  </BoardFrame>
</template>

<style scoped>
.ask {
  font-size: calc(var(--u) * 44);
  line-height: 1.15;
  font-weight: 700;
  text-align: center;
  text-wrap: balance;
}
.votes {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: calc(var(--u) * 16);
}
.answer {
  flex: 1;
  min-height: 0;
}
.said {
  padding: 0 calc(var(--u) * 16);
  font-size: calc(var(--u) * 40);
  line-height: 1.2;
  font-weight: 700;
  text-wrap: balance;
}
.mark {
  position: relative;
  font-size: calc(var(--u) * 120);
  font-weight: 700;
  color: #fff;
}
</style>
