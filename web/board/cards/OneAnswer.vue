<!-- A question that has one answer, and the answer behind a cover. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import CoverCard from './CoverCard.vue';

const {
  ask,
  answer,
  written = '',
  open,
} = defineProps<{
  ask: string;
  answer: string;
  /** The time in digits, where the answer is one. */
  written?: string;
  open: boolean;
}>();
const emit = defineEmits<{ open: [] }>();
const { t } = useI18n();
</script>

<template>
  <section class="one-answer child-type">
    <p>{{ ask }}</p>
    <CoverCard tone="whole" :open="open" :label="t('board.openAnswer')" @open="emit('open')">
      <template #cover><span class="mark">?</span></template>
      <strong v-if="written">{{ written }}</strong>
      <p class="answer">{{ answer }}</p>
    </CoverCard>
  </section>
</template>

<style scoped>
.one-answer {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-rows: auto 1fr;
  gap: calc(var(--u) * 20);
}
p {
  padding: 0 calc(var(--u) * 16);
  font-size: calc(var(--u) * 46);
  line-height: 1.2;
  font-weight: 700;
  text-align: center;
  text-wrap: balance;
}
strong {
  font-size: calc(var(--u) * 120);
  line-height: 1.15;
}
.mark {
  position: relative;
  font-size: calc(var(--u) * 160);
  font-weight: 700;
  color: #fff;
}
</style>
