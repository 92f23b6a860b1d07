<!-- May other devices of the network come in? Asked once, with what it means; shut again in one step. -->
<script setup lang="ts">
import { mdiLanDisconnect, mdiLanConnect } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';

const { lan, busy } = defineProps<{ lan: boolean; busy: boolean }>();
const emit = defineEmits<{ change: [lan: boolean] }>();
const { t } = useI18n();
const asks = ref(false);
const letIn = (): void => {
  asks.value = false;
  emit('change', true);
};
</script>

<template>
  <v-btn
    v-if="lan"
    variant="text"
    :height="48"
    :prepend-icon="mdiLanDisconnect"
    :disabled="busy"
    @click="emit('change', false)"
    >{{ t('tablets.lan.shut') }}</v-btn
  >
  <v-dialog v-else v-model="asks" :aria-label="t('tablets.lan.title')" max-width="480">
    <template #activator="{ props: activator }">
      <v-btn v-bind="activator" :height="48" :prepend-icon="mdiLanConnect" :disabled="busy">{{
        t('tablets.lan.letIn')
      }}</v-btn>
    </template>
    <section class="sheet asks" role="document">
      <h2 class="title-column">{{ t('tablets.lan.title') }}</h2>
      <p>{{ t('tablets.lan.means') }}</p>
      <p>{{ t('tablets.lan.stays') }}</p>
      <p class="quiet">{{ t('tablets.lan.rules') }}</p>
      <div class="acts">
        <v-btn autofocus @click="letIn">{{ t('tablets.lan.yes') }}</v-btn>
        <v-btn variant="text" @click="asks = false">{{ t('app.cancel') }}</v-btn>
      </div>
    </section>
  </v-dialog>
</template>

<style scoped>
.asks {
  padding: 24px;
  display: grid;
  gap: 12px;
}
.acts {
  display: flex;
  gap: 8px;
}
</style>
