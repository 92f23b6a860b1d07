<!-- A passphrase, hidden while it is typed; it can be looked at, for it is long. -->
<script setup lang="ts">
import { mdiEyeOffOutline, mdiEyeOutline } from '@mdi/js';
import { ref, useId } from 'vue';
import { useI18n } from 'vue-i18n';
import { PASSPHRASE_LENGTH } from '../../contract/index.ts';

const { label, isNew = false } = defineProps<{
  label: string;
  /** Is it being chosen? Browsers then offer to keep it. */
  isNew?: boolean;
}>();
const text = defineModel<string>({ required: true });
const { t } = useI18n();
const id = useId();
const isSeen = ref(false);
</script>

<template>
  <div class="field">
    <label :for="id" class="title-item">{{ label }}</label>
    <div class="line">
      <input
        :id="id"
        v-model="text"
        class="sand-field"
        :type="isSeen ? 'text' : 'password'"
        :autocomplete="isNew ? 'new-password' : 'current-password'"
        :maxlength="PASSPHRASE_LENGTH.most"
        spellcheck="false"
        autocapitalize="off"
      />
      <button
        type="button"
        class="see"
        :aria-pressed="isSeen"
        :aria-label="t('entry.see')"
        :title="t('entry.see')"
        @click="isSeen = !isSeen"
      >
        <v-icon :icon="isSeen ? mdiEyeOffOutline : mdiEyeOutline" size="22" />
      </button>
    </div>
  </div>
</template>

<style scoped>
.field {
  display: grid;
  gap: 4px;
}
.line {
  display: flex;
  gap: 4px;
}
input {
  flex: 1;
  min-width: 0;
  height: 48px;
}
.see {
  width: 48px;
  height: 48px;
  border-radius: 50%;
  color: var(--quiet);
}
.see:hover {
  background: var(--plum-tint);
}
</style>
