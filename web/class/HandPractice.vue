<!-- One tap hands a child practice: by what it needs, or some tasks. -->
<script setup lang="ts">
import { mdiTabletCellphone } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import type { SetSource } from '../../contract/index.ts';
import { useHandPractice } from './useHandPractice.ts';

const { childId, source, label } = defineProps<{ childId: number; source: SetSource; label: string }>();
const { t } = useI18n();
const { handed, problem, hand } = useHandPractice(
  () => childId,
  () => source,
);
</script>

<template>
  <div>
    <v-btn variant="tonal" :prepend-icon="mdiTabletCellphone" :height="44" :disabled="handed" @click="hand">{{
      handed ? t('child.practising') : label
    }}</v-btn>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  </div>
</template>
