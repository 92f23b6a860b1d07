<!-- One place of a pile: what was seen there, and its name for who cannot see it. Drawn anew only when its own mark changes. -->
<script setup lang="ts">
import { computed } from 'vue';
import type { PileChild, PileMark } from '../../contract/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import type { Item } from '../../core/items/index.ts';
import MarkSign from './MarkSign.vue';
import { useCellWords } from './useCellWords.ts';

const { child, task, item, mark, conventions, isHere } = defineProps<{
  child: PileChild;
  task: number;
  item: Item;
  mark: PileMark | undefined;
  conventions: Conventions;
  isHere: boolean;
}>();
const words = useCellWords();
const label = computed(() => words.cell(child, task, item, mark, conventions));
</script>

<template>
  <button
    type="button"
    data-marks
    class="cell"
    :class="[mark?.verdict, { here: isHere }]"
    :tabindex="isHere ? 0 : -1"
    :aria-label="label"
    :aria-current="isHere ? 'true' : undefined"
  >
    <MarkSign :mark="mark" :item="item" :conventions="conventions" :px="20" />
  </button>
</template>

<style scoped>
.cell {
  display: grid;
  place-items: center;
  width: 100%;
  height: calc(var(--row) - 2px);
  border-radius: 6px;
  background: var(--sand-light);
  font-size: 14px;
  line-height: 18px;
  overflow: hidden;
}
.cell.right {
  background: var(--moss-1);
}
.cell.wrong,
.cell.nearly,
.cell.unreadable {
  background: var(--sand);
}
.here,
.here:focus-visible {
  outline: 3px solid var(--plum);
  outline-offset: -3px;
}
</style>
