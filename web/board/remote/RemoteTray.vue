<!-- How the teacher's phone or tablet becomes a remote: an address as picture and text, and a code. -->
<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { toString as toQr } from 'qrcode';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { RemoteAccess } from '../../../contract/index.ts';
import { get } from '../../api/client.ts';
import { useStageStore } from '../../stores/stage.ts';

const { t } = useI18n();
const stage = useStageStore();
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
  <section class="remote-tray" :aria-label="t('remote.trayTitle')">
    <header>
      <h2 class="title-column">{{ t('remote.trayTitle') }}</h2>
      <button
        type="button"
        :aria-label="t('board.closeTray')"
        :title="t('board.closeTray')"
        @click="stage.tray = undefined"
      >
        <v-icon :icon="mdiClose" />
      </button>
    </header>
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
  </section>
</template>

<style scoped>
.remote-tray {
  flex: 1;
  min-height: 0;
  overflow: auto;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: calc(var(--u) * 12);
  padding: calc(var(--u) * 10) calc(var(--u) * 14) calc(var(--u) * 14);
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
  text-align: center;
}
header {
  align-self: stretch;
  display: flex;
  align-items: center;
  justify-content: space-between;
}
header button {
  width: 48px;
  height: 48px;
  border-radius: 50%;
  display: grid;
  place-items: center;
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
