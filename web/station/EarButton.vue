<!-- Says a sentence aloud; not there where the device has no voice of its own. -->
<script setup lang="ts">
import { mdiEarHearing } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import type { LocaleTag } from '../../core/conventions/index.ts';
import MdiIcon from './MdiIcon.vue';
import { useSpeech } from './useSpeech.ts';

const { locale, text } = defineProps<{ locale: LocaleTag; text: string }>();
const { t } = useI18n();
const { canSpeak, speak } = useSpeech(() => locale);
</script>

<template>
  <button v-if="canSpeak" type="button" class="ear" :aria-label="t('station.hear')" @click="speak(text)">
    <MdiIcon :path="mdiEarHearing" :px="66" />
  </button>
</template>

<style scoped>
.ear {
  align-self: center;
  flex: none;
  width: var(--ear, 112px);
  height: var(--ear, 112px);
  display: grid;
  place-items: center;
  border-radius: 50%;
  background: var(--raised);
  box-shadow: inset 0 0 0 4px var(--plum);
  color: var(--plum);
}
.ear :deep(svg) {
  width: 59%;
  height: 59%;
}
</style>
