<!-- Who sits here. A tap says bye: it goes back to the pictures, and nothing of the child stays on the tablet. In a task it asks first. -->
<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child } from '../../contract/index.ts';
import ChildPicture from '../look/ChildPicture.vue';
import { useStationStore } from './stationStore.ts';

const { child, asks } = defineProps<{
  child: Child;
  /** Is there something to lose by a tap that was not meant? */
  asks?: boolean;
}>();
const { t } = useI18n();
const store = useStationStore();
const asking = ref(false);
const tap = (): void => {
  if (asks) asking.value = !asking.value;
  else void store.bye();
};
</script>

<template>
  <div class="mine">
    <button
      type="button"
      class="me"
      :aria-label="t('station.notMe', { name: child.name })"
      :aria-expanded="asks ? asking : undefined"
      @click="tap"
    >
      <ChildPicture :picture="child.picture" :px="84" />
      <strong>{{ child.name }}</strong>
    </button>
    <div v-if="asking" class="asking">
      <button type="button" class="bye" @click="store.bye()">{{ t('station.bye') }}</button>
      <button type="button" @click="asking = false">{{ t('station.stay') }}</button>
    </div>
  </div>
</template>

<style scoped>
.mine {
  position: relative;
  align-self: flex-start;
  min-width: 0;
}
.asking {
  position: absolute;
  z-index: 3;
  top: 100%;
  left: 0;
  display: flex;
  gap: 10px;
  padding: 10px;
  border-radius: 20px;
  background: #fff;
  box-shadow: var(--shadow);
}
.asking button {
  min-height: 72px;
  min-width: 96px;
  padding: 0 18px;
  border-radius: 16px;
  font-size: 22px;
  font-weight: 700;
  white-space: nowrap;
  color: var(--ink);
  background: var(--sand);
}
.asking .bye {
  background: var(--plum-chosen);
}
.me {
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
