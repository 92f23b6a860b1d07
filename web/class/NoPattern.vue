<!-- A child whose wrong answers do not fit together yet: the tasks that would tell most, and practice that asks them. -->
<script setup lang="ts">
import { mdiTabletCellphone } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { ChildAnswers } from '../../contract/index.ts';
import { describeItem } from '../../core/reporting/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useHandNeeds } from './useHandNeeds.ts';

const { tasks, childId } = defineProps<{ tasks: ChildAnswers['next']; childId: number }>();
const { t } = useI18n();
const store = useClassroomStore();
const told = computed(() => tasks.map((item) => describeItem(item, store.classroom!.settings)));
const { handed, problem, hand } = useHandNeeds(() => childId);
</script>

<template>
  <section class="none">
    <h2 class="title-column">{{ t('child.noPattern') }}</h2>
    <p class="quiet">{{ t('child.wouldTell') }}</p>
    <ul>
      <li v-for="task in told" :key="task">{{ task }}</li>
    </ul>
    <v-btn variant="tonal" :prepend-icon="mdiTabletCellphone" :height="44" :disabled="handed" @click="hand">{{
      t(handed ? 'child.practising' : 'child.practiseAny')
    }}</v-btn>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  </section>
</template>

<style scoped>
.none {
  display: grid;
  gap: 6px;
  justify-items: start;
  margin-bottom: 18px;
}
.problem {
  color: var(--berry);
  font-weight: 600;
}
</style>
