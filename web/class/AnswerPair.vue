<!-- One answer: the clock that was shown or asked, and the clock that was answered, side by side. -->
<script setup lang="ts">
import { mdiArrowRightThin, mdiCheck, mdiEyeOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { AnswerRow } from '../../contract/index.ts';
import { hourOf } from '../../core/clock/index.ts';
import { answeredTime } from '../../core/marking/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../stores/useClockWords.ts';

const { row } = defineProps<{ row: AnswerRow }>();
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);

const shown = computed(() => ('shown' in row.item ? row.item.shown : undefined));
const given = computed(() => answeredTime(row.answer));
/** The hour hand alone is shown without its partner, and so is what was said about it. */
const only = computed(() => (row.item.kind === 'hour-hand' ? ('hour' as const) : undefined));

const taskOf = (item: AnswerRow['item']): string => {
  switch (item.kind) {
    case 'name-part':
      return t('child.partItem', { part: t(`child.parts.${item.part}`) });
    case 'hour-hand':
      return t('child.hourItem', { hour: hourOf(item.shown) });
    case 'read':
      return t('child.readItem', { time: clock.written(item.shown) });
    case 'set':
      return t('child.setItem', { time: clock.written(item.shown) });
  }
};
const task = computed(() => taskOf(row.item));
const answer = computed(() => {
  if (row.answer.kind === 'observed') return t(row.answer.got ? 'child.heardRight' : 'child.heardWrong');
  const text = row.answer.kind === 'hour' ? String(row.answer.hour) : clock.written(given.value!);
  return t(row.answer.kind === 'hands' ? 'child.turned' : 'child.said', { answer: text });
});
const sayFinding = (finding: AnswerRow['findings'][number]): string => {
  switch (finding.kind) {
    case 'rule':
      return t('child.findings.rule', { rule: t(`reasonsShort.${finding.rule}`) });
    case 'minute-hand-off': {
      const count = Math.abs(finding.minutes);
      return t(finding.minutes > 0 ? 'child.findings.minuteLate' : 'child.findings.minuteEarly', { count }, count);
    }
    case 'hour-off':
      return t('child.findings.hourOff', { asked: finding.askedHour, answered: finding.answeredHour });
  }
};
const finding = computed(() => (row.findings[0] === undefined ? '' : sayFinding(row.findings[0])));
</script>

<template>
  <li class="pair" :class="row.verdict">
    <div class="clocks">
      <SmallClock v-if="shown !== undefined" :time="shown" :px="52" :only="only" :label="task" />
      <template v-if="given !== undefined">
        <v-icon :icon="mdiArrowRightThin" size="18" class="arrow" aria-hidden="true" />
        <SmallClock :time="given" :px="52" :only="only" :label="answer" />
      </template>
      <v-icon v-else :icon="mdiEyeOutline" size="22" class="arrow" aria-hidden="true" />
      <v-icon
        v-if="row.verdict === 'right'"
        :icon="mdiCheck"
        size="18"
        class="tick"
        :aria-label="t('child.verdict.right')"
        role="img"
      />
    </div>
    <p class="task">{{ task }}</p>
    <p class="quiet">
      {{ answer }}<template v-if="finding">, {{ finding }}</template>
    </p>
    <p class="quiet source">{{ t(`child.source.${row.source}`) }}</p>
  </li>
</template>

<style scoped>
.pair {
  background: var(--sand-light);
  border-radius: var(--corner);
  padding: 10px 12px;
}
.clocks {
  display: flex;
  align-items: center;
  gap: 4px;
  min-height: 52px;
}
.arrow {
  color: var(--quiet);
}
.tick {
  margin-left: auto;
  align-self: flex-start;
  border-radius: 50%;
  background: var(--moss-7);
  color: #fff;
  width: 20px;
  height: 20px;
}
.task {
  font-weight: 600;
  margin-top: 6px;
}
.source {
  font-size: 13px;
}
</style>
