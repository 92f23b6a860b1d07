<!-- Lessons kept for other classes: one is put in, or taken off the list. -->
<script setup lang="ts">
import { mdiTrashCanOutline } from '@mdi/js';
import { ref, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFocusBack } from '../shell/focusBack.ts';
import { Templates, type Template } from '../../contract/index.ts';
import { lessonMinutes } from '../../core/planning/index.ts';
import { get, remove } from '../api/client.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import { problemKey } from '../words/problemWords.ts';

const emit = defineEmits<{ take: [lesson: Template['lesson']]; cancel: [] }>();
const { t } = useI18n();
useFocusBack();
const words = usePlanWords();
const kept = shallowRef<readonly Template[]>();
const problem = ref<string>();
const tried = async (work: () => Promise<readonly Template[]>): Promise<void> => {
  try {
    kept.value = await work();
    problem.value = undefined;
  } catch (error) {
    problem.value = problemKey(error);
  }
};
void tried(() => get(Templates, '/templates'));
</script>

<template>
  <v-dialog :model-value="true" max-width="520" :aria-label="t('own.keptTitle')" @update:model-value="emit('cancel')">
    <section class="sheet kept">
      <h2 class="title-column">{{ t('own.keptTitle') }}</h2>
      <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
      <p v-else-if="kept === undefined" class="quiet" role="status">{{ t('app.loading') }}</p>
      <p v-else-if="kept.length === 0" class="quiet">{{ t('own.noneKept') }}</p>
      <ul v-else>
        <li v-for="{ id, lesson } in kept" :key="id">
          <button type="button" class="take" :data-kept="id" @click="emit('take', lesson)">
            <strong>{{ words.title(lesson) }}</strong>
            <span class="quiet">{{ t('own.sum', { count: lessonMinutes(lesson.segments) }) }}</span>
          </button>
          <v-btn
            variant="text"
            size="48"
            :icon="mdiTrashCanOutline"
            :aria-label="t('own.takeOut', { title: words.title(lesson) })"
            @click="tried(() => remove(Templates, `/templates/${id}`))"
          />
        </li>
      </ul>
      <div>
        <v-btn variant="text" @click="emit('cancel')">{{ t('app.cancel') }}</v-btn>
      </div>
    </section>
  </v-dialog>
</template>

<style scoped>
.kept {
  padding: 20px 24px;
  display: grid;
  gap: 12px;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
}
.take {
  flex: 1;
  min-height: 52px;
  padding: 4px 14px;
  display: grid;
  justify-items: start;
  text-align: left;
  border-radius: var(--corner);
  background: var(--sand-light);
}
.take:hover {
  background: var(--plum-tint);
}
</style>
