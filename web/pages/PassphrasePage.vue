<!-- Who gets to the teacher's side: a passphrase or none, what that means, the devices that are in, and who tried. -->
<script setup lang="ts">
import { ref, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import PassphraseField from '../entry/PassphraseField.vue';
import PassphraseForm from '../entry/PassphraseForm.vue';
import TeacherDevices from '../entry/TeacherDevices.vue';
import SettingsFrame from '../settings/SettingsFrame.vue';
import { useEntryStore } from '../stores/entry.ts';
import { problemKey } from '../words/problemWords.ts';

const { t, d } = useI18n();
const entry = useEntryStore();
const devices = useTemplateRef('devices');
const chosen = ref(false);
const leaving = ref(false);
const before = ref('');
const problem = ref('');
const act = async (work: () => Promise<void>): Promise<boolean> => {
  try {
    await work();
    problem.value = '';
    return true;
  } catch (error) {
    problem.value = t(problemKey(error));
    return false;
  }
};
const onChosen = (): void => {
  chosen.value = true;
  void devices.value?.load();
};
const goWithout = async (): Promise<void> => {
  if (!(await act(() => entry.goWithout(entry.isSet ? before.value : null)))) return;
  leaving.value = chosen.value = false;
  before.value = '';
};
const when = (at: string): string => d(new Date(at), { dateStyle: 'medium', timeStyle: 'short' });
</script>

<template>
  <SettingsFrame :title="t('entry.page')" :lead="t('entry.pageLead')">
    <p v-if="chosen" class="good" role="status">{{ t('entry.chosen') }}</p>
    <div v-if="entry.entry?.wrong" class="tries" role="status">
      <p>
        {{
          t(
            'entry.tries',
            { count: entry.entry.wrong.count, when: when(entry.entry.wrong.lastAt) },
            entry.entry.wrong.count,
          )
        }}
      </p>
      <v-btn variant="text" :height="44" @click="act(entry.sawTries)">{{ t('entry.seen') }}</v-btn>
    </div>
    <div v-if="!entry.isSet" class="sheet card">
      <p class="title-item">
        {{ t(`entry.state.${entry.entry?.passphrase === 'skipped' ? 'skipped' : 'unasked'}`) }}
      </p>
      <p>{{ t('entry.without') }}</p>
    </div>
    <div class="sheet card">
      <h2 class="title-column">{{ t(entry.isSet ? 'entry.changeTitle' : 'entry.chooseTitle') }}</h2>
      <PassphraseForm @chosen="onChosen">
        <v-btn v-if="entry.entry?.passphrase === 'unasked'" variant="text" @click="goWithout">{{
          t('entry.skip')
        }}</v-btn>
        <v-btn v-if="entry.isSet && !leaving" variant="text" @click="leaving = true">{{ t('entry.goWithout') }}</v-btn>
      </PassphraseForm>
      <form v-if="leaving" class="leaving" @submit.prevent="goWithout">
        <p>{{ t('entry.without') }}</p>
        <PassphraseField v-model="before" :label="t('entry.before')" />
        <div class="acts">
          <v-btn type="submit" data-without>{{ t('entry.goWithout') }}</v-btn>
          <v-btn variant="text" @click="leaving = false">{{ t('app.cancel') }}</v-btn>
        </div>
      </form>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </div>
    <template #aside>
      <TeacherDevices v-if="entry.isSet" ref="devices" />
      <section class="beside">
        <h2 class="title-column">{{ t('entry.coverTitle') }}</h2>
        <p>{{ t(entry.isSet ? 'entry.coverSet' : 'entry.coverNone') }}</p>
        <v-btn variant="tonal" :height="44" @click="entry.cover">{{ t('entry.cover') }}</v-btn>
      </section>
      <section class="beside">
        <h2 class="title-column">{{ t('entry.resetTitle') }}</h2>
        <p>{{ t('entry.reset') }}</p>
      </section>
    </template>
  </SettingsFrame>
</template>

<style scoped>
.card {
  display: grid;
  gap: 10px;
  padding: 18px 22px;
  margin-bottom: 16px;
  max-width: 620px;
}
.tries {
  display: flex;
  align-items: center;
  gap: 12px;
  color: var(--berry);
  font-weight: 600;
}
.good {
  color: var(--plum-deep);
  font-weight: 600;
}
.leaving {
  display: grid;
  gap: 12px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
.acts {
  display: flex;
  gap: 8px;
}
.beside {
  display: grid;
  gap: 8px;
  justify-items: start;
  margin-bottom: 14px;
}
</style>
