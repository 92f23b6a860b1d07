<!-- How many hands are up: counted with two buttons, or typed. -->
<script setup lang="ts">
import { mdiMinus, mdiPlus } from '@mdi/js';
import { useI18n } from 'vue-i18n';

const { name, count, of, right, shortcut } = defineProps<{
  name: string;
  /** The key that counts one more. */
  shortcut: string;
  count: number;
  of: number;
  /** This is the answer, and it is being shown. */
  right: boolean;
}>();
const emit = defineEmits<{ change: [by: number] }>();
const { t } = useI18n();
</script>

<template>
  <section class="vote" :class="{ right }">
    <h2 class="child-type">{{ name }}</h2>
    <kbd aria-hidden="true">{{ shortcut }}</kbd>
    <input
      type="number"
      inputmode="numeric"
      min="0"
      :max="of"
      :value="count"
      :aria-label="t('judge.count', { name })"
      class="child-type"
      @change="emit('change', Number(($event.target as HTMLInputElement).value) - count)"
    />
    <div class="row">
      <button type="button" :aria-label="t('judge.fewer', { name })" @click="emit('change', -1)">
        <v-icon :icon="mdiMinus" />
      </button>
      <button
        type="button"
        :aria-label="t('judge.more', { name })"
        :aria-keyshortcuts="shortcut"
        @click="emit('change', 1)"
      >
        <v-icon :icon="mdiPlus" />
      </button>
    </div>
  </section>
</template>

<style scoped>
.vote {
  position: relative;
  display: grid;
  justify-items: center;
  padding: calc(var(--u) * 10) 8px;
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
}
.vote.right {
  box-shadow: 0 0 0 4px var(--moss-6);
}
kbd {
  position: absolute;
  top: 6px;
  right: 12px;
  font: inherit;
  font-size: 16px;
  color: var(--quiet);
}
h2 {
  font-size: calc(var(--u) * 31);
  line-height: 1.2;
}
input {
  width: 100%;
  height: calc(var(--u) * 84);
  border: 0;
  text-align: center;
  font-size: calc(var(--u) * 72);
  font-weight: 700;
  background: none;
  color: inherit;
  appearance: textfield;
}
.row {
  display: flex;
  gap: 12px;
}
button {
  width: 48px;
  height: 48px;
  border-radius: 50%;
  display: grid;
  place-items: center;
}
button:hover {
  background: var(--plum-tint);
}
</style>
