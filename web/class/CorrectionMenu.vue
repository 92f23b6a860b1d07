<!-- What a teacher can say of an answer afterwards. -->
<script setup lang="ts">
import { mdiPencilOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { LookedAtAnswer, PostCorrection } from '../../contract/index.ts';
import { OUT_WHYS, type OutWhy } from '../../core/marking/index.ts';

const { row, task } = defineProps<{ row: LookedAtAnswer; task: string }>();
const emit = defineEmits<{ say: [says: PostCorrection['says'], why?: OutWhy] }>();
const { t } = useI18n();
/** How it counts now: "nearly" is had. */
const counts = computed(() => row.says ?? (['right', 'nearly'].includes(row.verdict) ? 'had' : 'missed'));
const choices = computed((): PostCorrection['says'][] => [
  ...(['had', 'missed', 'out'] as const).filter((says) => says !== counts.value),
  ...(row.says === null ? [] : (['as-given'] as const)),
]);
</script>

<template>
  <v-menu>
    <template #activator="{ props: activator }">
      <v-btn v-bind="activator" icon variant="text" size="40" class="correct" :aria-label="t('child.correct', { task })"
        ><v-icon :icon="mdiPencilOutline" size="18"
      /></v-btn>
    </template>
    <v-list>
      <v-list-item
        v-for="says in choices"
        :key="says"
        :title="t(`child.say.${says}`)"
        :data-says="says"
        @click="emit('say', says)"
      />
      <template v-if="counts !== 'out'">
        <v-list-subheader>{{ t('child.outBecause') }}</v-list-subheader>
        <v-list-item
          v-for="why in OUT_WHYS"
          :key="why"
          :title="t(`child.outWhy.${why}`)"
          :data-why="why"
          @click="emit('say', 'out', why)"
        />
      </template>
    </v-list>
  </v-menu>
</template>

<style scoped>
.correct:not(:hover, :focus-visible) {
  color: var(--quiet);
}
</style>
