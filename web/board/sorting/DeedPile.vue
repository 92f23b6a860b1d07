<!-- Things to do that lie in one place; each is dragged, tapped or sent off by a key. -->
<script setup lang="ts">
import { VueDraggable } from 'vue-draggable-plus';
import type { Deed } from '../../../core/items/index.ts';
import { DEED_PICTURES } from '../../../core/pictures/index.ts';
import SortTile from './SortTile.vue';

const { right, taken, nameOf } = defineProps<{
  /** What was found to lie right. */
  right: ReadonlySet<Deed>;
  /** What was tapped, to be put somewhere by the next tap. */
  taken: Deed | undefined;
  nameOf: (deed: Deed) => string;
}>();
const deeds = defineModel<Deed[]>({ required: true });
const emit = defineEmits<{ take: [deed: Deed]; key: [event: KeyboardEvent, deed: Deed] }>();
</script>

<template>
  <VueDraggable v-model="deeds" group="deeds" :animation="180">
    <SortTile
      v-for="deed in deeds"
      :key="deed"
      :picture="DEED_PICTURES[deed]"
      :name="nameOf(deed)"
      :state="right.has(deed) ? 'right' : taken === deed ? 'taken' : 'open'"
      :data-deed="deed"
      @click="emit('take', deed)"
      @keydown="emit('key', $event, deed)"
    />
  </VueDraggable>
</template>
