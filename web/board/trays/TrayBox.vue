<!-- What is laid out beside the clock for a while: a title, a way to close it, and its content. -->
<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { onMounted, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { useStageStore } from '../../stores/stage.ts';

const { title } = defineProps<{ title: string }>();
const { t } = useI18n();
const stage = useStageStore();
const tray = useTemplateRef('tray');
// Whoever opened it by key goes on by key.
onMounted(() => tray.value?.focus({ preventScroll: true }));
</script>

<template>
  <section ref="tray" class="tray" tabindex="-1" :aria-label="title">
    <header>
      <h2 class="title-column">{{ title }}</h2>
      <button
        type="button"
        :aria-label="t('board.closeTray')"
        :title="t('board.closeTray')"
        @click="stage.tray = undefined"
      >
        <v-icon :icon="mdiClose" />
      </button>
    </header>
    <slot />
  </section>
</template>

<style scoped>
.tray {
  flex: 1;
  min-height: 0;
  overflow: auto;
  padding: calc(var(--u) * 10) calc(var(--u) * 14) calc(var(--u) * 14);
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
}
.tray:focus {
  outline: none;
}
header {
  align-self: stretch;
  display: flex;
  align-items: center;
  justify-content: space-between;
}
header button {
  width: 48px;
  height: 48px;
  border-radius: 50%;
  display: grid;
  place-items: center;
}
</style>
