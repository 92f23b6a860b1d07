<!-- A part of Settings with something beside it: the parts, what it is, and an aside that comes below on a narrow page. -->
<script setup lang="ts">
import SettingsTabs from './SettingsTabs.vue';

defineProps<{ title: string; lead: string }>();
</script>

<template>
  <div class="frame">
    <section>
      <SettingsTabs />
      <h1 class="title-page">{{ title }}</h1>
      <p class="quiet lead">{{ lead }}</p>
      <slot />
    </section>
    <aside><slot name="aside" /></aside>
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 48px;
  padding: 8px 32px 32px;
  max-width: 1280px;
  margin: 0 auto;
  align-items: start;
}
.lead {
  margin: 2px 0 12px;
}
aside {
  display: grid;
  gap: 10px;
  justify-items: start;
  padding-top: 56px;
}
@media (max-width: 900px) {
  .frame {
    grid-template-columns: minmax(0, 1fr);
    gap: 16px;
  }
  aside {
    padding-top: 0;
  }
}
</style>
