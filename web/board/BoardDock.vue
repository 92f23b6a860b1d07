<!-- The slim dock: home, the trays, and back and next of whatever is being done. -->
<script setup lang="ts">
import {
  mdiArrowLeft,
  mdiArrowRight,
  mdiCircleHalfFull,
  mdiClockEditOutline,
  mdiHomeOutline,
  mdiPlayCircleOutline,
  mdiAccountGroupOutline,
} from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useStageStore, type Tray } from '../stores/stage.ts';

export interface DockAct {
  readonly key: string;
  readonly icon: string;
  readonly label: string;
  readonly act: () => void;
}
const {
  trays = ['lenses', 'show', 'round', 'clock'],
  extra = [],
  back,
  next,
} = defineProps<{
  trays?: readonly Tray[];
  /** What else can be done here. */
  extra?: readonly DockAct[];
  /** Names of going back and on, with their keys. */
  back: string;
  next: string;
}>();
const emit = defineEmits<{ leave: []; back: []; next: [] }>();
const { t } = useI18n();
const stage = useStageStore();
const ICONS: Partial<Record<Tray, string>> = {
  lenses: mdiCircleHalfFull,
  show: mdiPlayCircleOutline,
  round: mdiAccountGroupOutline,
  clock: mdiClockEditOutline,
};
const LABELS: Partial<Record<Tray, string>> = {
  lenses: 'board.openLenses',
  show: 'board.openShow',
  round: 'board.openRound',
  clock: 'board.openClock',
};
const pulls = computed(() => trays.map((tray) => ({ tray, icon: ICONS[tray]!, label: t(LABELS[tray]!) })));
</script>

<template>
  <div class="dock" role="toolbar" :aria-label="t('board.dock')">
    <button
      type="button"
      data-act="leave"
      :aria-label="t('board.leave')"
      :title="t('board.leave')"
      @click="emit('leave')"
    >
      <v-icon :icon="mdiHomeOutline" />
    </button>
    <button
      v-for="{ tray, icon, label } in pulls"
      :key="tray"
      type="button"
      :data-act="tray"
      :aria-label="label"
      :title="label"
      :aria-expanded="stage.tray === tray"
      :class="{ on: stage.tray === tray }"
      @click="stage.pull(tray)"
    >
      <v-icon :icon="icon" />
    </button>
    <button
      v-for="item in extra"
      :key="item.key"
      type="button"
      :data-act="item.key"
      :aria-label="item.label"
      :title="item.label"
      @click="item.act"
    >
      <v-icon :icon="item.icon" />
    </button>
    <button type="button" data-act="back" :aria-label="back" :title="back" @click="emit('back')">
      <v-icon :icon="mdiArrowLeft" />
    </button>
    <button type="button" data-act="next" class="main" :aria-label="next" :title="next" @click="emit('next')">
      <v-icon :icon="mdiArrowRight" />
    </button>
  </div>
</template>

<style scoped>
.dock {
  flex: none;
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 64px;
  height: calc(var(--u) * 68);
  padding: 0 calc(var(--u) * 8);
  border-radius: 999px;
  background: var(--raised);
  box-shadow: var(--shadow);
}
button {
  flex: 0 1 48px;
  aspect-ratio: 1;
  border-radius: 50%;
  display: grid;
  place-items: center;
  color: var(--ink);
}
button:hover,
button.on {
  background: var(--plum-tint);
}
button.on {
  box-shadow: inset 0 0 0 2px var(--plum);
}
button.main {
  background: var(--plum);
  color: #fff;
}
</style>
