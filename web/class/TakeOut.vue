<!-- The record for other programs, and for people on paper. -->
<script setup lang="ts">
import { mdiTrayArrowDown } from '@mdi/js';
import { useI18n } from 'vue-i18n';

const { t } = useI18n();
const PAGES = [
  { key: 'families', path: 'families.pdf' },
  { key: 'overview', path: 'overview.pdf' },
] as const;
const FILES = [
  { key: 'overviewCsv', path: 'overview.csv' },
  { key: 'masteryCsv', path: 'mastery.csv' },
  { key: 'answersCsv', path: 'answers.csv' },
  { key: 'statements', path: 'statements.json' },
  { key: 'statementsNamed', path: 'statements.json?names=1' },
] as const;
</script>

<template>
  <v-menu>
    <template #activator="{ props }">
      <v-btn v-bind="props" variant="text" :height="44" :prepend-icon="mdiTrayArrowDown">{{
        t('exchange.open')
      }}</v-btn>
    </template>
    <v-list>
      <v-list-item
        v-for="{ key, path } in PAGES"
        :key="key"
        :title="t(`exchange.${key}`)"
        :href="`/api/exchange/${path}`"
        target="_blank"
      />
      <v-list-item
        v-for="{ key, path } in FILES"
        :key="key"
        :title="t(`exchange.${key}`)"
        :href="`/api/exchange/${path}`"
        download
      />
      <p class="quiet care">{{ t('exchange.care') }}</p>
    </v-list>
  </v-menu>
</template>

<style scoped>
.care {
  max-width: 340px;
  padding: 8px 16px;
}
</style>
