<!-- Says a sentence aloud; not there where the device has no voice of its own. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { English } from '../../core/wording/index.ts';
import { useSpeech } from './useSpeech.ts';

const { english, text } = defineProps<{ english: English; text: string }>();
const { t } = useI18n();
const { canSpeak, speak } = useSpeech(() => english);
</script>

<template>
  <button v-if="canSpeak" type="button" class="ear" :aria-label="t('station.hear')" @click="speak(text)">
    <svg width="56" height="56" viewBox="0 0 24 24" aria-hidden="true">
      <path
        d="M7 9.5a5 5 0 0 1 10 0c0 3-2.5 3.5-3.2 6-.5 1.8-1.4 3-3-3-1.5 0-2.5-1-2.7-2.3M9.8 10a2.3 2.3 0 1 1 3.7 1.7"
      />
    </svg>
  </button>
</template>

<style scoped>
.ear {
  align-self: center;
  width: 112px;
  height: 112px;
  display: grid;
  place-items: center;
  border-radius: 50%;
  background: var(--raised);
  box-shadow: inset 0 0 0 4px var(--plum);
  fill: none;
  stroke: var(--plum);
  stroke-width: 1.9;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
