<!-- A class to begin with, or one more: its name and its children. The unit is laid out next. -->
<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { MOST_CHILDREN } from '../../contract/index.ts';
import ClassListField from '../children/ClassListField.vue';
import BrandMark from '../shell/BrandMark.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';

const { t } = useI18n();
const router = useRouter();
const store = useClassroomStore();
const name = ref('');
const list = ref('');
const problem = ref<string>();
const children = ref<readonly string[]>([]);
const make = async (): Promise<void> => {
  if (name.value.trim() === '') {
    problem.value = 'welcome.missing';
    return;
  }
  if (children.value.length > MOST_CHILDREN) {
    problem.value = 'problem.class-full';
    return;
  }
  try {
    await store.setUp(name.value, [...children.value]);
    await router.replace({ name: 'unit' });
  } catch (error) {
    problem.value = problemKey(error);
  }
};
</script>

<template>
  <main class="welcome">
    <form class="sheet" @submit.prevent="make">
      <BrandMark />
      <h1 class="title-page">{{ t('welcome.title') }}</h1>
      <p class="quiet">{{ t('welcome.lead') }}</p>
      <v-text-field v-model="name" :label="t('welcome.name')" maxlength="60" autofocus hide-details />
      <ClassListField v-model:text="list" v-model:names="children" :rows="5" />
      <p class="quiet">{{ t('welcome.privacy') }}</p>
      <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
      <div class="acts">
        <v-btn type="submit">{{ t('welcome.make') }}</v-btn>
        <v-btn v-if="store.classroom?.class" variant="text" @click="router.back()">{{ t('app.cancel') }}</v-btn>
      </div>
    </form>
  </main>
</template>

<style scoped>
.welcome {
  min-height: 100vh;
  display: grid;
  place-items: center;
  padding: 24px;
  background: linear-gradient(110deg, var(--dawn-left), var(--dawn-middle) 55%, var(--dawn-right));
}
form {
  width: min(520px, 100%);
  padding: 32px;
  display: grid;
  gap: 14px;
  justify-items: stretch;
}
form > :first-child {
  justify-self: start;
}
.acts {
  display: flex;
  gap: 8px;
}
.problem {
  color: var(--berry);
  font-weight: 600;
}
</style>
