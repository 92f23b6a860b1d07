<!-- Chooses a passphrase, or another one: typed twice, the one so far first where there is one. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { PASSPHRASE_LENGTH } from '../../contract/index.ts';
import { useEntryStore } from '../stores/entry.ts';
import { problemKey } from '../words/problemWords.ts';
import PassphraseField from './PassphraseField.vue';

const emit = defineEmits<{ chosen: [] }>();
const { t } = useI18n();
const entry = useEntryStore();
const before = ref('');
const first = ref('');
const second = ref('');
const problem = ref('');
const busy = ref(false);
const fault = computed(() => {
  if (first.value.trim().length < PASSPHRASE_LENGTH.fewest) return 'entry.tooShort';
  return first.value === second.value ? '' : 'entry.differ';
});
const choose = async (): Promise<void> => {
  problem.value = fault.value && t(fault.value, { fewest: PASSPHRASE_LENGTH.fewest });
  if (problem.value !== '') return;
  busy.value = true;
  try {
    await entry.choose(first.value, entry.isSet ? before.value : null);
    before.value = first.value = second.value = '';
    emit('chosen');
  } catch (error) {
    problem.value = t(problemKey(error));
  } finally {
    busy.value = false;
  }
};
</script>

<template>
  <form class="choose" @submit.prevent="choose">
    <PassphraseField v-if="entry.isSet" v-model="before" :label="t('entry.before')" />
    <PassphraseField v-model="first" :label="t('entry.new')" is-new />
    <PassphraseField v-model="second" :label="t('entry.again')" is-new />
    <p class="quiet">{{ t('entry.advice') }}</p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div class="acts">
      <v-btn type="submit" :loading="busy">{{ t(entry.isSet ? 'entry.change' : 'entry.choose') }}</v-btn>
      <slot />
    </div>
  </form>
</template>

<style scoped>
.choose {
  display: grid;
  gap: 12px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
