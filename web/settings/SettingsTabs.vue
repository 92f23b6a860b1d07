<!-- The parts of Settings, side by side. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';

const { t } = useI18n();
const route = useRoute();
const TABS = ['settings', 'children', 'day', 'unit', 'passphrase', 'backups', 'moving'] as const;
</script>

<template>
  <nav class="tabs" :aria-label="t('settings.parts')">
    <router-link
      v-for="name in TABS"
      :key="name"
      :to="{ name }"
      :class="{ here: route.name === name }"
      :aria-current="route.name === name ? 'page' : undefined"
    >
      {{ t(`settings.tab.${name}`) }}
    </router-link>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
  margin: 0 0 8px -13px;
}
a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 13px;
  border-radius: 999px;
  color: var(--ink);
}
a:hover {
  background: var(--plum-tint);
  text-decoration: none;
}
a.here {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
</style>
