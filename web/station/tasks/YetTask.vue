<!-- Is it that time yet? A clock, and yes or not yet. -->
<script setup lang="ts">
import { mdiCheckBold, mdiTimerSand } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import type { Answer } from '../../../core/items/index.ts';
import MdiIcon from '../MdiIcon.vue';
import ClockTiles from './ClockTiles.vue';
import type { TaskProps } from './task.ts';
import { useTiles } from './useTiles.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'yet'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
type Said = 'yes' | 'not';
const ICONS: Readonly<Record<Said, string>> = { yes: mdiCheckBold, not: mdiTimerSand };
const options = (['yes', 'not'] as const).map((key) => ({ key, label: t(`station.yet.${key}`) }));
const tiles = useTiles<Said>({
  answer,
  chosenIn: (one) => (one.kind === 'yes-no' ? [one.yes ? 'yes' : 'not'] : []),
  answerOf: ([said]) => said && { kind: 'yes-no', yes: said === 'yes' },
});
defineExpose({ undo: tiles.undo });
</script>

<template>
  <ClockTiles
    v-slot="{ option }"
    class="yet"
    :time="item.shown"
    :settings="settings"
    :light="light"
    :options="options"
    :chosen="tiles.chosen()"
    :right="tiles.right(shown)"
    :open="open"
    @choose="tiles.choose"
  >
    <MdiIcon :path="ICONS[option.key]" :px="64" />{{ option.label }}
  </ClockTiles>
</template>

<style scoped>
.yet :deep(.tile) {
  min-width: min(160px, 2 * var(--tap));
  min-height: calc(1.6 * var(--tap));
}
</style>
