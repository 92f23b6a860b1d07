<!-- The time wheel of a sheet: what is on it, what must be and what must not, another time for a chosen task; under it why these. -->
<script setup lang="ts">
import { mdiClose, mdiPinOutline } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SheetContent, SheetRecipe } from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import type { PlannedLesson, Suggestion } from '../../core/planning/index.ts';
import { TIMES_OF_GROUP, groupOfTime, type TimeGroup } from '../../core/sets/index.ts';
import { rulesBroken, timeOfTask, timesOnSheet, whyTimes } from '../../core/sheets/index.ts';
import AnyTime from '../clock/AnyTime.vue';
import TimeRings, { type RingTime } from '../clock/TimeRings.vue';
import { RINGED_GROUPS } from '../clock/useRingPages.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import { usePlanWords } from '../words/usePlanWords.ts';

const { content, recipe, form, before, chosen, suggestions } = defineProps<{
  content: SheetContent;
  recipe: SheetRecipe;
  form: number;
  before: readonly Pick<PlannedLesson, 'skills' | 'segments'>[];
  /** The task that is chosen on the page; none where none is. */
  chosen: number | undefined;
  /** Times that could take its place. */
  suggestions: readonly Suggestion[];
}>();
const emit = defineEmits<{
  swap: [time: DialTime];
  fix: [time: DialTime];
  ban: [time: DialTime];
  free: [time: DialTime];
}>();
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);
const words = usePlanWords();

const items = computed(() => content.forms[form]!);
const onSheet = computed(() => timesOnSheet(items.value));
const current = computed(() => (chosen === undefined ? undefined : timeOfTask(items.value[chosen]!)));
/** The time that would take the place of the chosen task's. */
const wanted = ref<DialTime>();
watch(
  () => [chosen, content],
  () => (wanted.value = undefined),
);

/** Two rings are there whatever the recipe says: half past bricks sit between those of o’clock. */
const ALWAYS: readonly TimeGroup[] = ['oclock', 'half-past'];
/** Rings of the recipe's groups, and of whatever stands on the sheet. */
const groups = computed(() =>
  RINGED_GROUPS.filter(
    (group) =>
      ALWAYS.includes(group) ||
      recipe.groups.includes(group) ||
      onSheet.value.some((time) => groupOfTime(time) === group),
  ),
);
const ringed = computed((): RingTime[] => {
  if (current.value === undefined)
    return groups.value.flatMap((group) =>
      TIMES_OF_GROUP[group].map((time) => ({
        time,
        look: onSheet.value.includes(time) ? 'picked' : recipe.banned.includes(time) ? 'breaks' : 'open',
      })),
    );
  const offered = suggestions
    .filter(({ time }) => RINGED_GROUPS.includes(groupOfTime(time)))
    .map(({ time, breaks }): RingTime => ({
      time,
      look: time === wanted.value ? 'picked' : breaks.length > 0 ? 'breaks' : 'open',
    }));
  return RINGED_GROUPS.includes(groupOfTime(current.value))
    ? [...offered, { time: current.value, look: 'current' }]
    : offered;
});
/** Times on the sheet that have no place on a ring. */
const beside = computed(() =>
  current.value === undefined ? onSheet.value.filter((time) => !RINGED_GROUPS.includes(groupOfTime(time))) : [],
);
const breaks = computed(() => suggestions.find(({ time }) => time === wanted.value)?.breaks ?? []);
const pick = (time: DialTime): void => {
  if (current.value !== undefined) wanted.value = time;
  else if (recipe.banned.includes(time)) emit('free', time);
  else if (onSheet.value.includes(time)) emit('ban', time);
  else emit('fix', time);
};
const swap = (): void => {
  if (wanted.value !== undefined) emit('swap', wanted.value);
};
const broken = computed(() => rulesBroken(recipe.type, items.value, before));
const reasons = computed(() => whyTimes(recipe.type, items.value, before));
const centre = computed(() =>
  current.value === undefined ? String(onSheet.value.length) : clock.written(current.value),
);
</script>

<template>
  <section class="times">
    <h2 class="title-column">
      {{ chosen === undefined ? t('sheets.wheel') : t('sheets.another', { number: chosen + 1 }) }}
    </h2>
    <p class="quiet hint">
      {{ t(chosen === undefined ? 'sheets.wheelHint' : current === undefined ? 'sheets.noTime' : 'sheets.swapHint') }}
    </p>
    <TimeRings
      v-if="ringed.length > 0"
      :times="ringed"
      :label="t('sheets.wheel')"
      :centre="centre"
      class="rings"
      @pick="pick"
    />
    <AnyTime
      v-if="current !== undefined || recipe.groups.some((group) => !RINGED_GROUPS.includes(group))"
      :act="t('anyTime.take')"
      @pick="pick"
    />
    <ul v-if="beside.length > 0" class="wishes" :aria-label="t('sheets.besideRings')">
      <li v-for="time in beside" :key="time">
        <button type="button" class="time-type" @click="pick(time)">{{ clock.written(time) }}</button>
      </li>
    </ul>
    <div v-if="wanted !== undefined && current !== undefined" class="verdict" role="status">
      <p v-if="breaks.length === 0" class="keeps">{{ t('desk.keepsRules', { time: clock.written(wanted) }) }}</p>
      <ul v-else class="reasons">
        <li v-for="(one, i) in breaks" :key="i" class="breaks">{{ words.rule(one) }}</li>
      </ul>
      <v-btn :height="44" @click="swap">{{
        t(breaks.length === 0 ? 'desk.swap' : 'desk.swapAnyway', { time: clock.written(wanted) })
      }}</v-btn>
    </div>
    <ul v-if="recipe.fixed.length + recipe.banned.length > 0" class="wishes">
      <li v-for="time in recipe.fixed" :key="`f${time}`">
        <button type="button" @click="emit('free', time)">
          <v-icon :icon="mdiPinOutline" size="18" />
          {{ t('sheets.must', { time: clock.written(time) }) }}
          <v-icon :icon="mdiClose" size="16" />
        </button>
      </li>
      <li v-for="time in recipe.banned" :key="`b${time}`">
        <button type="button" @click="emit('free', time)">
          {{ t('sheets.mustNot', { time: clock.written(time) }) }}
          <v-icon :icon="mdiClose" size="16" />
        </button>
      </li>
    </ul>
    <slot />
    <template v-if="broken.length > 0">
      <h3 class="title-item">{{ t('desk.against') }}</h3>
      <ul class="reasons">
        <li v-for="(one, i) in broken.slice(0, 4)" :key="i" class="breaks">{{ words.rule(one) }}</li>
      </ul>
    </template>
    <template v-if="reasons.length > 0">
      <h3 class="title-item">{{ t('desk.why') }}</h3>
      <ul class="reasons">
        <li v-for="(reason, i) in reasons" :key="i">{{ words.reason(reason) }}</li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.hint {
  margin: 2px 0 6px;
  min-height: 38px;
}
.rings {
  max-width: 312px;
  margin: 0 auto 8px;
}
.reasons {
  margin: 2px 0 10px;
  padding-left: 18px;
  list-style: disc;
}
.breaks {
  color: var(--carrot-text);
}
.keeps {
  margin-bottom: 8px;
  color: var(--moss-7);
  font-weight: 600;
}
.verdict {
  margin: 8px 0 12px;
}
.wishes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 4px 0 10px;
}
.wishes button {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 36px;
  padding: 0 12px;
  border-radius: 999px;
  background: var(--plum-tint);
  color: var(--plum-deep);
}
</style>
