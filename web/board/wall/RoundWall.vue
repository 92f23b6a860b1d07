<!-- The wall of a round: what the tablets have for the task of now. -->
<script setup lang="ts">
import { computed } from 'vue';
import type { Child, Round, Settings } from '../../../contract/index.ts';
import { useBoardStore } from '../../stores/board.ts';
import TabletWall from './TabletWall.vue';
import type { ReadAnswer } from '../../../core/answers/index.ts';
import { onTablet, type OnTablet } from './onTablet.ts';
import { useDrawings } from './useDrawings.ts';

const { round, children, settings } = defineProps<{
  round: Round;
  children: readonly Child[];
  settings: Settings;
}>();
const board = useBoardStore();
const drawings = useDrawings(() => round);
/** None where its lines are still on their way. */
const seen = (childId: number, read: ReadAnswer): OnTablet | undefined => {
  if (read.kind !== 'drawing') return onTablet(read, undefined);
  const drawing = drawings.value.get(childId);
  return drawing && onTablet(read, drawing);
};
const answers = computed(
  () =>
    new Map(
      (board.state?.answers ?? []).flatMap(({ childId, index, read, source }) =>
        index === round.index && source !== 'teacher' ? [[childId, seen(childId, read)] as const] : [],
      ),
    ),
);
</script>

<template>
  <TabletWall
    :children="children"
    :item="round.entries[round.index]!.item"
    :settings="settings"
    :drafts="board.drafts"
    :answers="answers"
    :seated="board.state?.stations ?? []"
  />
</template>
