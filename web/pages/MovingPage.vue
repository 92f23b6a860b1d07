<!-- A class to another computer: a file to take along, and one that is brought in. -->
<script setup lang="ts">
import { mdiDownload } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { apiAddress } from '../api/place.ts';
import BringIn from '../moving/BringIn.vue';
import SettingsFrame from '../settings/SettingsFrame.vue';

const { t } = useI18n();
</script>

<template>
  <SettingsFrame :title="t('moving.title')" :lead="t('moving.lead')">
    <h2 class="title-item">{{ t('moving.inTitle') }}</h2>
    <BringIn />
    <template #aside>
      <h2 class="title-item">{{ t('moving.outTitle') }}</h2>
      <p>{{ t('moving.outText') }}</p>
      <v-btn :prepend-icon="mdiDownload" :href="apiAddress('/moving/class.json')" download>{{
        t('moving.outClass')
      }}</v-btn>
      <v-btn variant="text" :prepend-icon="mdiDownload" :href="apiAddress('/moving/all.json')" download>{{
        t('moving.outAll')
      }}</v-btn>
      <p class="quiet">{{ t('moving.stays') }}</p>
      <p class="quiet">{{ t('backups.care') }}</p>
    </template>
  </SettingsFrame>
</template>

<style scoped>
h2 {
  margin-bottom: 8px;
}
</style>
