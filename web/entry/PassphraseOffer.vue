<!-- The first start offers a passphrase; whoever goes without one reads what that means. -->
<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEntryStore } from '../stores/entry.ts';
import { problemKey } from '../words/problemWords.ts';
import PassphraseForm from './PassphraseForm.vue';

const { t } = useI18n();
const entry = useEntryStore();
const choosing = ref(false);
const problem = ref('');
const skip = async (): Promise<void> => {
  try {
    await entry.goWithout(null);
    problem.value = '';
  } catch (error) {
    problem.value = t(problemKey(error));
  }
};
</script>

<template>
  <section v-if="entry.entry" class="offer" data-offer>
    <p v-if="entry.isSet" role="status">{{ t('entry.chosen') }}</p>
    <p v-else-if="entry.entry.passphrase === 'skipped'" class="quiet" role="status">{{ t('entry.without') }}</p>
    <template v-else>
      <h2 class="title-item">{{ t('entry.offerTitle') }}</h2>
      <p v-if="!choosing" class="quiet">{{ t('entry.offer') }}</p>
      <PassphraseForm v-if="choosing">
        <v-btn variant="text" @click="choosing = false">{{ t('app.cancel') }}</v-btn>
      </PassphraseForm>
      <div v-else class="acts">
        <v-btn variant="tonal" :height="44" @click="choosing = true">{{ t('entry.offerChoose') }}</v-btn>
        <v-btn variant="text" :height="44" @click="skip">{{ t('entry.skip') }}</v-btn>
      </div>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </template>
  </section>
</template>

<style scoped>
.offer {
  width: 100%;
  display: grid;
  gap: 8px;
  padding-top: 14px;
  border-top: 1px solid var(--line);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
