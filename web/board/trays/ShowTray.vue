<!-- Everything that can be shown or done with the class, to choose from. -->
<script setup lang="ts">
import {
  mdiCheckDecagramOutline,
  mdiClockDigital,
  mdiCircleHalfFull,
  mdiClockStart,
  mdiHelpCircleOutline,
  mdiHumanHandsup,
  mdiLabelOutline,
  mdiPencilOutline,
  mdiRefresh,
  mdiSortClockAscendingOutline,
  mdiTimerSand,
} from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { DEMONSTRATIONS, type DemonstrationKind } from '../../../core/demonstrations/index.ts';
import { useStageStore, type Activity } from '../../stores/stage.ts';
import TrayTiles from './TrayTiles.vue';

type Show = DemonstrationKind | Exclude<Activity['kind'], 'clock' | 'demonstration'>;
const OTHERS = ['how-long', 'what-first', 'parts', 'possible'] as const;
const { t } = useI18n();
const stage = useStageStore();
const ICONS: Record<Show, string> = {
  'once-round': mdiRefresh,
  'half-way': mdiCircleHalfFull,
  'next-hour': mdiClockStart,
  'which-hour': mdiHelpCircleOutline,
  'three-ways': mdiClockDigital,
  'draw-it': mdiPencilOutline,
  'a-minute': mdiTimerSand,
  'how-long': mdiHumanHandsup,
  'what-first': mdiSortClockAscendingOutline,
  parts: mdiLabelOutline,
  possible: mdiCheckDecagramOutline,
};
const tiles = computed(() => [...DEMONSTRATIONS, ...OTHERS].map((id) => ({ id: id as Show, name: t(`show.${id}`) })));
const isDemonstration = (id: Show): id is DemonstrationKind => (DEMONSTRATIONS as readonly Show[]).includes(id);
const choose = (id: Show): void =>
  stage.begin(isDemonstration(id) ? { kind: 'demonstration', show: id } : { kind: id });
</script>

<template>
  <TrayTiles :title="t('board.showTray')" :tiles="tiles" @choose="choose">
    <template #picture="{ tile }"><v-icon :icon="ICONS[tile.id]" class="picture" /></template>
  </TrayTiles>
</template>

<style scoped>
.picture {
  height: calc(var(--u) * 56);
  font-size: calc(var(--u) * 42);
  color: var(--plum);
}
</style>
