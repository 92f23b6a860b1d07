<!-- Set a geared clock to a time. -->
<script setup lang="ts">
import { ref, useTemplateRef, watch } from 'vue';
import { gearedAngles, readHands, turnNearestTo } from '../../../core/clock/index.ts';
import { startingTime, type Answer } from '../../../core/items/index.ts';
import GrooveClock from '../GrooveClock.vue';
import { SHOW_MS, type TaskProps } from './task.ts';
import HelpLight from '../../clock/HelpLight.vue';

const { item, settings, open, light, shown } = defineProps<TaskProps<'set'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const clock = useTemplateRef('clock');
const started = startingTime(item.shown);
/** A tablet that was reloaded shows the clock its child has set. */
const minutes = ref<number>(answer.value?.kind === 'hands' ? readHands(answer.value).time : started);
watch(minutes, (now) => (answer.value = { kind: 'hands', ...gearedAngles(now) }));
watch(
  () => shown,
  (right) => right && void clock.value?.turnTo(turnNearestTo(minutes.value, item.shown), SHOW_MS),
);
defineExpose({ undo: () => (minutes.value = started) });
</script>

<template>
  <div class="set">
    <GrooveClock ref="clock" v-model="minutes" :conventions="settings" :disabled="!open" :lit="light.numeral">
      <template #dial><HelpLight :light="light" /></template>
    </GrooveClock>
  </div>
</template>

<style scoped>
.set {
  width: 100%;
  height: 100%;
  container-type: size;
  display: grid;
  place-items: center;
}
/* Said twice to come before the clock's own rule: it fills its place there, and is as large as the room allows here. */
.set.set > * {
  width: min(100cqw, 100cqh);
  height: min(100cqw, 100cqh);
}
</style>
