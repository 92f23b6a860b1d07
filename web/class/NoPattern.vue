<!-- A child whose wrong answers do not fit together yet: the tasks that would tell most, and practice that asks them. -->
<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { ChildAnswers } from '../../contract/index.ts';
import { describeItem } from '../../core/reporting/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { addressOfTasks } from '../sheets/tasksInAddress.ts';
import HandPractice from './HandPractice.vue';

const { tasks, childId } = defineProps<{ tasks: ChildAnswers['next']; childId: number }>();
const { t } = useI18n();
const store = useClassroomStore();
const told = computed(() => tasks.map((item) => describeItem(item, store.classroom!.settings)));
</script>

<template>
  <section class="none">
    <h2 class="title-column">{{ t('child.noPattern') }}</h2>
    <p class="quiet">{{ t('child.wouldTell') }}</p>
    <ul>
      <li v-for="task in told" :key="task">{{ task }}</li>
    </ul>
    <div class="acts">
      <HandPractice
        :child-id="childId"
        :source="{ what: 'tasks', items: [...tasks] }"
        :label="t('child.handThese', tasks.length)"
      />
      <v-btn
        variant="text"
        :prepend-icon="mdiPrinterOutline"
        :height="44"
        :to="{ name: 'sheets', query: { show: 'alone', child: childId, tasks: addressOfTasks(tasks) } }"
        >{{ t('child.onPaper') }}</v-btn
      >
    </div>
  </section>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.none {
  display: grid;
  gap: 6px;
  justify-items: start;
  margin-bottom: 18px;
}
</style>
