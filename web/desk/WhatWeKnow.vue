<!-- What the last check said: how many are ready, the reasons with their children, and the decision it speaks for. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEndForecast } from '../forecast/useEndForecast.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import { useSkillWords } from '../words/useSkillWords.ts';
import type { Desk, Known, Thresholds } from '../../contract/index.ts';
import { LEVELS, type Level } from '../../core/diagnosis/index.ts';
import type { Decision } from '../../core/planning/index.ts';
import { needText, teacherSentence } from '../../core/reporting/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import GroupCard from '../groups/GroupCard.vue';
import DecisionBlock from './DecisionBlock.vue';
import ReadinessRing from './ReadinessRing.vue';
import ReasonRow from './ReasonRow.vue';

const { known, again, lessonId } = defineProps<{
  known: Known | null;
  again: Desk['again'];
  lessonId: number;
}>();
const emit = defineEmits<{ decide: [decision: Decision]; thresholds: [thresholds: Thresholds] }>();
const { t, d } = useI18n();
const skillWords = useSkillWords();
const store = useClassroomStore();
const words = usePlanWords();
/** How many may be secure in this by the unit's last day. */
const may = useEndForecast();

const LEGEND = [...LEVELS].reverse();
const counts = computed(() => {
  const of = (level: Level): number => known?.levels.filter((one) => one.level === level).length ?? 0;
  return {
    secure: of('secure'),
    'getting-there': of('getting-there'),
    beginning: of('beginning'),
    'not-seen': of('not-seen'),
  };
});
const seen = computed(() => (known?.levels.length ?? 0) - counts.value['not-seen']);
/** The groups of this check. */
const groups = computed(() =>
  known?.decided === 'go-on-with-group'
    ? store.classroom!.groups.filter(({ checkId }) => checkId === known.check.id)
    : [],
);
/** Reasons that no group is about: the others stand with their group. */
const reasons = computed(() =>
  (known?.reasons ?? []).filter(({ reason }) => !groups.value.some(({ topic }) => topic === reason.need)),
);
/** What the most children need. */
const need = computed(() => {
  const first = known?.reasons[0];
  return (
    first && {
      name: teacherSentence(needText(first.reason.need, 'short'), store.classroom!.settings),
      count: first.childIds.length,
    }
  );
});
/** Of a check that is being answered today nobody is away yet: the rest are still to come. */
const isRunning = computed(() => known?.check.id === lessonId && known.check.day === store.classroom!.today);
const awayNames = computed(() => known?.away.map((id) => store.childById.get(id)?.name ?? '') ?? []);
</script>

<template>
  <section class="know">
    <h2 class="title-column">{{ t('desk.know') }}</h2>
    <p v-if="known === null" class="quiet empty">
      {{ t('desk.noTicket') }} <router-link :to="{ name: 'checks' }">{{ t('check.title') }}</router-link>
    </p>
    <template v-else>
      <p class="quiet">
        {{
          t('desk.fromCheck', {
            day: d(new Date(`${known.check.day}T00:00:00Z`), 'day'),
            skill: t(`skills.long.${known.check.skill}`),
          })
        }}
        <template v-if="isRunning && awayNames.length > 0">{{
          t('desk.toCome', { count: awayNames.length }, awayNames.length)
        }}</template>
        <template v-else-if="awayNames.length > 0">{{
          t('desk.away', { names: awayNames.join(', ') }, awayNames.length)
        }}</template>
      </p>
      <div class="readiness">
        <ReadinessRing
          :levels="known.levels.map(({ level }) => level)"
          :count="counts.secure"
          :caption="t('desk.ofChildren', { count: seen })"
          :label="
            t('desk.ringLabel', {
              seen,
              secure: counts.secure,
              gettingThere: counts['getting-there'],
              beginning: counts.beginning,
              notSeen: counts['not-seen'],
            })
          "
        />
        <ul class="legend" aria-hidden="true">
          <li v-for="level in LEGEND" :key="level">
            <span class="swatch" :class="level" />
            <strong>{{ counts[level] }}</strong>
            {{ skillWords.level(level) }}
          </li>
        </ul>
        <!-- Its place is there before it is worked out: nothing below moves. -->
        <p class="may">
          <router-link v-if="may" :to="{ name: 'class', query: { view: 'forecast' } }">{{
            t('desk.may', { ...may, day: words.shortDay(may.day) })
          }}</router-link>
        </p>
      </div>
      <ReasonRow
        v-for="({ reason, childIds }, i) in reasons"
        :key="reason.need"
        :reason="reason"
        :child-ids="childIds"
        :most="known.reasons.length > 2 ? 1 : 2"
        :compact="groups.length > 0 || (known.reasons.length > 2 && i > 0)"
      />
      <p v-if="known.reasons.length === 0" class="quiet empty">{{ t('desk.noReason') }}</p>
      <DecisionBlock
        v-if="known.suggestion"
        :suggestion="known.suggestion"
        :decided="known.decided"
        :secure="counts.secure"
        :seen="seen"
        :thresholds="store.classroom!.thresholds"
        :need="need"
        :again="again"
        @decide="(decision) => emit('decide', decision)"
        @thresholds="(thresholds) => emit('thresholds', thresholds)"
      >
        <template v-if="groups.length > 0" #default>
          <GroupCard
            v-for="group in groups"
            :key="group.id"
            :group="group"
            :lesson-id="lessonId"
            :compact="groups.length > 1"
          />
          <router-link :to="{ name: 'class', query: { view: 'groups' } }">{{ t('groups.change') }}</router-link>
        </template>
      </DecisionBlock>
    </template>
  </section>
</template>

<style scoped>
.know {
  padding-top: 6px;
}
.readiness {
  display: grid;
  grid-template-columns: auto 1fr;
  align-items: center;
  gap: 0 22px;
  margin: 6px 0 8px;
}
.readiness > :first-child {
  grid-row: span 2;
}
.may {
  min-height: 20px;
  font-size: 14px;
}
.legend li {
  display: flex;
  align-items: center;
  gap: 10px;
  line-height: 25px;
}
.legend strong {
  min-width: 20px;
  text-align: right;
  font-variant-numeric: tabular-nums;
}
.swatch {
  width: 14px;
  height: 14px;
  border-radius: 5px;
}
.swatch.secure {
  background: var(--moss-7);
}
.swatch.getting-there {
  background: var(--moss-5);
}
.swatch.beginning {
  background: var(--moss-3);
}
.swatch.not-seen {
  border: 1.5px dashed var(--pebble);
}
.empty {
  margin: 8px 0 18px;
}
</style>
