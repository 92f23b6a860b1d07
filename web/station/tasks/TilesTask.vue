<!-- Say it in words: "half past", "o'clock" and the numbers, put together in the order they are tapped. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Answer } from '../../../core/items/index.ts';
import { tilesIn, tilesOf, tilesTogether, timeWords } from '../../../core/asking/index.ts';
import ShownClock from './ShownClock.vue';
import TaskPanes from './TaskPanes.vue';
import type { TaskProps } from './task.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'read' | 'write-words'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const words = computed(() => timeWords(item.shown, settings));
const MOST = 4;
/** Words beside the numbers for which a small screen that lies has room. */
const FEW_WORDS = 4;
/** Tiles laid, in order. */
const laid = computed((): string[] => {
  if (shown !== undefined) return tilesOf(item.shown, settings);
  return tilesIn(answer.value?.kind === 'text' ? answer.value.text : '', words.value, settings);
});
const put = (next: readonly string[]): void => {
  if (!open) return;
  const text = tilesTogether(next.slice(0, MOST), settings);
  answer.value = text === '' ? undefined : { kind: 'text', text };
};
const undo = (): void => put(laid.value.slice(0, -1));
defineExpose({ undo });
</script>

<template>
  <TaskPanes :class="{ many: words.length > FEW_WORDS }">
    <template #clock><ShownClock :time="item.shown" :settings="settings" :light="light" /></template>
    <div class="builder">
      <p class="laid" :class="{ right: shown }" role="status" :aria-label="t('station.written')">
        <span v-for="(word, i) in laid" :key="i" class="piece">{{ word }}</span>
        <span v-if="laid.length === 0" class="empty" aria-hidden="true" />
      </p>
      <div class="words">
        <button
          v-for="word in words"
          :key="word"
          type="button"
          class="word"
          :data-word="word"
          @click="put([...laid, word])"
        >
          {{ word }}
        </button>
      </div>
      <div class="numbers" role="group" :aria-label="t('station.digits')">
        <button v-for="hour in 12" :key="hour" type="button" :data-word="hour" @click="put([...laid, String(hour)])">
          {{ hour }}
        </button>
      </div>
    </div>
  </TaskPanes>
</template>

<style scoped>
.builder {
  display: grid;
  justify-items: center;
  gap: min(12px, var(--gap));
  width: 100%;
}
.laid {
  min-width: min(260px, 90%);
  min-height: var(--laid);
  padding: 4px 16px;
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 12px;
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
  font-size: calc(var(--type) * 1.2);
  font-weight: 700;
}
.laid.right {
  box-shadow: inset 0 0 0 6px var(--moss-6);
}
.empty {
  width: 130px;
  border-bottom: 4px dashed var(--pebble);
}
.words {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: var(--tap-gap);
}
button {
  min-width: var(--tap);
  min-height: var(--tap);
  border-radius: 16px;
  background: var(--raised);
  box-shadow: var(--shadow);
  font-size: var(--type);
  font-weight: 700;
}
.word {
  padding: 0 min(24px, 1.6 * var(--gap));
  color: var(--plum);
}
.numbers {
  display: grid;
  /* As many beside each other as there is room for: six at most, in four rows at least where it is narrow. */
  grid-template-columns: repeat(auto-fit, minmax(var(--tap), 1fr));
  width: min(100%, 6 * 80px + 5 * var(--tap-gap));
  gap: var(--tap-gap);
}
@media (max-height: 700px) and (orientation: landscape) {
  .many {
    --clock-share: 26%;
  }
}
@container (min-aspect-ratio: 1.12) {
  .numbers {
    width: min(100%, 4 * 80px + 3 * var(--tap-gap));
  }
}
/* Beside many words the numbers are in two rows. */
.many .numbers {
  width: min(100%, 6 * 80px + 5 * var(--tap-gap));
}
</style>
