<!-- Can a clock look like this? What the hands say, behind its cover. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { HandAngles } from '../../core/clock/index.ts';
import { faultsOf, pictureOf } from '../../core/items/index.ts';
import type { Conventions } from '../../core/wording/index.ts';
import { useClockWords } from '../stores/useClockWords.ts';
import CoverCard from './CoverCard.vue';

const { angles, conventions, open } = defineProps<{ angles: HandAngles; conventions: Conventions; open: boolean }>();
const emit = defineEmits<{ open: [] }>();
const { t } = useI18n();
const words = useClockWords(() => conventions);
const fault = computed(() => faultsOf(pictureOf(angles))[0]);
const said = computed(() =>
  words.phrase({ key: fault.value === undefined ? 'clock.possible' : `clock.faults.${fault.value}`, values: {} }),
);
</script>

<template>
  <section class="unhooked-card child-type">
    <p class="ask">{{ words.phrase({ key: 'clock.ask.possible', values: {} }) }}</p>
    <CoverCard class="answer" tone="whole" :open="open" :label="t('board.openAnswer')" @open="emit('open')">
      <template #cover><span class="mark">?</span></template>
      <p class="said" :data-fault="fault ?? 'none'">{{ said }}</p>
    </CoverCard>
  </section>
</template>

<style scoped>
.unhooked-card {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-rows: auto 1fr;
  gap: calc(var(--u) * 20);
}
.ask,
.said {
  padding: 0 calc(var(--u) * 16);
  font-size: calc(var(--u) * 48);
  line-height: 1.2;
  font-weight: 700;
  text-align: center;
  text-wrap: balance;
}
.mark {
  position: relative;
  font-size: calc(var(--u) * 160);
  font-weight: 700;
  color: #fff;
}
</style>
