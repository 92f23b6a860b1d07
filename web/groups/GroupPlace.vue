<!-- A place where children are put: a group, those on their own, those away. Chips are dragged in and out. -->
<script setup lang="ts">
import { ref, watch } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';

const { childIds, place } = defineProps<{ childIds: readonly number[]; place: string }>();
const emit = defineEmits<{ put: [childId: number] }>();
defineSlots<{ default: (props: { childId: number }) => unknown }>();

/** What stands here while something is dragged; then what is kept. */
const list = ref<number[]>([]);
watch(
  () => childIds,
  (kept) => (list.value = [...kept]),
  { immediate: true },
);
const added = (event: { newIndex?: number | undefined }): void => {
  const childId = event.newIndex === undefined ? undefined : list.value[event.newIndex];
  if (childId !== undefined) emit('put', childId);
};
</script>

<template>
  <VueDraggable
    v-model="list"
    tag="ul"
    group="children"
    :animation="180"
    :sort="false"
    :data-place="place"
    class="place"
    @add="added"
  >
    <li v-for="childId in list" :key="childId"><slot :child-id="childId" /></li>
  </VueDraggable>
</template>

<style scoped>
.place {
  min-height: 48px;
  display: grid;
  gap: 4px;
  align-content: start;
}
</style>
