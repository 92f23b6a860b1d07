<!-- The way in for tablets: an address as picture and text, and the class's pictures. -->
<script setup lang="ts">
import { toString as toQr } from 'qrcode';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { ClassCode } from '../../contract/index.ts';
import ChildPicture from '../look/ChildPicture.vue';

const {
  addresses,
  code,
  lan,
  px = 84,
} = defineProps<{
  /** Where this computer is reached; it may be on several networks. */
  addresses: readonly string[];
  code: ClassCode;
  /** Can other devices reach this computer? */
  lan: boolean;
  /** Size of a picture of the code. */
  px?: number;
}>();
const { t } = useI18n();
const at = ref(0);
const address = computed(() => addresses[at.value % addresses.length] ?? '');
const qr = ref('');
watch(
  address,
  async (now) => {
    qr.value = now && `data:image/svg+xml,${encodeURIComponent(await toQr(now, { type: 'svg', margin: 1 }))}`;
  },
  { immediate: true },
);
</script>

<template>
  <div class="join">
    <img v-if="qr" :src="qr" :alt="t('tablets.qr', { address })" class="qr" />
    <p class="address">{{ address }}</p>
    <v-btn v-if="addresses.length > 1" variant="text" :height="48" @click="at += 1">{{
      t('tablets.otherAddress', { number: (at % addresses.length) + 1, of: addresses.length })
    }}</v-btn>
    <ol class="code" :aria-label="t('tablets.code')">
      <li v-for="(picture, i) in code" :key="i">
        <ChildPicture :picture="picture" :px="px" /><span class="only-heard">{{
          t(`tablets.pictures.${picture}`)
        }}</span>
      </li>
    </ol>
    <p v-if="!lan" class="quiet">{{ t('tablets.noLan') }}</p>
  </div>
</template>

<style scoped>
.join {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 12px;
  text-align: center;
}
.qr {
  width: min(100%, 230px);
  border-radius: var(--corner);
}
.address {
  font-weight: 600;
  overflow-wrap: anywhere;
}
.code {
  display: flex;
  gap: 12px;
}
</style>
