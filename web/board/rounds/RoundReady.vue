<!-- Before a round: what is coming, and one button. -->
<script setup lang="ts">
import { mdiPlay } from '@mdi/js';
import { useI18n } from 'vue-i18n';

const { count } = defineProps<{ count: number }>();
const emit = defineEmits<{ start: [] }>();
const { t } = useI18n();
</script>

<template>
  <section class="ready">
    <h2 class="child-type">{{ t('board.roundReady') }}</h2>
    <p>{{ t('board.roundHint', { count }) }}</p>
    <v-btn size="x-large" :height="64" :prepend-icon="mdiPlay" @click="emit('start')">{{ t('board.round') }}</v-btn>
  </section>
</template>

<style scoped>
.ready {
  flex: 1;
  display: grid;
  place-content: center;
  justify-items: center;
  text-align: center;
  gap: calc(var(--u) * 24);
  padding: calc(var(--u) * 32);
  background: var(--raised);
  border-radius: var(--corner-board);
  box-shadow: var(--shadow);
}
h2 {
  font-size: calc(var(--u) * 72);
  line-height: 1.1;
}
p {
  font-size: calc(var(--u) * 18);
  line-height: 1.45;
  color: var(--quiet);
  max-width: 30ch;
}
</style>
