<!-- What the class is asked, to be read from the back of the room. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';

const { said } = defineProps<{ said: string }>();
const { t } = useI18n();
</script>

<template>
  <section class="task child-type">
    <p class="do">{{ t('round.showMe') }}</p>
    <p class="said">{{ said }}</p>
  </section>
</template>

<style scoped>
.task {
  flex: none;
  display: grid;
  justify-items: center;
  padding: calc(var(--u) * 18) calc(var(--u) * 10) calc(var(--u) * 26);
  background: var(--raised);
  border-radius: var(--corner-board);
  box-shadow: var(--shadow);
}
.do {
  font-size: calc(var(--u) * 32);
  line-height: 1.5;
  color: var(--quiet);
}
.said {
  font-size: calc(var(--u) * 80);
  line-height: 1.15;
  font-weight: 700;
  white-space: nowrap;
}
</style>
