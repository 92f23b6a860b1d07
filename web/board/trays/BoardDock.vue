<!-- The slim dock: home, the trays, and back and next of whatever is being done. -->
<script setup lang="ts">
import {
  mdiArrowLeft,
  mdiArrowRight,
  mdiCircleHalfFull,
  mdiClose,
  mdiClockEditOutline,
  mdiHomeOutline,
  mdiPlayCircleOutline,
  mdiAccountGroupOutline,
} from '@mdi/js';
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useStageStore, type Tray } from '../../stores/stage.ts';

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
  closes = false,
} = defineProps<{
  trays?: readonly Tray[];
  /** What else can be done here. */
  extra?: readonly DockAct[];
  /** Names of going back and on, with their keys. */
  back: string;
  next: string;
  /** Is something shown over the clock, which is closed here? Otherwise home leads to the desk. */
  closes?: boolean;
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
/** What a button needs beyond a deed: whether it stands out, and whether what it opens is open. */
interface Button extends DockAct {
  readonly main?: boolean;
  readonly expanded?: boolean;
}
const buttons = computed((): readonly Button[] => [
  closes
    ? { key: 'leave', icon: mdiClose, label: t('board.close'), act: () => emit('leave') }
    : { key: 'leave', icon: mdiHomeOutline, label: t('board.leave'), act: () => emit('leave') },
  ...trays.map((tray) => ({
    key: tray,
    icon: ICONS[tray]!,
    label: t(LABELS[tray]!),
    act: () => stage.pull(tray),
    expanded: stage.tray === tray,
  })),
  ...extra,
  { key: 'back', icon: mdiArrowLeft, label: back, act: () => emit('back') },
  { key: 'next', icon: mdiArrowRight, label: next, act: () => emit('next'), main: true },
]);
watch(buttons, (all) => (stage.dockLabels = all.map(({ label }) => label)), { immediate: true });
</script>

<template>
  <div class="dock" role="toolbar" :aria-label="t('board.dock')">
    <button
      v-for="{ key, icon, label, act, main, expanded } in buttons"
      :key="key"
      type="button"
      :data-act="key"
      :aria-label="label"
      :title="label"
      :aria-expanded="expanded"
      :class="{ main, on: expanded }"
      @click="act"
    >
      <v-icon :icon="icon" />
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
