<!-- What is done with a group: at the board, on its tablets. -->
<script setup lang="ts">
import { mdiPresentation } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import type { SmallGroup } from '../../contract/index.ts';
import HandTimes from './HandTimes.vue';
import { useGroupWords } from './useGroupWords.ts';

const {
  group,
  lessonId,
  compact = false,
} = defineProps<{
  group: SmallGroup;
  /** The lesson from whose desk the board is opened. */
  lessonId: number;
  /** Glyphs alone, with their words for whoever cannot see them. */
  compact?: boolean;
}>();
const { t } = useI18n();
const words = useGroupWords();
</script>

<template>
  <div class="acts">
    <v-btn
      v-if="compact"
      variant="text"
      size="44"
      :icon="mdiPresentation"
      :aria-label="t('groups.board', { name: words.name(group) })"
      :title="t('smallGroup.board')"
      :to="{ name: 'board', params: { lesson: lessonId }, query: { group: group.id } }"
    />
    <v-btn
      v-else
      variant="tonal"
      :prepend-icon="mdiPresentation"
      :height="44"
      :to="{ name: 'board', params: { lesson: lessonId }, query: { group: group.id } }"
      >{{ t('smallGroup.board') }}</v-btn
    >
    <HandTimes
      :compact="compact"
      :of="words.name(group)"
      :what="{ ...group, times: [...group.times, group.takeAway] }"
    />
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
