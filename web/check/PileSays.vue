<!-- What a pile says: the hardest task, reasons with their children, tablets beside it, and the decision it speaks for. -->
<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { PileSummary } from '../../contract/index.ts';
import { describeItem } from '../../core/reporting/index.ts';
import ReadinessRing from '../desk/ReadinessRing.vue';
import ReasonRow from '../desk/ReasonRow.vue';
import { useRecord } from '../class/useRecord.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import type { Marking } from './useMarking.ts';
import type { PileDesk } from './usePile.ts';

const { desk, marking } = defineProps<{ desk: PileDesk; marking: Marking }>();
const emit = defineEmits<{ close: [] }>();
const { t } = useI18n();
const store = useClassroomStore();
const { data: says, problem } = useRecord(PileSummary, () => `/piles/${desk.pile.value!.id}/summary`);

const hardest = computed(() => says.value?.tasks.find(({ task }) => task === says.value?.hardest));
/** What is asked at a place, of each form. */
const asked = (task: number): string =>
  [
    ...new Set(
      desk.pile.value!.forms.flatMap((tasks) =>
        tasks[task] ? [describeItem(tasks[task], desk.conventions.value)] : [],
      ),
    ),
  ]
    .slice(0, 3)
    .join(' · ');
const names = (ids: readonly number[]): string => ids.map((id) => store.childById.get(id)?.name ?? '').join(', ');
const secure = computed(() => says.value?.known?.levels.filter(({ level }) => level === 'secure').length ?? 0);
const seen = computed(() => says.value?.known?.levels.filter(({ level }) => level !== 'not-seen').length ?? 0);
/** The desk that shows this check: that of the lesson behind it. */
const deskOf = computed(() => {
  const check = says.value?.known?.check.number;
  const { lessons } = store.classroom!;
  const number = check === undefined ? undefined : lessons.find((lesson) => lesson.number > check)?.number;
  return number === undefined ? { name: 'desk' } : { name: 'lesson', params: { number } };
});
const open = computed(() =>
  says.value === undefined
    ? 0
    : desk.children.value.filter(
        ({ childId, form, away }) =>
          !away && marking.itemsOf(form).some((_, task) => desk.markAt(childId, task) === undefined),
      ).length,
);
</script>

<template>
  <section class="says" :aria-label="t('check.says')">
    <header>
      <h2 class="title-column">{{ t('check.says') }}</h2>
      <v-btn variant="text" :icon="mdiClose" :aria-label="t('check.backToPile')" @click="emit('close')" />
    </header>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    <p v-else-if="says === undefined" class="quiet" role="status">{{ t('app.loading') }}</p>
    <template v-else>
      <p v-if="says.tasks.length === 0">{{ t('check.nothingYet') }}</p>
      <template v-else>
        <p v-if="open > 0">{{ t('check.stillOpen', { count: open }, open) }}</p>
        <p v-if="says.unmarked.length > 0" class="quiet">
          {{ t('check.unmarked', { names: names(says.unmarked) }) }}
        </p>
        <div class="columns">
          <div>
            <h3 class="title-item">{{ t('check.tasks') }}</h3>
            <ul class="tasks">
              <li v-for="{ task, right, given } in says.tasks" :key="task" :class="{ hardest: task === says.hardest }">
                <span class="time-type">{{ task + 1 }}</span>
                <span class="asked">{{ asked(task) }}</span>
                <span>{{ t('class.nOf', { right, count: given }) }}</span>
              </li>
            </ul>
            <p v-if="hardest">
              {{ t('check.hardest', { number: hardest.task + 1, right: hardest.right, given: hardest.given }) }}
            </p>
            <p v-else>{{ t('check.noHardest') }}</p>
            <template v-if="says.tablets.length > 0">
              <h3 class="title-item">{{ t('check.tablets') }}</h3>
              <ul>
                <li v-for="one in says.tablets" :key="one.skill">
                  {{
                    t(
                      'check.tabletRow',
                      {
                        skill: t(`skills.long.${one.skill}`),
                        count: one.children,
                        paper: t('class.nOf', { right: one.paper.right, count: one.paper.given }),
                        tablet: t('class.nOf', { right: one.tablet.right, count: one.tablet.given }),
                      },
                      one.children,
                    )
                  }}
                </li>
              </ul>
            </template>
          </div>
          <div>
            <h3 class="title-item">{{ t('check.reasons') }}</h3>
            <ReasonRow
              v-for="{ reason, childIds } in says.reasons"
              :key="reason.rule"
              :reason="reason"
              :child-ids="childIds"
            />
            <p v-if="says.reasons.length === 0" class="quiet">{{ t('desk.noReason') }}</p>
            <p v-if="says.taps > 0">{{ t('check.tapsLost', { count: says.taps }, says.taps) }}</p>
            <template v-if="says.known">
              <div class="ring">
                <ReadinessRing
                  :levels="says.known.levels.map(({ level }) => level)"
                  :count="secure"
                  :caption="t('desk.ofChildren', { count: seen })"
                  :label="t('check.ringLabel', { secure, seen })"
                />
                <div v-if="says.known.suggestion" class="decision">
                  <h3 class="title-item">{{ t(`desk.decision.${says.known.suggestion}`) }}</h3>
                  <p class="quiet">{{ t('check.decideThere') }}</p>
                </div>
              </div>
            </template>
          </div>
        </div>
      </template>
      <v-btn :to="deskOf" :height="48">{{ t('check.toDesk') }}</v-btn>
    </template>
  </section>
</template>

<style scoped>
.says {
  display: grid;
  gap: 12px;
  align-content: start;
  justify-items: start;
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  justify-self: stretch;
}
.columns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 40px;
  justify-self: stretch;
}
h3 {
  margin: 12px 0 6px;
}
.tasks li {
  display: flex;
  gap: 12px;
  padding: 6px 10px;
  border-radius: 8px;
}
.tasks .asked {
  flex: 1;
}
.tasks .hardest {
  background: var(--plum-tint);
}
.ring {
  display: flex;
  align-items: center;
  gap: 20px;
  margin-top: 16px;
}
.problem {
  color: var(--berry);
  font-weight: 600;
}
@media (max-width: 860px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
