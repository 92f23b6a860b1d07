<!-- What a pile says: the hardest task, reasons with their children, tablets beside it, and the decision it speaks for. -->
<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { asGiven } from '../../core/answers/index.ts';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { PileSummary } from '../../contract/index.ts';
import { echoOf } from '../../core/checking/index.ts';
import type { Answer, Item } from '../../core/items/index.ts';
import { describeItem, ruleText, teacherSentence } from '../../core/reporting/index.ts';
import ReadinessRing from '../desk/ReadinessRing.vue';
import ReasonRow from '../desk/ReasonRow.vue';
import { useRecord } from '../class/useRecord.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import AnswerLook from '../clock/AnswerLook.vue';
import type { Marking } from './useMarking.ts';
import type { PileDesk } from './usePile.ts';

const { desk, marking } = defineProps<{ desk: PileDesk; marking: Marking }>();
const emit = defineEmits<{ close: [] }>();
const { t } = useI18n();
const store = useClassroomStore();
const { data: says, problem } = useRecord(PileSummary, () => `/piles/${desk.pile.value!.id}/summary`);

const hardest = computed(() => says.value?.tasks.find(({ task }) => task === says.value?.hardest));
interface Gave {
  readonly item: Item;
  readonly answer: Answer;
  readonly echo: string;
  readonly count: number;
}
/** Wrong answers most given to a task, whatever form it stands on. */
const MOST_GAVE = 3;
const gaveInstead = (task: number): Gave[] => {
  const found = new Map<string, Gave>();
  for (const { childId, form } of desk.children.value) {
    const mark = desk.markAt(childId, task);
    const item = marking.itemsOf(form)[task];
    const answer = mark === undefined || mark.verdict === 'right' ? undefined : asGiven(mark.read);
    if (item === undefined || answer === undefined) continue;
    if (answer.kind === 'observed' || answer.kind === 'no-answer') continue;
    const echo = echoOf(item, answer, desk.conventions.value);
    const known = found.get(echo);
    found.set(echo, { item, answer: known?.answer ?? answer, echo, count: (known?.count ?? 0) + 1 });
  }
  return [...found.values()].sort((a, b) => b.count - a.count).slice(0, MOST_GAVE);
};
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
  const next = check === undefined ? undefined : lessons.find((lesson) => lesson.number > check);
  return next === undefined ? { name: 'desk' } : { name: 'lesson', params: { lesson: next.id } };
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
                <span
                  v-for="(one, i) in gaveInstead(task)"
                  :key="i"
                  class="gave"
                  :title="one.echo"
                  role="img"
                  :aria-label="t('check.gave', { count: one.count, answer: one.echo })"
                >
                  <AnswerLook :item="one.item" :answer="one.answer" :conventions="desk.conventions.value" :px="26" />
                  <span aria-hidden="true">{{ `× ${one.count}` }}</span>
                </span>
                <span class="share">{{ t('class.nOf', { right, count: given }) }}</span>
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
            <v-btn :to="deskOf" :height="48" class="to-desk">{{ t('check.toDesk') }}</v-btn>
          </div>
          <div>
            <h3 class="title-item">{{ t('check.reasons') }}</h3>
            <ReasonRow
              v-for="{ reason, childIds } in says.reasons"
              :key="reason.need"
              :reason="reason"
              :child-ids="childIds"
            />
            <p v-if="says.reasons.length === 0" class="quiet">{{ t('desk.noReason') }}</p>
            <h3 class="title-item">{{ t('check.fits') }}</h3>
            <p v-if="says.fits.length === 0" class="quiet">{{ t('check.fitsNone') }}</p>
            <ul class="fits">
              <li v-for="{ rule, childIds } in says.fits" :key="rule">
                <strong>{{ teacherSentence(ruleText(rule, 'name'), desk.conventions.value) }}</strong>
                <span>{{ names(childIds) }}</span>
              </li>
            </ul>
            <p v-if="says.taps > 0">{{ t('check.tapsLost', { count: says.taps }, says.taps) }}</p>
          </div>
        </div>
      </template>
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
  align-items: center;
  gap: 12px;
  padding: 6px 10px;
  border-radius: 8px;
}
.tasks .asked {
  flex: 1;
}
.gave {
  display: inline-flex;
  align-items: center;
  gap: 4px;
  min-height: 26px;
  color: var(--quiet);
}
.tasks .share {
  min-width: 66px;
  text-align: right;
}
.fits li {
  display: grid;
  padding: 4px 0;
}
.tasks .hardest {
  background: var(--plum-tint);
}
.to-desk {
  margin-top: 16px;
}
.ring {
  display: flex;
  align-items: center;
  gap: 20px;
  margin-top: 16px;
}
@media (max-width: 860px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
