<!-- Who missed a task of a round that is over: what was noted or answered, and what the teacher says otherwise. -->
<script setup lang="ts">
import { mdiArrowLeft } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import type { Child, Round } from '../../../contract/index.ts';
import type { RoundItem } from '../../../core/rounds/index.ts';
import WhoMissed from './WhoMissed.vue';
import { useLookBack } from './useLookBack.ts';

const { round, index, children, names, nameOf } = defineProps<{
  round: Round;
  index: number;
  children: readonly Child[];
  names: boolean;
  nameOf: (item: RoundItem) => string;
}>();
const emit = defineEmits<{ back: [] }>();
const { t } = useI18n();
const { stateOf, problem, toggleMissed, toggleOut, allRight } = useLookBack(
  () => round,
  () => index,
);
</script>

<template>
  <div class="look-back">
    <v-btn variant="text" :prepend-icon="mdiArrowLeft" class="back" @click="emit('back')">{{
      t('round.backToDone')
    }}</v-btn>
    <WhoMissed
      :over="nameOf(round.entries[index]!.item)"
      :names="names"
      :children="children"
      :state-of="stateOf"
      @missed="toggleMissed"
      @away="toggleOut"
      @all-right="allRight(children)"
    />
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  </div>
</template>

<style scoped>
.look-back {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
  align-items: stretch;
}
.back {
  align-self: flex-start;
}
</style>
