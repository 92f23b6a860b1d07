<!--
  What every board has: a clock or a room as wide as the screen, a heading, a tray or its own content, a dock; and the keys and
  the remote, which are its own as long as it is shown.
-->
<script setup lang="ts">
import { computed, useTemplateRef, watch } from 'vue';
import type { Lesson, RoundSource, Settings } from '../../../contract/index.ts';
import StoneRow from '../../look/StoneRow.vue';
import { useStageStore, type StageView, type Tray } from '../../stores/stage.ts';
import BoardDock, { type DockAct } from '../trays/BoardDock.vue';
import BoardTray from '../trays/BoardTray.vue';
import BoardStage, { type Room } from './BoardStage.vue';
import { boardKeys, type Keys } from './boardKeys.ts';
import { useBoardKeys } from './useBoardKeys.ts';
import { useWishes, type Acts } from './useWishes.ts';

const {
  settings,
  lesson,
  view,
  back,
  next,
  trays,
  extra = [],
  keys = {},
  acts = {},
  room = {},
  stones,
  title,
  overClock = false,
} = defineProps<{
  settings: Settings;
  /** The lesson a round can be taken from. */
  lesson?: Lesson | undefined;
  /** What a remote is told. */
  view: StageView;
  /** What going back and going on are called here. */
  back: string;
  next: string;
  /** Trays that can be opened here; all unless said otherwise. */
  trays?: readonly Tray[];
  /** What else the dock has. */
  extra?: readonly DockAct[];
  /** Keys of this board alone; they come before the common ones. Space goes on and Backspace back unless said otherwise. */
  keys?: Keys;
  /** What a remote may ask for here besides going on and back. */
  acts?: Acts;
  room?: Room;
  /** The heading: how far it has come, or what this is called. */
  stones?:
    { readonly count: number; readonly index: number; readonly done?: boolean; readonly label: string } | undefined;
  title?: string;
  /** Is this shown over the board's clock? Closing it leads back there; otherwise leaving leads off the board. */
  overClock?: boolean;
}>();
const emit = defineEmits<{
  leave: [];
  back: [];
  next: [];
  /** The clock is to be turned by so many minutes. */
  step: [minutes: number];
  round: [source: RoundSource];
  snap: [minutes: Settings['snap']];
  cover: [];
  twelve: [];
}>();
const stage = useStageStore();
const clock = useTemplateRef('clock');

const open = computed((): readonly Tray[] => {
  const all: readonly Tray[] = trays ?? ['lenses', 'show', 'round', 'clock'];
  // A round is taken from a lesson.
  return lesson === undefined && trays === undefined ? all.filter((tray) => tray !== 'round') : all;
});
const on = (): void => emit('next');
const leave = (): void => (overClock ? stage.toClock() : emit('leave'));
const goBack = (): void => emit('back');

watch(
  () => view,
  (shown) => (stage.view = shown),
  { immediate: true },
);
useWishes(() => ({ next: on, back: goBack, ...acts }));
useBoardKeys(() => ({
  step: (minutes) => emit('step', minutes),
  keys: {
    ...boardKeys(stage, open.value, { pair: room.pair ?? false, leave }),
    ' ': on,
    Backspace: goBack,
    ...keys,
  },
}));
defineExpose({
  stepBy: (step: number) => clock.value?.stepBy(step),
  turnTo: (target: number, ms: number, from?: number) => clock.value?.turnTo(target, ms, from),
});
</script>

<template>
  <BoardStage ref="clock" v-bind="room" :settings="settings">
    <template v-if="$slots['clock']" #clock><slot name="clock" /></template>
    <template v-if="$slots['over']" #over><slot name="over" /></template>
    <template #top>
      <StoneRow v-if="stones" v-bind="stones" class="stones" />
      <h2 v-else-if="title" class="title child-type" :class="{ wide: room.wide }">{{ title }}</h2>
      <slot v-else name="top" />
    </template>
    <slot v-if="stage.tray" name="tray">
      <BoardTray
        :settings="settings"
        :lesson="lesson"
        :pair="room.pair ?? false"
        @round="(source) => emit('round', source)"
        @snap="(snap) => emit('snap', snap)"
        @cover="emit('cover')"
        @twelve="emit('twelve')"
      />
    </slot>
    <slot v-else />
    <slot name="foot" />
    <template #dock>
      <BoardDock
        :trays="open"
        :extra="extra"
        :back="back"
        :next="next"
        :closes="overClock"
        @leave="leave"
        @back="goBack"
        @next="on"
      />
    </template>
  </BoardStage>
</template>

<style scoped>
.stones {
  width: 100%;
  height: 100%;
}
.title {
  height: 100%;
  display: grid;
  place-items: center;
  text-align: center;
  font-size: calc(var(--u) * 34);
  line-height: 1.15;
}
.title.wide {
  font-size: calc(var(--u) * 44);
}
</style>
