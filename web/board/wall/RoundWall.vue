<!-- The wall of a round: what the tablets have for the task of now. -->
<script setup lang="ts">
import { computed } from 'vue';
import type { Child, Round, Settings } from '../../../contract/index.ts';
import { useBoardStore } from '../../stores/board.ts';
import TabletWall from './TabletWall.vue';
import { isDrawn, useDrawings } from './useDrawings.ts';

const { round, children, settings } = defineProps<{
  round: Round;
  children: readonly Child[];
  settings: Settings;
}>();
const board = useBoardStore();
const drawings = useDrawings(() => round);
const answers = computed(
  () =>
    new Map(
      (board.state?.answers ?? []).flatMap(({ childId, index, answer, source }) =>
        index === round.index && source !== 'teacher'
          ? [[childId, isDrawn(answer) ? drawings.value.get(childId) : answer] as const]
          : [],
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
