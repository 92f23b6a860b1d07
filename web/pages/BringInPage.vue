<!-- A class from another computer, before there is one here. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import BringIn from '../moving/BringIn.vue';
import BrandMark from '../shell/BrandMark.vue';

const { t } = useI18n();
const router = useRouter();
</script>

<template>
  <main class="arriving">
    <section class="sheet">
      <BrandMark />
      <h1 class="title-page">{{ t('moving.firstTitle') }}</h1>
      <p class="quiet">{{ t('moving.inText') }}</p>
      <BringIn />
      <v-btn variant="text" @click="router.push({ name: 'welcome' })">{{ t('moving.back') }}</v-btn>
    </section>
  </main>
</template>

<style scoped>
.arriving {
  min-height: 100vh;
  display: grid;
  place-items: center;
  padding: 24px;
  background: linear-gradient(110deg, var(--dawn-left), var(--dawn-middle) 55%, var(--dawn-right));
}
section {
  width: min(720px, 100%);
  padding: 32px;
  display: grid;
  gap: 14px;
  justify-items: stretch;
}
section > :first-child,
section > :last-child {
  justify-self: start;
}
</style>
