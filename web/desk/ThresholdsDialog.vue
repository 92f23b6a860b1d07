<!-- How many of the class must be secure to go on, and to go on with a small group: per cent, by the teacher. -->
<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFocusBack } from '../shell/focusBack.ts';
import type { Thresholds } from '../../contract/index.ts';

const { thresholds } = defineProps<{ thresholds: Thresholds }>();
const emit = defineEmits<{ keep: [thresholds: Thresholds]; close: [] }>();
const { t } = useI18n();
useFocusBack();
const goOn = ref(thresholds.goOn);
const withGroup = ref(thresholds.withGroup);
const set = (which: 'goOn' | 'withGroup', value: number): void => {
  if (which === 'goOn') {
    goOn.value = value;
    withGroup.value = Math.min(withGroup.value, value);
  } else {
    withGroup.value = value;
    goOn.value = Math.max(goOn.value, value);
  }
};
</script>

<template>
  <v-dialog :model-value="true" width="460" :aria-label="t('desk.thresholds')" @update:model-value="emit('close')">
    <form class="sheet ask" @submit.prevent="emit('keep', { goOn, withGroup })">
      <h2 class="title-column">{{ t('desk.thresholds') }}</h2>
      <label>
        {{ t('desk.goOnFrom', { percent: goOn }) }}
        <input
          type="range"
          min="5"
          max="100"
          step="5"
          :value="goOn"
          @input="set('goOn', Number(($event.target as HTMLInputElement).value))"
        />
      </label>
      <label>
        {{ t('desk.groupFrom', { percent: withGroup }) }}
        <input
          type="range"
          min="5"
          max="100"
          step="5"
          :value="withGroup"
          @input="set('withGroup', Number(($event.target as HTMLInputElement).value))"
        />
      </label>
      <p class="quiet">{{ t('desk.againBelow', { percent: withGroup }) }}</p>
      <div class="acts">
        <v-btn type="submit">{{ t('settings.keep') }}</v-btn>
        <v-btn variant="text" @click="emit('close')">{{ t('app.cancel') }}</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.ask {
  padding: 24px;
  display: grid;
  gap: 16px;
}
label {
  display: grid;
  gap: 4px;
}
input {
  accent-color: var(--plum);
  height: 36px;
}
.acts {
  display: flex;
  gap: 8px;
}
</style>
