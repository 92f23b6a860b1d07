<!-- The end of a set: the clocks that were set, and two ways on. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import HareFigure from '../shell/HareFigure.vue';
import { useClockWords } from '../stores/useClockWords.ts';

const { times, settings } = defineProps<{ times: readonly DialTime[]; settings: Settings }>();
const emit = defineEmits<{ again: []; back: [] }>();
const { t } = useI18n();
const words = useClockWords(() => settings);
</script>

<template>
  <section class="finished">
    <HareFigure :px="110" />
    <h1>{{ t('station.finished') }}</h1>
    <ul>
      <li v-for="time in times" :key="time">
        <SmallClock :time="time" :px="120" size="full" :label="words.said(time)" />
        <strong>{{ words.written(time) }}</strong>
      </li>
    </ul>
    <div class="acts">
      <button type="button" class="again" @click="emit('again')">{{ t('station.again') }}</button>
      <button type="button" class="back" @click="emit('back')">{{ t('station.back') }}</button>
    </div>
  </section>
</template>

<style scoped>
.finished {
  height: 100%;
  overflow: auto;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 18px;
  padding: 24px;
}
h1 {
  font-size: 40px;
  line-height: 1.2;
}
ul {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 16px 26px;
}
li {
  display: grid;
  justify-items: center;
  font-size: 26px;
}
.acts {
  display: flex;
  gap: 16px;
  margin-top: 10px;
}
.acts button {
  min-height: 76px;
  padding: 0 40px;
  border-radius: 999px;
  font-size: 24px;
  font-weight: 700;
}
.again {
  background: var(--plum);
  color: #fff;
}
.back {
  background: var(--raised);
}
</style>
