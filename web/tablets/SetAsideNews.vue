<!-- Answers that could not be taken: why, whose, and what can be done. They stand on their tablets still. -->
<script setup lang="ts">
import { apiAddress } from '../api/place.ts';
import { mdiAlertCircleOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child, SetAside } from '../../contract/index.ts';

const { answers, children, busy } = defineProps<{
  answers: readonly SetAside[];
  children: readonly Child[];
  busy: boolean;
}>();
const emit = defineEmits<{ again: []; letGo: [ids: string[]] }>();
const { t } = useI18n();
/** What the teacher was asked about: none of those that came since. */
const asked = ref<string[]>();

const nameOf = ({ childId }: SetAside): string =>
  children.find(({ id }) => id === childId)?.name ?? t('tablets.setAside.somebody');
/** Each reason once, with whose answers they are. */
const reasons = computed(() =>
  [...new Set(answers.map(({ code }) => code))].map((code) => {
    const own = answers.filter((one) => one.code === code);
    const names = [...new Set(own.map(nameOf))];
    return { code, who: names.map((name) => ({ name, count: own.filter((one) => nameOf(one) === name).length })) };
  }),
);
const letGo = (): void => {
  emit('letGo', asked.value!);
  asked.value = undefined;
};
</script>

<template>
  <section v-if="answers.length > 0" class="sheet not-taken" role="status">
    <v-icon :icon="mdiAlertCircleOutline" size="28" aria-hidden="true" />
    <div class="why">
      <h2 class="title-column">{{ t('tablets.setAside.title', { count: answers.length }, answers.length) }}</h2>
      <p v-for="{ code, who } in reasons" :key="code">
        {{ t(`problem.${code}`) }}
        <span class="quiet">{{
          who.map(({ name, count }) => t('tablets.setAside.whose', { name, count })).join(', ')
        }}</span>
      </p>
      <p class="quiet">{{ t('tablets.setAside.kept') }}</p>
    </div>
    <div v-if="asked === undefined" class="acts">
      <v-btn :height="48" :disabled="busy" @click="emit('again')">{{ t('tablets.setAside.again') }}</v-btn>
      <v-btn variant="text" :height="48" :href="apiAddress('/tablets/set-aside')" download>{{
        t('tablets.setAside.download')
      }}</v-btn>
      <v-btn variant="text" :height="48" :disabled="busy" @click="asked = answers.map(({ id }) => id)">{{
        t('tablets.setAside.letGo')
      }}</v-btn>
    </div>
    <div v-else class="acts">
      <v-btn :height="48" :disabled="busy" @click="letGo">{{
        t('tablets.setAside.forGood', { count: asked.length }, asked.length)
      }}</v-btn>
      <v-btn variant="text" :height="48" @click="asked = undefined">{{ t('app.cancel') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.not-taken {
  padding: 14px 20px;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}
.not-taken > .v-icon {
  color: var(--berry);
}
.why {
  flex: 1 1 420px;
  min-width: 0;
  display: grid;
  gap: 2px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
