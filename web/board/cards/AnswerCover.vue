<!-- An answer in a sentence, behind a cover with a question mark. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import CoverCard from './CoverCard.vue';

const { said, open } = defineProps<{ said: string; open: boolean }>();
const emit = defineEmits<{ open: [] }>();
const { t } = useI18n();
</script>

<template>
  <CoverCard class="answer" tone="whole" :open="open" :label="t('board.openAnswer')" @open="emit('open')">
    <template #cover><span class="mark">?</span></template>
    <p class="said child-type">{{ said }}</p>
  </CoverCard>
</template>

<style scoped>
.answer {
  flex: 1;
  min-height: 0;
}
.said {
  padding: 0 calc(var(--u) * 16);
  font-size: calc(var(--u) * 38);
  line-height: 1.2;
  font-weight: 700;
  text-wrap: balance;
}
.mark {
  position: relative;
  font-size: calc(var(--u) * 120);
  font-weight: 700;
  color: #fff;
}
</style>
