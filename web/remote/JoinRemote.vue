<!-- A second device of the teacher's asks to be let in: the code stands on the board. -->
<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { tell } from '../api/client.ts';
import { problemKey } from '../words/problemWords.ts';

const emit = defineEmits<{ joined: [] }>();
const { t } = useI18n();
const code = ref('');
const problem = ref('');
const join = async (): Promise<void> => {
  try {
    await tell('POST', '/remote/join', { code: code.value });
    emit('joined');
  } catch (error) {
    problem.value = t(problemKey(error));
  }
};
</script>

<template>
  <main class="join">
    <h1 class="title-page">{{ t('remote.joinTitle') }}</h1>
    <p>{{ t('remote.joinHint') }}</p>
    <form @submit.prevent="join">
      <label for="remote-code" class="title-item">{{ t('remote.code') }}</label>
      <input
        id="remote-code"
        v-model="code"
        class="sand-field child-type"
        inputmode="numeric"
        autocomplete="one-time-code"
        maxlength="9"
        required
      />
      <v-btn type="submit" :height="56">{{ t('remote.join') }}</v-btn>
    </form>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </main>
</template>

<style scoped>
.join {
  min-height: 100vh;
  padding: 24px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: center;
  gap: 16px;
  max-width: 420px;
  margin: auto;
}
form {
  display: grid;
  gap: 10px;
}
input {
  width: 100%;
  height: 64px;
  font-size: 32px;
  text-align: center;
  letter-spacing: 0.1em;
}
</style>
