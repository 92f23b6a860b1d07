<!-- How the teacher's phone or tablet becomes a remote: an address as picture and text, and a code. -->
<script setup lang="ts">
import { toString as toQr } from 'qrcode';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { RemoteAccess } from '../../../contract/index.ts';
import { get } from '../../api/client.ts';
import TrayBox from '../trays/TrayBox.vue';

const { t } = useI18n();
const access = ref<RemoteAccess>();
const failed = ref(false);
const qr = ref('');
const address = computed(() => access.value?.addresses[0] ?? '');
const code = computed(() => access.value?.code.replace(/^(...)/, '$1 ') ?? '');
const load = async (): Promise<void> => {
  try {
    access.value = await get(RemoteAccess, '/remote');
    failed.value = false;
    qr.value = `data:image/svg+xml,${encodeURIComponent(await toQr(address.value, { type: 'svg', margin: 1 }))}`;
  } catch {
    failed.value = true;
  }
};
onMounted(load);
</script>

<template>
  <TrayBox class="remote-tray" :title="t('remote.trayTitle')">
    <p v-if="failed" role="alert">
      {{ t('problem.unreachable') }} <v-btn variant="text" @click="load">{{ t('app.retry') }}</v-btn>
    </p>
    <template v-else-if="access">
      <img v-if="qr" :src="qr" :alt="t('remote.qr', { address })" class="qr" />
      <p class="address">{{ address }}</p>
      <p>
        {{ t('remote.code') }} <strong class="code child-type">{{ code }}</strong>
      </p>
      <p class="quiet">{{ t(access.lan ? 'remote.trayHint' : 'remote.noLan') }}</p>
    </template>
    <p v-else class="quiet" role="status">{{ t('app.loading') }}</p>
  </TrayBox>
</template>

<style scoped>
.remote-tray {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: calc(var(--u) * 12);
  text-align: center;
}
.qr {
  width: calc(var(--u) * 250);
}
.address {
  font-weight: 600;
  overflow-wrap: anywhere;
}
.code {
  display: block;
  font-size: calc(var(--u) * 54);
  line-height: 1.2;
  letter-spacing: 0.06em;
}
</style>
