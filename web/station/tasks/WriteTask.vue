<!-- Write it in digits, on a large pad. The two dots are the child's to put. -->
<script setup lang="ts">
import { mdiBackspaceOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Answer } from '../../../core/items/index.ts';
import { digits } from '../../../core/wording/index.ts';
import MdiIcon from '../MdiIcon.vue';
import ShownClock from './ShownClock.vue';
import TaskPanes from './TaskPanes.vue';
import type { TaskProps } from './task.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'write-digital' | 'words-to-digits'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
/** As many as a time has, and a few for those who write more. */
const MOST = 8;
const separator = computed(() => digits(item.shown, settings).separator);
const text = computed(() => (answer.value?.kind === 'text' ? answer.value.text : ''));
const put = (next: string): void => {
  if (open) answer.value = next === '' ? undefined : { kind: 'text', text: next.slice(0, MOST) };
};
const right = computed(() => (shown?.kind === 'text' ? shown.text : undefined));
/** What stands on the display, two dots apart from digits so that they can be seen. */
const written = computed(() => [...(right.value ?? text.value)]);
const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];
const ZERO = '0';
const erase = (): void => put(text.value.slice(0, -1));
/** A keyboard writes too. */
const type = (event: KeyboardEvent): void => {
  if (/^[0-9]$/.test(event.key) || event.key === separator.value) put(text.value + event.key);
  else if (event.key === 'Backspace') erase();
};
defineExpose({ undo: erase });
</script>

<template>
  <TaskPanes @keydown="type">
    <template v-if="item.kind === 'write-digital'" #clock
      ><ShownClock :time="item.shown" :settings="settings" :light="light"
    /></template>
    <div class="pad">
      <output class="display" :class="{ right }" :aria-label="t('station.written')">
        <template v-if="written.length > 0"
          ><span v-for="(one, i) in written" :key="i" :class="{ dots: !/\d/.test(one) }">{{ one }}</span></template
        >
        <span v-else class="empty" aria-hidden="true" />
      </output>
      <div class="keys" role="group" :aria-label="t('station.digits')">
        <button v-for="digit in KEYS" :key="digit" type="button" :data-key="digit" @click="put(text + digit)">
          {{ digit }}
        </button>
        <button
          type="button"
          class="colon"
          :class="{ lit: light.colon }"
          :aria-label="t('station.colon')"
          data-key="colon"
          @click="put(text + separator)"
        >
          {{ separator }}
        </button>
        <button type="button" data-key="0" @click="put(text + ZERO)">{{ ZERO }}</button>
        <button type="button" class="erase" :aria-label="t('station.erase')" data-key="erase" @click="erase">
          <MdiIcon :path="mdiBackspaceOutline" :px="34" />
        </button>
      </div>
    </div>
  </TaskPanes>
</template>

<style scoped>
.pad {
  display: grid;
  justify-items: center;
  gap: min(12px, var(--gap));
  width: 100%;
}
.display {
  min-width: min(240px, 90%);
  min-height: var(--laid);
  padding: 0 18px;
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
  display: flex;
  justify-content: center;
  align-items: center;
  font-size: calc(var(--laid) * 0.7);
  line-height: 1.2;
  font-weight: 700;
}
.display.right {
  box-shadow: inset 0 0 0 6px var(--moss-6);
}
.dots {
  color: var(--plum);
}
.empty {
  width: 130px;
  border-bottom: 4px dashed var(--pebble);
}
.keys {
  display: grid;
  grid-template-columns: repeat(6, minmax(var(--tap), 84px));
  gap: var(--tap-gap);
}
.keys button {
  min-height: var(--tap);
  display: grid;
  place-items: center;
  border-radius: 16px;
  background: var(--raised);
  box-shadow: var(--shadow);
  font-size: calc(var(--type) * 1.13);
  font-weight: 700;
}
.keys .colon {
  color: var(--plum);
  font-size: calc(var(--type) * 1.4);
}
.keys .lit {
  background: var(--sun);
  color: var(--ink);
}
/* Beside the clock the pad is higher than wide. */
@container (min-aspect-ratio: 1.12) {
  .keys {
    grid-template-columns: repeat(3, minmax(var(--tap), 84px));
  }
}
</style>
