<!-- What the teacher has seen of a child, in her own words, with the day. -->
<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { v4 as newId } from 'uuid';
import { Notes, type Note, type PostNote } from '../../contract/index.ts';
import { post, remove } from '../api/client.ts';
import { problemKey } from '../words/problemWords.ts';

const { childId, notes } = defineProps<{ childId: number; notes: readonly Note[] }>();
const emit = defineEmits<{ changed: [notes: readonly Note[]] }>();
const { t, d } = useI18n();

const text = ref('');
const problem = ref<string>();
/** Kept over tries, so that a note is kept once. */
let id = newId();
const tried = async (work: () => Promise<{ notes: readonly Note[] }>): Promise<boolean> => {
  try {
    emit('changed', (await work()).notes);
    problem.value = undefined;
    return true;
  } catch (error) {
    problem.value = problemKey(error);
    return false;
  }
};
const add = async (): Promise<void> => {
  const note: PostNote = { id, text: text.value.trim() };
  if (note.text === '' || !(await tried(() => post(Notes, `/record/children/${childId}/notes`, note)))) return;
  text.value = '';
  id = newId();
};
const takeBack = (note: Note): Promise<boolean> =>
  tried(() => remove(Notes, `/record/children/${childId}/notes/${note.id}`));
</script>

<template>
  <section class="notes">
    <h2 class="title-column">{{ t('child.notes') }}</h2>
    <ul>
      <li v-for="note in notes" :key="note.id">
        <p>{{ note.text }}</p>
        <p class="quiet">{{ d(new Date(`${note.day}T00:00:00Z`), 'long') }}</p>
        <v-btn
          icon
          variant="text"
          size="40"
          :aria-label="t('child.noteAway', { text: note.text })"
          @click="takeBack(note)"
          ><v-icon :icon="mdiClose" size="18"
        /></v-btn>
      </li>
    </ul>
    <form @submit.prevent="add">
      <v-textarea
        v-model="text"
        :label="t('child.note')"
        rows="2"
        auto-grow
        hide-details
        maxlength="500"
        variant="solo"
        flat
      />
      <v-btn type="submit" variant="tonal" :height="44" :disabled="text.trim() === ''">{{ t('child.noteAdd') }}</v-btn>
    </form>
    <p class="quiet">{{ t('child.noteCare') }}</p>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  </section>
</template>

<style scoped>
.notes {
  display: grid;
  gap: 8px;
  margin: 6px 0 18px;
}
li {
  position: relative;
  padding: 6px 44px 6px 0;
  overflow-wrap: anywhere;
}
li .v-btn {
  position: absolute;
  top: 2px;
  right: 0;
}
form {
  display: grid;
  gap: 8px;
  justify-items: start;
}
form > :first-child {
  width: 100%;
}
</style>
