<!-- The time wheel to swap a time: bricks that keep the rules are filled. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { DialTime } from '../../core/clock/index.ts';
import { groupOfTime } from '../../core/sets/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import AnyTime from './AnyTime.vue';
import TimeRings, { type RingTime } from './TimeRings.vue';
import { RINGED_GROUPS } from './useRingPages.ts';

interface Pickable {
  readonly time: DialTime;
  readonly breaks: readonly unknown[];
}
const { suggestions, current, label } = defineProps<{
  suggestions: readonly Pickable[];
  /** The time that stands there now. */
  current: DialTime;
  label: string;
}>();
const picked = defineModel<DialTime | undefined>();
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);

/** What has no ring stands in a list. */
const hasRing = (time: DialTime): boolean => RINGED_GROUPS.includes(groupOfTime(time));
const ringed = computed((): RingTime[] => {
  const others = suggestions.filter(({ time }) => hasRing(time));
  if (others.length === 0) return [];
  const looks = others.map(({ time, breaks }): RingTime => {
    const look = time === picked.value ? 'picked' : breaks.length > 0 ? 'breaks' : 'open';
    return { time, look };
  });
  // The time that stands there cannot be swapped for itself.
  return hasRing(current) ? [...looks, { time: current, look: 'current' }] : looks;
});
const listed = computed(() => suggestions.filter(({ time }) => !hasRing(time)).slice(0, 24));
</script>

<template>
  <div class="picker">
    <TimeRings
      v-if="ringed.length > 0"
      :times="ringed"
      :label="label"
      :centre="clock.written(current)"
      @pick="(time) => (picked = time)"
    />
    <div v-if="listed.length > 0" class="list">
      <button
        v-for="{ time, breaks } in listed"
        :key="time"
        type="button"
        class="time-type chip"
        :class="{ breaks: breaks.length > 0, picked: time === picked }"
        :aria-pressed="time === picked"
        @click="picked = time"
      >
        {{ clock.written(time) }}
      </button>
    </div>
    <AnyTime :act="t('anyTime.take')" class="any" @pick="(time) => (picked = time)" />
  </div>
</template>

<style scoped>
.picker {
  width: 320px;
}
.any {
  margin-top: 10px;
}
.list {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 8px;
}
.chip {
  min-height: 40px;
  padding: 0 12px;
  border-radius: 999px;
  background: var(--plum-chosen);
}
.chip.breaks {
  background: var(--raised);
  box-shadow: inset 0 0 0 1px var(--pebble);
}
.chip.picked {
  background: var(--plum);
  color: #fff;
}
</style>
