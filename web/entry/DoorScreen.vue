<!--
  What stands before everything while results are covered, or until the passphrase was given: a clock, and nothing of anybody. The
  board on the wall goes on.
-->
<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core';
import { computed, nextTick, onMounted, ref, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { wrapToDial } from '../../core/clock/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import BrandMark from '../shell/BrandMark.vue';
import { useEntryStore } from '../stores/entry.ts';
import { problemKey } from '../words/problemWords.ts';
import PassphraseField from './PassphraseField.vue';

const { t } = useI18n();
const entry = useEntryStore();
const passphrase = ref('');
const problem = ref('');
const busy = ref(false);
const form = useTemplateRef('form');
/** Milliseconds between two looks at what time it is. */
const LOOK_MS = 5000;
const now = ref(new Date());
useIntervalFn(() => (now.value = new Date()), LOOK_MS);
const time = computed(() => wrapToDial(now.value.getHours() * 60 + now.value.getMinutes()));

const enter = async (): Promise<void> => {
  busy.value = true;
  try {
    await entry.enter(passphrase.value);
  } catch (error) {
    problem.value = t(problemKey(error));
    passphrase.value = '';
    await nextTick();
    form.value?.querySelector('input')?.focus();
  } finally {
    busy.value = false;
  }
};
onMounted(() => form.value?.querySelector<HTMLElement>('input, button')?.focus());
</script>

<template>
  <main class="door" data-door>
    <SmallClock :time="time" :px="190" size="full" :label="t('entry.clock')" />
    <form ref="form" class="sheet" @submit.prevent="entry.isSet ? enter() : entry.uncover()">
      <BrandMark />
      <h1 class="title-page">{{ t(entry.isCovered ? 'entry.covered' : 'entry.title') }}</h1>
      <p class="quiet">{{ t(entry.isCovered ? 'entry.coveredText' : 'entry.text') }}</p>
      <template v-if="entry.isSet">
        <PassphraseField v-model="passphrase" :label="t('entry.passphrase')" />
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <v-btn type="submit" :height="52" :loading="busy">{{
          t(entry.isCovered ? 'entry.uncover' : 'entry.enter')
        }}</v-btn>
        <p class="quiet">{{ t('entry.forgotten') }}</p>
      </template>
      <v-btn v-else type="submit" :height="52">{{ t('entry.uncover') }}</v-btn>
    </form>
  </main>
</template>

<style scoped>
.door {
  min-height: 100vh;
  display: grid;
  grid-template-columns: auto minmax(0, 440px);
  place-content: center;
  align-items: center;
  gap: 56px;
  padding: 24px;
  background: linear-gradient(110deg, var(--dawn-left), var(--dawn-middle) 55%, var(--dawn-right));
}
form {
  padding: 32px;
  display: grid;
  gap: 14px;
}
form > :first-child {
  justify-self: start;
}
@media (max-width: 760px) {
  .door {
    grid-template-columns: minmax(0, 440px);
    justify-items: center;
    gap: 20px;
  }
}
</style>
