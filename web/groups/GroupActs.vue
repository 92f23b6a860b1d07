<!-- What is done with a group: at the board, on its tablets. -->
<script setup lang="ts">
import { mdiPresentation } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import type { SmallGroup } from '../../contract/index.ts';
import HandTimes from './HandTimes.vue';

const { group, lessonNumber } = defineProps<{
  group: SmallGroup;
  /** The lesson from whose desk the board is opened. */
  lessonNumber: number;
}>();
const { t } = useI18n();
</script>

<template>
  <div class="acts">
    <v-btn
      variant="tonal"
      :prepend-icon="mdiPresentation"
      :height="44"
      :to="{ name: 'board', params: { number: lessonNumber }, query: { group: group.id } }"
      >{{ t('smallGroup.board') }}</v-btn
    >
    <HandTimes :what="{ ...group, times: [...group.times, group.takeAway] }" />
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.acts .v-btn {
  padding: 0 10px;
}
</style>
