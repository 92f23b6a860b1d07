<!-- A new data file: name the class, list the children, choose the first day. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { schoolDayFrom } from '../../core/planning/index.ts';
import BrandMark from '../shell/BrandMark.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../stores/problemWords.ts';

const { t } = useI18n();
const router = useRouter();
const store = useClassroomStore();
const name = ref('');
const list = ref('');
const startsOn = ref(schoolDayFrom(store.classroom!.today, 0));
const problem = ref<string>();
const children = computed(() =>
  list.value
    .split(/[\n,;]/)
    .map((child) => child.trim())
    .filter((child) => child !== ''),
);
const ready = computed(() => name.value.trim() !== '' && children.value.length > 0 && startsOn.value !== '');
const make = async (): Promise<void> => {
  if (!ready.value) {
    problem.value = 'welcome.missing';
    return;
  }
  try {
    await store.setUp({ name: name.value, children: children.value, startsOn: startsOn.value });
    await router.replace({ name: 'desk' });
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
      <v-textarea
        v-model="list"
        :label="t('welcome.children')"
        rows="7"
        :hint="
          children.length > 0
            ? t('welcome.count', { count: children.length }, children.length)
            : t('welcome.childrenHint')
        "
        persistent-hint
      />
      <v-text-field v-model="startsOn" type="date" :label="t('welcome.startsOn')" hide-details />
      <p class="quiet">{{ t('welcome.privacy') }}</p>
      <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
      <v-btn type="submit">{{ t('welcome.make') }}</v-btn>
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
.problem {
  color: var(--berry);
  font-weight: 600;
}
</style>
