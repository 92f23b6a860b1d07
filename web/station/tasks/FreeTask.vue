<!-- Set two hands that turn by themselves, the hour hand alone on its clock, or mend a clock whose hands cannot be so. -->
<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { gearedAngles, handAngles, normaliseAngle, turnBetween, type HandAngles } from '../../../core/clock/index.ts';
import { onlyHandOf, startingTime, type Answer } from '../../../core/items/index.ts';
import UnhookedClock from '../../clock/UnhookedClock.vue';
import { useTurning } from '../../clock/useTurning.ts';
import HelpLight from '../../clock/HelpLight.vue';
import { SHOW_MS, type TaskProps } from './task.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'set-free' | 'mend-clock' | 'set-hour-hand'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const start: HandAngles = item.kind === 'mend-clock' ? item.clock.hands : gearedAngles(startingTime(item.shown));
const only = onlyHandOf(item);
const angles = computed((): HandAngles => {
  if (answer.value?.kind === 'hour-angle') return { hour: answer.value.angle, minute: 0 };
  return answer.value?.kind === 'hands' ? answer.value : start;
});
const put = (hour: number, minute: number): void => {
  answer.value =
    only === 'hour'
      ? { kind: 'hour-angle', angle: normaliseAngle(hour) }
      : { kind: 'hands', hour: normaliseAngle(hour), minute: normaliseAngle(minute) };
};
/** How far both hands have come on their way to where they belong, 0..1; each goes the short way. */
const share = ref(0);
const { turnTo } = useTurning(share);
let from = start;
watch(share, (now) => {
  const to = handAngles(item.shown);
  put(from.hour + turnBetween(from.hour, to.hour) * now, from.minute + turnBetween(from.minute, to.minute) * now);
});
watch(
  () => shown,
  (right) => {
    if (right === undefined) return;
    from = angles.value;
    void turnTo(1, SHOW_MS, 0);
  },
);
defineExpose({ undo: () => put(start.hour, start.minute) });
</script>

<template>
  <div class="free">
    <UnhookedClock
      :angles="angles"
      :only="only"
      :conventions="settings"
      :label="t('station.clock')"
      :disabled="!open"
      :lit="light.numeral"
      @turn="(hand, angle) => put(hand === 'hour' ? angle : angles.hour, hand === 'minute' ? angle : angles.minute)"
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
