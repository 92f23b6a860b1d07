<!-- All lenses to choose from; several may be on. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../../contract/index.ts';
import { LENSES, type Lens } from '../../../core/face/index.ts';
import { useStageStore } from '../../stores/stage.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import TrayTiles from '../trays/TrayTiles.vue';
import LensPicture from './LensPicture.vue';
import { LENS_KEYS } from './lensKeys.ts';

const { settings, pair = false } = defineProps<{ settings: Settings; pair?: boolean }>();
const { t } = useI18n();
const stage = useStageStore();
const words = useClockWords(() => settings);
const tiles = computed(() =>
  LENSES.filter((lens) => pair || lens !== 'two-clocks').map((lens) => ({
    id: lens,
    name: t(`lens.${lens}`, words.hands.value),
    key: LENS_KEYS[lens],
    on: stage.lenses.includes(lens),
  })),
);
</script>

<template>
  <TrayTiles :title="t('board.lenses')" :tiles="tiles" @choose="(lens: Lens) => stage.toggle(lens)">
    <template #picture="{ tile }"><LensPicture :lens="tile.id" /></template>
  </TrayTiles>
</template>
