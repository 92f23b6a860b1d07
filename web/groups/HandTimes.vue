<!-- One tap hands times to the tablets of some children. -->
<script setup lang="ts">
import { mdiCheck, mdiTabletCellphone } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import type { SmallGroup } from '../../contract/index.ts';
import { useHandTimes } from './useHandTimes.ts';

const {
  what,
  of,
  compact = false,
} = defineProps<{
  what: Pick<SmallGroup, 'task' | 'times'> & { readonly childIds: readonly number[] };
  /** Whose tablets, for whoever cannot see what it stands beside. */
  of: string;
  compact?: boolean;
}>();
const { t } = useI18n();
const { handed, problem, hand } = useHandTimes(() => what);
</script>

<template>
  <v-btn
    v-if="compact"
    variant="text"
    size="44"
    :icon="handed ? mdiCheck : mdiTabletCellphone"
    :aria-label="t(handed ? 'groups.handed' : 'groups.hand', { name: of })"
    :title="t(handed ? 'smallGroup.handed' : 'smallGroup.hand')"
    :disabled="handed"
    @click="hand"
  />
  <v-btn
    v-else
    variant="tonal"
    class="hand"
    :prepend-icon="mdiTabletCellphone"
    :height="44"
    :disabled="handed || what.childIds.length === 0"
    @click="hand"
    >{{ t(handed ? 'smallGroup.handed' : 'smallGroup.hand') }}</v-btn
  >
  <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
</template>

<style scoped>
.hand {
  padding: 0 10px;
}
</style>
