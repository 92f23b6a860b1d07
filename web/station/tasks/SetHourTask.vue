<!-- Put the hour hand, alone on its clock: between two numerals as well as on one. -->
<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { gearedAngles, handAngles, normaliseAngle, turnBetween } from '../../../core/clock/index.ts';
import { startingTime, type Answer } from '../../../core/items/index.ts';
import HelpLight from '../../clock/HelpLight.vue';
import UnhookedClock from '../../clock/UnhookedClock.vue';
import { useTurning } from '../../clock/useTurning.ts';
import { SHOW_MS, type TaskProps } from './task.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'set-hour-hand'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const start = gearedAngles(startingTime(item.shown)).hour;
const angle = computed(() => (answer.value?.kind === 'hour-angle' ? answer.value.angle : start));
const put = (to: number): void => {
  answer.value = { kind: 'hour-angle', angle: normaliseAngle(to) };
};
/** How far the hand has come on its way to where it belongs, 0..1; it goes the short way. */
const share = ref(0);
const { turnTo } = useTurning(share);
let from = start;
watch(share, (now) => put(from + turnBetween(from, handAngles(item.shown).hour) * now));
watch(
  () => shown,
  (right) => {
    if (right === undefined) return;
    from = angle.value;
    void turnTo(1, SHOW_MS, 0);
  },
);
defineExpose({ undo: () => put(start) });
</script>

<template>
  <div class="free">
    <UnhookedClock
      :angles="{ hour: angle, minute: 0 }"
      only="hour"
      :conventions="settings"
      :label="t('station.clock')"
      :disabled="!open"
      :lit="light.numeral"
      @turn="(_, to) => put(to)"
    >
      <template #dial><HelpLight :light="light" /></template>
    </UnhookedClock>
  </div>
</template>

<style scoped>
.free {
  width: 100%;
  height: 100%;
  container-type: size;
  display: grid;
  place-items: center;
}
.free.free > * {
  width: min(100cqw, 100cqh);
  height: min(100cqw, 100cqh);
}
</style>
