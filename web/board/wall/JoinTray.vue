<!-- The way in for tablets, large enough to be seen from every seat. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import JoinCard from '../../tablets/JoinCard.vue';
import { useTablets } from '../../tablets/useTablets.ts';
import TrayBox from '../trays/TrayBox.vue';

const { t } = useI18n();
const { tablets, problem, load } = useTablets();
</script>

<template>
  <TrayBox :title="t('tablets.trayTitle')">
    <p v-if="problem" role="alert">
      {{ t(problem) }} <v-btn variant="text" @click="load">{{ t('app.retry') }}</v-btn>
    </p>
    <template v-else-if="tablets">
      <JoinCard :addresses="tablets.addresses" :code="tablets.code" :lan="tablets.lan" :px="96" />
      <p class="here" role="status">{{ t('tablets.here', { count: tablets.seats.length }, tablets.seats.length) }}</p>
    </template>
    <p v-else class="quiet" role="status">{{ t('app.loading') }}</p>
  </TrayBox>
</template>

<style scoped>
.here {
  margin-top: calc(var(--u) * 14);
  text-align: center;
  font-size: calc(var(--u) * 20);
}
</style>
