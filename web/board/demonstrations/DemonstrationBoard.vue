<!-- A demonstration on the board's clock: it plays, stops, steps and goes back as the teacher wishes. -->
<script setup lang="ts">
import { computed, onScopeDispose, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Lesson, RoundSource, Settings } from '../../../contract/index.ts';
import { wrapToDial } from '../../../core/clock/index.ts';
import { demonstrate, type DemonstrationKind, type Speed } from '../../../core/demonstrations/index.ts';
import { useStageStore } from '../../stores/stage.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import BoardFrame from '../stage/BoardFrame.vue';
import TimeCards from '../cards/TimeCards.vue';
import type { Acts } from '../stage/useWishes.ts';
import PlayerControls from './PlayerControls.vue';
import ThreeWays from './ThreeWays.vue';
import { usePlayer } from './usePlayer.ts';

const { settings, show, lesson } = defineProps<{
  settings: Settings;
  show: DemonstrationKind;
  lesson: Lesson | undefined;
}>();
const emit = defineEmits<{ round: [source: RoundSource]; snap: [minutes: Settings['snap']] }>();
const { t } = useI18n();
const stage = useStageStore();
const words = useClockWords(() => settings);

const began = wrapToDial(Math.round(stage.minutes));
const demonstration = computed(() => demonstrate(show, began, settings));
const player = usePlayer(
  () => demonstration.value,
  demonstration.value.wholeDay ? 0 : Math.round(stage.minutes) - began,
);
const { scene } = player;
const time = computed(() => wrapToDial(scene.value.minutes));
const say = computed(() => words.phrase(player.sentence.value));
/** What is counted aloud stands large in the column too. */
const count = computed(() => (scene.value.count === undefined ? undefined : Math.round(scene.value.count)));
const hasCards = computed(() => scene.value.opened.length > 0 || show === 'half-way' || show === 'next-hour');

// The board's own clock goes along: a remote shows it, and it is there when the demonstration is left.
watch(
  () => scene.value.minutes,
  (minutes) => (stage.minutes = minutes),
);

// The clock stays where the demonstration left it, its cards covered.
onScopeDispose(() => {
  stage.minutes = Math.round(scene.value.minutes);
  stage.opened = new Set();
});
const choose = (speed: Speed): void => {
  player.speed.value = speed;
};
/** Behind the last step comes what the lesson goes on with: the clock with its times. */
const isOver = computed(() => player.at.value >= player.duration.value);
const goOn = (): void => (isOver.value ? stage.toClock() : player.stepBy(1));
const keys = {
  ' ': player.toggle,
  '+': () => player.faster(1),
  '-': () => player.faster(-1),
  Home: () => player.scrub(0),
  End: () => player.scrub(player.duration.value),
};
const acts: Acts = {
  play: player.toggle,
  stop: stage.toClock,
  step: (wish) => wish.do === 'step' && player.stepBy(wish.by),
};
const view = computed(() => ({
  mode: 'demonstration' as const,
  title: t(`show.${show}`),
  place: { index: player.step.value, count: demonstration.value.steps.length },
  say: say.value,
  demonstration: {
    kind: show,
    step: player.step.value,
    steps: demonstration.value.steps.length,
    playing: player.playing.value,
    speed: player.speed.value,
  },
}));
</script>

<template>
  <BoardFrame
    :settings="settings"
    :lesson="lesson"
    :view="view"
    :keys="keys"
    :acts="acts"
    :room="{ say, scene }"
    :title="view.title"
    :back="t('player.stepBack')"
    :next="t(isOver ? 'player.toClock' : 'player.stepOn')"
    :data-demonstration="show"
    :data-step="player.step.value"
    over-clock
    @back="player.stepBy(-1)"
    @next="goOn"
    @step="(by) => player.stepBy(by > 0 ? 1 : -1)"
    @round="(source) => emit('round', source)"
    @snap="(snap) => emit('snap', snap)"
  >
    <ThreeWays v-if="scene.ways" :time="time" :ways="scene.ways" :conventions="settings" />
    <div v-else-if="count !== undefined" class="count child-type">
      <strong>{{ count }}</strong>
      <span>{{ t(demonstration.realTime ? 'show.seconds' : 'show.minutes', count) }}</span>
    </div>
    <TimeCards
      v-else-if="hasCards"
      :time="time"
      :conventions="settings"
      :opened="new Set(scene.opened)"
      still
      compact
    />
    <p v-else class="said child-type">{{ words.said(time) }}</p>
    <PlayerControls
      :at="player.at.value"
      :duration="player.duration.value"
      :playing="player.playing.value"
      :speed="player.speed.value"
      :step="player.step.value"
      :steps="demonstration.steps.length"
      :real-time="demonstration.realTime"
      @toggle="player.toggle"
      @step="player.stepBy"
      @scrub="player.scrub"
      @speed="choose"
    />
  </BoardFrame>
</template>

<style scoped>
.count {
  flex: 1;
  min-height: 0;
  display: grid;
  place-content: center;
  justify-items: center;
}
.count strong {
  font-size: calc(var(--u) * 190);
  line-height: 1;
  color: var(--minute-text);
}
.count span {
  font-size: calc(var(--u) * 40);
  line-height: 1.2;
}
.said {
  flex: 1;
  min-height: 0;
  display: grid;
  place-items: center;
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
  font-size: calc(var(--u) * 64);
  line-height: 1.15;
  font-weight: 700;
  text-align: center;
  text-wrap: balance;
}
</style>
