<!-- The same time in digits and in words, beside the hands; each comes in its turn. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { DialTime } from '../../../core/clock/index.ts';
import type { Way } from '../../../core/demonstrations/index.ts';
import type { Conventions } from '../../../core/conventions/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';

const { time, ways, conventions } = defineProps<{ time: DialTime; ways: readonly Way[]; conventions: Conventions }>();
const { t } = useI18n();
const words = useClockWords(() => conventions);
</script>

<template>
  <ol class="ways child-type">
    <li class="digits" :class="{ come: ways.includes('digits') }" :data-way="ways.includes('digits') ? 'digits' : ''">
      <span class="only-heard">{{ t('show.digits') }}</span>
      <strong v-if="ways.includes('digits')">{{ words.written(time) }}</strong>
    </li>
    <li class="words" :class="{ come: ways.includes('words') }" :data-way="ways.includes('words') ? 'words' : ''">
      <span class="only-heard">{{ t('show.words') }}</span>
      <strong v-if="ways.includes('words')">{{ words.said(time) }}</strong>
    </li>
  </ol>
</template>

<style scoped>
.ways {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-rows: 1fr 1fr;
  gap: calc(var(--u) * 20);
}
li {
  display: grid;
  place-items: center;
  border-radius: var(--corner-board);
  border: 2px dashed var(--line);
  text-align: center;
}
li.come {
  border-color: transparent;
  background: var(--raised);
  box-shadow: var(--shadow);
}
.digits strong {
  font-size: calc(var(--u) * 124);
  line-height: 1;
}
.words strong {
  padding: 0 calc(var(--u) * 14);
  font-size: calc(var(--u) * 60);
  line-height: 1.15;
  text-wrap: balance;
}
</style>
