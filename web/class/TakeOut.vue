<!-- The record for other programs, and for people on paper. -->
<script setup lang="ts">
import { apiAddress } from '../api/place.ts';
import { mdiTrayArrowDown } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import LinkList from '../look/LinkList.vue';

const { t } = useI18n();
const PATHS = {
  families: 'families.pdf',
  overview: 'overview.pdf',
  overviewCsv: 'overview.csv',
  masteryCsv: 'mastery.csv',
  answersCsv: 'answers.csv',
  statements: 'statements.json',
  statementsNamed: 'statements.json?names=1',
} as const;
const links = computed(() =>
  Object.entries(PATHS).map(([key, path]) => ({
    title: t(`exchange.${key}`),
    href: apiAddress(`/exchange/${path}`),
    opens: path.endsWith('.pdf'),
  })),
);
</script>

<template>
  <v-menu>
    <template #activator="{ props }">
      <v-btn v-bind="props" variant="text" :height="44" class="take-out" :prepend-icon="mdiTrayArrowDown">{{
        t('exchange.open')
      }}</v-btn>
    </template>
    <LinkList :links="links">{{ t('exchange.care') }}</LinkList>
  </v-menu>
</template>

<style scoped>
/* The table under it has the room of the screen; the button reaches into what is free above and below its line. */
.take-out {
  margin: -9px 0;
}
</style>
