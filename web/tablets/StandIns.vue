<!-- Made-up children at made-up tablets, for trying things out: clearly marked, and gone in one step. -->
<script setup lang="ts">
import { mdiAccountMultiplePlusOutline, mdiAccountMultipleRemoveOutline } from '@mdi/js';
import { useI18n } from 'vue-i18n';

const { running, answers, busy } = defineProps<{ running: number; answers: number; busy: boolean }>();
const emit = defineEmits<{ fill: [pace: number]; empty: [] }>();
const { t } = useI18n();
</script>

<template>
  <section class="stand-ins">
    <p>
      <strong>{{ t('tablets.standInsTitle') }}</strong>
      <span class="quiet">{{
        running > 0 || answers > 0 ? t('tablets.standInsNow', { count: running, answers }) : t('tablets.standInsHint')
      }}</span>
    </p>
    <v-btn
      variant="tonal"
      :height="48"
      :prepend-icon="mdiAccountMultiplePlusOutline"
      :disabled="busy"
      @click="emit('fill', 1)"
      >{{ t('tablets.fill') }}</v-btn
    >
    <v-btn
      v-if="running > 0 || answers > 0"
      variant="text"
      :height="48"
      :prepend-icon="mdiAccountMultipleRemoveOutline"
      :disabled="busy"
      @click="emit('empty')"
      >{{ t('tablets.empty') }}</v-btn
    >
  </section>
</template>

<style scoped>
.stand-ins {
  margin-top: 18px;
  padding: 12px 16px;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px 16px;
  border-radius: var(--corner);
  border: 2px dashed var(--line);
}
p {
  flex: 1 1 220px;
  display: grid;
}
</style>
