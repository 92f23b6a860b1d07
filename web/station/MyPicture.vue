<!-- Who sits here; a tap goes back to the pictures. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { Child } from '../../contract/index.ts';
import ChildPicture from '../people/ChildPicture.vue';

const { child } = defineProps<{ child: Child }>();
const { t } = useI18n();
</script>

<template>
  <router-link :to="{ name: 'pick' }" class="me" :aria-label="t('station.notMe', { name: child.name })">
    <ChildPicture :picture="child.picture" :px="84" />
    <strong>{{ child.name }}</strong>
  </router-link>
</template>

<style scoped>
.me {
  align-self: flex-start;
  display: flex;
  align-items: center;
  gap: 14px;
  min-width: 0;
  color: var(--ink);
  text-decoration: none;
  font-size: 24px;
  line-height: 1.2;
  border-radius: 44px;
}
strong {
  overflow-wrap: anywhere;
}
</style>
