<!-- A class to another computer: a file to take along, and one that is brought in. -->
<script setup lang="ts">
import { mdiDownload } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { apiAddress } from '../api/place.ts';
import BringIn from '../moving/BringIn.vue';
import SettingsTabs from '../settings/SettingsTabs.vue';

const { t } = useI18n();
</script>

<template>
  <div class="page">
    <section>
      <SettingsTabs />
      <h1 class="title-page">{{ t('moving.title') }}</h1>
      <p class="quiet lead">{{ t('moving.lead') }}</p>
      <h2 class="title-item">{{ t('moving.inTitle') }}</h2>
      <BringIn />
    </section>
    <aside>
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
    </aside>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 48px;
  padding: 8px 32px 32px;
  max-width: 1280px;
  margin: 0 auto;
  align-items: start;
}
.lead {
  margin: 2px 0 16px;
}
h2 {
  margin-bottom: 8px;
}
aside {
  display: grid;
  gap: 10px;
  justify-items: start;
  padding-top: 56px;
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
    gap: 16px;
  }
  aside {
    padding-top: 0;
  }
}
</style>
