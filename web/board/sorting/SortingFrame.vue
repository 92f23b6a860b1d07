<!-- The room of a board on which pictures are sorted: the question, the pictures, what to do, and a dock that checks. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { useStageStore } from '../../stores/stage.ts';
import BoardDock from '../BoardDock.vue';
import BoardLayout from '../BoardLayout.vue';
import ShowTray from '../ShowTray.vue';

const { ask, hint } = defineProps<{
  ask: string;
  /** How to sort, or how far it is right. */
  hint: string;
}>();
const emit = defineEmits<{ leave: []; again: []; next: [] }>();
const { t } = useI18n();
const stage = useStageStore();
</script>

<template>
  <BoardLayout shape="wide">
    <template #top
      ><h2 class="ask child-type">{{ ask }}</h2></template
    >
    <ShowTray v-if="stage.tray === 'show'" />
    <template v-else>
      <slot />
      <p class="hint" role="status">{{ hint }}</p>
    </template>
    <template #dock>
      <BoardDock
        :trays="['show']"
        :back="t('sort.again')"
        :next="t('sort.check')"
        @leave="emit('leave')"
        @back="emit('again')"
        @next="emit('next')"
      />
    </template>
  </BoardLayout>
</template>

<style scoped>
.ask {
  height: 100%;
  display: grid;
  place-items: center;
  font-size: calc(var(--u) * 44);
}
.hint {
  font-size: calc(var(--u) * 18);
  line-height: 1.3;
  color: var(--quiet);
}
</style>
