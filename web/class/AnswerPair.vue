<!-- One answer: the clock that was shown or asked, and the clock that was answered, side by side. -->
<script setup lang="ts">
import { mdiArrowRightThin, mdiCheck, mdiEyeOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { LookedAtAnswer, PostCorrection } from '../../contract/index.ts';
import type { OutWhy } from '../../core/marking/index.ts';
import { onlyHandOf } from '../../core/items/index.ts';
import { answeredTime } from '../../core/answers/index.ts';
import { describeAnswer, describeItem, findingSentence } from '../../core/reporting/index.ts';
import DrawnClock from '../clock/DrawnClock.vue';
import SmallClock from '../clock/SmallClock.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import CorrectionMenu from './CorrectionMenu.vue';

const { row } = defineProps<{ row: LookedAtAnswer }>();
const emit = defineEmits<{ say: [says: PostCorrection['says'], why?: OutWhy] }>();
const { t } = useI18n();
const store = useClassroomStore();

const conventions = computed(() => store.classroom!.settings);
const shown = computed(() => ('shown' in row.item ? row.item.shown : undefined));
const ink = computed(() => (row.answer.kind === 'strokes' ? row.answer.strokes : undefined));
const given = computed(() => answeredTime(row.read));
/** The hour hand alone is shown without its partner, and so is what was said about it. */
const only = computed(() => onlyHandOf(row.item));
const task = computed(() => describeItem(row.item, conventions.value));
const answer = computed(() => describeAnswer(row.item, row.read, conventions.value));
const findings = computed(() => row.findings.map((finding) => findingSentence(finding, conventions.value)).join(', '));
</script>

<template>
  <li class="pair" :class="[row.verdict, { out: row.says === 'out' }]">
    <div class="clocks">
      <SmallClock v-if="shown !== undefined" :time="shown" :px="52" :only="only" :label="task" />
      <template v-if="given !== undefined && row.verdict !== 'unreadable'">
        <v-icon :icon="mdiArrowRightThin" size="18" class="arrow" aria-hidden="true" />
        <SmallClock :time="given" :px="52" :only="only" :label="answer" />
      </template>
      <!-- What could not be read is looked at as it was drawn. -->
      <template v-else-if="ink">
        <v-icon :icon="mdiArrowRightThin" size="18" class="arrow" aria-hidden="true" />
        <div class="ink"><DrawnClock :strokes="ink" :label="answer" /></div>
      </template>
      <v-icon v-else :icon="mdiEyeOutline" size="22" class="arrow" aria-hidden="true" />
      <v-icon
        v-if="row.says === null ? row.verdict === 'right' : row.says === 'had'"
        :icon="mdiCheck"
        size="18"
        class="tick"
        :aria-label="t('child.verdict.right')"
        role="img"
      />
    </div>
    <p class="task">{{ task }}</p>
    <p class="quiet">
      {{ answer }}<template v-if="findings">, {{ findings }}</template>
    </p>
    <footer>
      <p v-if="row.says !== null" class="says">
        {{ t(`child.says.${row.says}`)
        }}<template v-if="row.why !== null">: {{ t(`child.outWhy.${row.why}`) }}</template>
      </p>
      <p v-else class="quiet source">{{ t(`child.source.${row.source}`) }}</p>
      <CorrectionMenu :row="row" :task="task" @say="(says, why) => emit('say', says, why)" />
    </footer>
  </li>
</template>

<style scoped>
.pair {
  background: var(--sand-light);
  border-radius: var(--corner);
  padding: 10px 4px 2px 12px;
  display: flex;
  flex-direction: column;
}
.clocks {
  display: flex;
  align-items: center;
  gap: 4px;
  min-height: 52px;
}
.ink {
  width: 60px;
  height: 60px;
}
.arrow {
  color: var(--quiet);
}
.tick {
  margin-left: auto;
  align-self: flex-start;
  margin-right: 8px;
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
footer {
  margin-top: auto;
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 40px;
}
.source {
  font-size: 13px;
}
.says {
  font-weight: 600;
  color: var(--plum-deep);
}
.out .clocks {
  opacity: 0.45;
}
.out .task {
  color: var(--quiet);
  text-decoration: line-through;
}
</style>
