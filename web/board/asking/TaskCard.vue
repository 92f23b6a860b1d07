<!-- What the class is asked, to be read from the back of the room; the time it is about stands out. -->
<script setup lang="ts">
import { computed } from 'vue';

const {
  ask,
  said,
  digits = '',
} = defineProps<{
  ask: string;
  /** The time asked about, where the task says it. */
  said: string;
  /** The same in digits, where both are asked; nothing otherwise. */
  digits?: string;
}>();
const parts = computed(() => {
  const at = ask.indexOf(said);
  return at === -1
    ? { before: ask, time: '', after: '' }
    : { before: ask.slice(0, at), time: said, after: ask.slice(at + said.length) };
});
</script>

<template>
  <section class="task child-type" :class="{ plain: parts.time === '' }">
    <p>
      {{ parts.before }}<strong v-if="parts.time">{{ parts.time }}</strong
      >{{ parts.after === '.' ? '' : parts.after }}
    </p>
    <strong v-if="digits" class="digits">{{ digits }}</strong>
  </section>
</template>

<style scoped>
.task {
  flex: none;
  padding: calc(var(--u) * 22) calc(var(--u) * 14) calc(var(--u) * 26);
  background: var(--raised);
  border-radius: var(--corner-board);
  box-shadow: var(--shadow);
  text-align: center;
}
p {
  font-size: calc(var(--u) * 36);
  line-height: 1.3;
}
.plain p {
  font-size: calc(var(--u) * 56);
  line-height: 1.15;
  font-weight: 700;
  text-wrap: balance;
}
.task .digits {
  margin-top: calc(var(--u) * 6);
  font-size: calc(var(--u) * 52);
}
strong {
  display: block;
  font-size: calc(var(--u) * 68);
  line-height: 1.15;
  text-wrap: balance;
}
</style>
