<!-- Between rounds: the hare waits; a child can practise alone. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { Child } from '../../contract/index.ts';
import HareFigure from '../look/HareFigure.vue';
import MyPicture from './MyPicture.vue';

const { child, canPractise } = defineProps<{ child: Child; canPractise: boolean }>();
const { t } = useI18n();
</script>

<template>
  <section class="waiting">
    <h1 class="only-heard">{{ child.name }}</h1>
    <MyPicture :child="child" />
    <div class="middle">
      <div class="mound"><HareFigure :px="190" /></div>
      <p role="status">{{ t('station.waiting') }}</p>
      <router-link v-if="canPractise" replace :to="{ name: 'alone', params: { childId: child.id } }" class="alone">{{
        t('station.alone')
      }}</router-link>
    </div>
  </section>
</template>

<style scoped>
.waiting {
  height: 100%;
  padding: 24px 32px;
  display: flex;
  flex-direction: column;
}
.middle {
  flex: 1;
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 20px;
  font-size: 26px;
  text-align: center;
}
/* As wide as the mound itself, so that none of it is cut off. */
.mound {
  width: 260px;
  display: grid;
  justify-items: center;
  padding-bottom: 12px;
  background: radial-gradient(closest-side, var(--moss-7) 97%, transparent) no-repeat 50% 100% / 260px 56px;
}
.alone {
  display: grid;
  place-items: center;
  min-height: 80px;
  padding: 0 44px;
  border-radius: 999px;
  background: var(--plum);
  color: #fff;
  font-weight: 700;
  text-decoration: none;
}
</style>
