<!-- Any time at all, typed as one writes quickly ("950", "10 to 10", "half 4"), with what was understood beside it. -->
<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { DialTime } from '../../core/clock/index.ts';
import { digital, quickEntry } from '../../core/wording/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';

const { act } = defineProps<{
  /** What is done with the time. */
  act: string;
}>();
const emit = defineEmits<{ pick: [time: DialTime] }>();
const { t } = useI18n();
const store = useClassroomStore();
const text = ref('');
const settings = computed(() => store.classroom!.settings);
const read = computed(() => (text.value.trim() === '' ? undefined : quickEntry(text.value, settings.value)));
const echo = computed(() => {
  if (text.value.trim() === '') return '';
  if (read.value === undefined) return t('anyTime.notUnderstood');
  return `${digital(read.value.time, settings.value)} · ${read.value.echo}`;
});
const pick = (): void => {
  if (read.value === undefined) return;
  emit('pick', read.value.time);
  text.value = '';
};
</script>

<template>
  <form class="any-time" @submit.prevent="pick">
    <input
      v-model="text"
      class="sand-field time-type"
      inputmode="text"
      maxlength="30"
      :placeholder="t('anyTime.example')"
      :aria-label="t('anyTime.label')"
      @keydown.stop
    />
    <span class="echo" role="status">{{ echo }}</span>
    <v-btn type="submit" variant="tonal" :height="40" :prepend-icon="mdiPlus" :disabled="read === undefined">{{
      act
    }}</v-btn>
  </form>
</template>

<style scoped>
.any-time {
  display: grid;
  grid-template-columns: 8em minmax(0, 1fr) auto;
  align-items: center;
  gap: 8px;
}
input {
  width: 100%;
  min-height: 40px;
}
.echo {
  line-height: 1.2;
}
</style>
