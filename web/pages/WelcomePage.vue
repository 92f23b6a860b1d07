<!--
  A class to begin with, or one more: its name and its children. The unit is laid out next. The first time it says what Hoppel does,
  and offers the made-up class to look round in.
-->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { MOST_CHILDREN } from '../../contract/index.ts';
import ClassListField from '../children/ClassListField.vue';
import { timeOf } from '../../core/clock/index.ts';
import PassphraseOffer from '../entry/PassphraseOffer.vue';
import SmallClock from '../clock/SmallClock.vue';
import StoneRow from '../look/StoneRow.vue';
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
/** Nothing was set up yet. */
const isFirst = computed(() => store.classroom?.class === null);
const SAYS = ['plan', 'show', 'know'] as const;
/** What the picture shows: half past nine, three stones along the path. */
const SHOWN = timeOf(9, 30);
const looking = ref(false);
const look = async (): Promise<void> => {
  looking.value = true;
  try {
    await store.lookRound();
    await router.replace({ name: 'desk' });
  } catch (error) {
    problem.value = problemKey(error);
  } finally {
    looking.value = false;
  }
};
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
  <main class="welcome" :class="{ first: isFirst }">
    <section v-if="isFirst" class="about">
      <BrandMark />
      <h1 class="title-page">{{ t('welcome.first') }}</h1>
      <div class="picture" aria-hidden="true">
        <SmallClock :time="SHOWN" :px="150" size="full" label="" />
        <StoneRow :count="6" :index="3" label="" class="stones" />
      </div>
      <ul>
        <li v-for="one in SAYS" :key="one">{{ t(`welcome.what.${one}`) }}</li>
      </ul>
      <v-btn variant="outlined" :loading="looking" @click="look">{{ t('welcome.look') }}</v-btn>
      <p class="quiet">{{ t('welcome.lookHint') }}</p>
      <PassphraseOffer />
    </section>
    <form class="sheet" @submit.prevent="make">
      <BrandMark v-if="!isFirst" />
      <component :is="isFirst ? 'h2' : 'h1'" class="title-page">{{ t('welcome.title') }}</component>
      <p class="quiet">{{ t('welcome.lead') }}</p>
      <v-text-field v-model="name" :label="t('welcome.name')" maxlength="60" autofocus hide-details />
      <ClassListField v-model:text="list" v-model:names="children" :rows="5" />
      <p class="quiet">{{ t('welcome.privacy') }}</p>
      <v-btn v-if="!isFirst && !store.classroom?.demo" variant="text" :loading="looking" @click="look">{{
        t('welcome.look')
      }}</v-btn>
      <p>
        <router-link :to="{ name: 'bring-in' }">{{ t('welcome.bringIn') }}</router-link>
      </p>
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
form > :first-child,
.about > :first-child {
  justify-self: start;
}
.first {
  grid-template-columns: minmax(0, 520px) minmax(0, 520px);
  justify-content: center;
  gap: 48px;
}
.about {
  width: min(520px, 100%);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  justify-items: start;
}
.picture {
  width: 100%;
  display: flex;
  align-items: center;
  gap: 20px;
}
.stones {
  flex: 1;
  min-width: 0;
  height: 110px;
}
.about ul {
  display: grid;
  gap: 8px;
}
@media (max-width: 900px) {
  .first {
    grid-template-columns: minmax(0, 520px);
  }
}
.acts {
  display: flex;
  gap: 8px;
}
</style>
