<!-- Everything that can be shown or done with the class, to choose from. -->
<script setup lang="ts">
import {
  mdiArrowExpandHorizontal,
  mdiCalendarClockOutline,
  mdiChartPie,
  mdiCheckDecagramOutline,
  mdiClockEnd,
  mdiClockOutline,
  mdiFastForwardOutline,
  mdiClockTimeTwoOutline,
  mdiCounter,
  mdiThemeLightDark,
  mdiClockDigital,
  mdiCircleHalfFull,
  mdiClockStart,
  mdiHelpCircleOutline,
  mdiHumanHandsup,
  mdiLabelOutline,
  mdiNumeric,
  mdiPencilOutline,
  mdiRefresh,
  mdiScaleBalance,
  mdiSortClockAscendingOutline,
  mdiTimerOutline,
  mdiTimerSand,
  mdiViewGridOutline,
} from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { ACTIVITIES, type Show } from '../../../core/activities/index.ts';
import { DEMONSTRATIONS } from '../../../core/demonstrations/index.ts';
import { BOARD_TOOLS, useStageStore, type BoardTool } from '../../stores/stage.ts';
import PillRow from '../../look/PillRow.vue';
import TrayTiles from './TrayTiles.vue';

type Tile = Show | BoardTool;
const { t } = useI18n();
const stage = useStageStore();
const ICONS: Record<Tile, string> = {
  'empty-clock': mdiClockOutline,
  quiz: mdiFastForwardOutline,
  'which-of': mdiViewGridOutline,
  'once-round': mdiRefresh,
  'half-way': mdiCircleHalfFull,
  'next-hour': mdiClockStart,
  'which-hour': mdiHelpCircleOutline,
  'three-ways': mdiClockDigital,
  'draw-it': mdiPencilOutline,
  'a-minute': mdiTimerSand,
  quarters: mdiChartPie,
  fives: mdiClockTimeTwoOutline,
  'minutes-to': mdiClockEnd,
  'day-and-night': mdiThemeLightDark,
  'digits-count': mdiCounter,
  'how-long': mdiHumanHandsup,
  'what-first': mdiSortClockAscendingOutline,
  parts: mdiLabelOutline,
  'place-day': mdiCalendarClockOutline,
  'from-to': mdiArrowExpandHorizontal,
  possible: mdiCheckDecagramOutline,
  'can-be': mdiNumeric,
  'six-or-seven': mdiScaleBalance,
  'two-lengths': mdiTimerOutline,
};
/** What plays while the class watches, and what it does itself: more than one tray can show at a time. */
const GROUPS = ['watch', 'do'] as const;
const OF_GROUP = { watch: DEMONSTRATIONS, do: [...BOARD_TOOLS, ...ACTIVITIES] } as const;
const tiles = computed(() => OF_GROUP[stage.showGroup].map((id) => ({ id: id as Tile, name: t(`show.${id}`) })));
</script>

<template>
  <TrayTiles :title="t('board.showTray')" :tiles="tiles" :columns="4" @choose="stage.beginShow">
    <template #head>
      <PillRow
        name="show"
        :label="t('board.showTray')"
        :choices="GROUPS.map((key) => ({ key, label: t(`board.showGroup.${key}`) }))"
        :on="[stage.showGroup]"
        @choose="(group) => (stage.showGroup = group)"
      />
    </template>
    <template #picture="{ tile }"><v-icon :icon="ICONS[tile.id]" class="picture" /></template>
  </TrayTiles>
</template>

<style scoped>
.picture {
  height: calc(var(--u) * 34);
  font-size: calc(var(--u) * 30);
  color: var(--plum);
}
</style>
