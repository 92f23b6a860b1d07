<!-- Choices that were tried and not kept are not lost without a word: whoever leaves is asked. -->
<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { nextTick, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { onBeforeRouteLeave, useRouter, type RouteLocationNormalized } from 'vue-router';

const { changed, keep, letGo } = defineProps<{
  /** Is there anything to keep? */
  changed: boolean;
  keep: () => Promise<void>;
  letGo: () => void;
}>();
const { t } = useI18n();
const router = useRouter();
/** Where somebody is about to go. */
const to = shallowRef<RouteLocationNormalized>();
onBeforeRouteLeave((wanted) => {
  if (!changed) return true;
  to.value = wanted;
  return false;
});
useEventListener(window, 'beforeunload', (event) => {
  if (changed) event.preventDefault();
});
const leave = async (keepsThem: boolean): Promise<void> => {
  const wanted = to.value;
  to.value = undefined;
  if (keepsThem) await keep();
  else letGo();
  await nextTick();
  // What could not be kept stays where it is seen.
  if (wanted !== undefined && !changed) await router.push(wanted.fullPath);
};
</script>

<template>
  <v-dialog
    :model-value="to !== undefined"
    width="460"
    :aria-label="t('settings.leaving')"
    @update:model-value="to = undefined"
  >
    <section class="sheet leaving">
      <h2 class="title-column">{{ t('settings.leaving') }}</h2>
      <p>{{ t('settings.leavingText') }}</p>
      <div class="acts">
        <v-btn autofocus data-leave="keep" @click="leave(true)">{{ t('settings.keep') }}</v-btn>
        <v-btn variant="tonal" data-leave="let-go" @click="leave(false)">{{ t('settings.letGo') }}</v-btn>
        <v-btn variant="text" @click="to = undefined">{{ t('settings.stay') }}</v-btn>
      </div>
    </section>
  </v-dialog>
</template>

<style scoped>
.leaving {
  padding: 24px;
  display: grid;
  gap: 14px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
