<!-- What a screen is for and which keys it has: one key away everywhere. Closed, the keys are where they were. -->
<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { useEventListener } from '@vueuse/core';
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { LENSES } from '../../core/face/index.ts';
import { LENS_KEYS } from '../board/lenses/lensKeys.ts';
import { useFocusBack } from '../shell/focusBack.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useHelpStore } from '../stores/help.ts';
import { useStageStore } from '../stores/stage.ts';
import { useClockWords } from '../words/useClockWords.ts';
import { HELP_ROWS, isHelped } from './screens.ts';

const { t } = useI18n();
const route = useRoute();
const store = useClassroomStore();
const stage = useStageStore();
const help = useHelpStore();
const words = useClockWords(() => store.classroom!.settings);
const screen = computed(() => (isHelped(route.name) ? route.name : undefined));

const { remember, giveBack } = useFocusBack();
watch(
  () => help.isOpen,
  (isOpen) => isOpen && remember(),
  { flush: 'sync' },
);
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (!['?', 'F1'].includes(event.key) || event.ctrlKey || event.metaKey || screen.value === undefined) return;
  const at = event.target as Element;
  // In a field a question mark is written, on the check desk it marks.
  if (at.closest('[role="dialog"]') !== null) return;
  if (event.key === '?' && (route.meta['marks'] === true || at.closest('input, textarea, select') !== null)) return;
  event.preventDefault();
  help.isOpen = true;
});
const isBoard = computed(() => screen.value === 'board');
const rows = computed(() =>
  screen.value === undefined
    ? []
    : HELP_ROWS[screen.value].map(({ keys, does }) => ({ keys, does: t(`help.keys.${does}`) })),
);
/** What the board's dock offers just now, each with its key in its name. */
const dock = computed(() => (isBoard.value ? stage.dockLabels : []));
const lenses = computed(() =>
  isBoard.value && store.classroom !== undefined
    ? LENSES.map((lens) => ({ key: LENS_KEYS[lens].toUpperCase(), name: t(`lens.${lens}`, words.hands.value) }))
    : [],
);
</script>

<template>
  <v-dialog
    v-if="screen"
    v-model="help.isOpen"
    :aria-label="t(`help.screens.${screen}.title`)"
    max-width="640"
    scrollable
    @after-leave="giveBack"
  >
    <section class="sheet help" data-help>
      <header>
        <h2 class="title-column">{{ t(`help.screens.${screen}.title`) }}</h2>
        <v-btn
          autofocus
          variant="text"
          :icon="mdiClose"
          :width="48"
          :height="48"
          :aria-label="t('help.close')"
          @click="help.isOpen = false"
        />
      </header>
      <p>{{ t(`help.screens.${screen}.what`) }}</p>
      <template v-if="dock.length > 0">
        <h3 class="title-item">{{ t('help.here') }}</h3>
        <ul class="dock-list">
          <li v-for="label in dock" :key="label">{{ label }}</li>
        </ul>
      </template>
      <h3 class="title-item">{{ t('help.keysTitle') }}</h3>
      <dl>
        <div v-for="{ keys, does } in rows" :key="does">
          <dt>
            <kbd v-for="key in keys" :key="key">{{ key }}</kbd>
          </dt>
          <dd>{{ does }}</dd>
        </div>
      </dl>
      <template v-if="lenses.length > 0">
        <h3 class="title-item">{{ t('help.lenses') }}</h3>
        <dl>
          <div v-for="{ key, name } in lenses" :key="key">
            <dt>
              <kbd>{{ key }}</kbd>
            </dt>
            <dd>{{ name }}</dd>
          </div>
        </dl>
      </template>
    </section>
  </v-dialog>
</template>

<style scoped>
.help {
  padding: 20px 24px 24px;
  display: grid;
  gap: 12px;
  align-content: start;
  max-height: calc(100vh - 48px);
  overflow: auto;
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
}
dl,
.dock-list {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 6px 24px;
}
dl > div {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr);
  align-items: start;
  gap: 10px;
}
dt {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
dd {
  margin: 0;
}
kbd {
  padding: 1px 7px;
  border-radius: 6px;
  background: var(--sand);
  font: inherit;
  font-weight: 600;
  white-space: nowrap;
}
@media (max-width: 600px) {
  dl,
  .dock-list {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
