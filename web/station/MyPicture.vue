<!-- Who sits here. A tap says bye: it goes back to the pictures, and nothing of the child stays on the tablet. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { Child } from '../../contract/index.ts';
import ChildPicture from '../look/ChildPicture.vue';
import { useStationStore } from './stationStore.ts';

const { child } = defineProps<{ child: Child }>();
const { t } = useI18n();
const store = useStationStore();
</script>

<template>
  <button type="button" class="me" :aria-label="t('station.notMe', { name: child.name })" @click="store.bye()">
    <ChildPicture :picture="child.picture" :px="84" />
    <strong>{{ child.name }}</strong>
  </button>
</template>

<style scoped>
.me {
  align-self: flex-start;
  display: flex;
  align-items: center;
  gap: 14px;
  min-width: 0;
  min-height: 72px;
  color: var(--ink);
  font-size: min(24px, var(--type, 24px));
  line-height: 1.2;
  text-align: left;
  border-radius: 44px;
}
.me :deep(.disc) {
  zoom: var(--picture, 1);
}
strong {
  overflow-wrap: anywhere;
}
/* On a telephone the name stands under the picture. */
@media (max-width: 520px), (max-height: 520px) {
  .me {
    flex-direction: column;
    gap: 2px;
    font-size: 14px;
    max-width: 90px;
    text-align: center;
  }
}
</style>
