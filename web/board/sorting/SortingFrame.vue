<!-- A board for putting pictures where they belong: what is asked, the pictures, what to do; checked in one tap, begun again in another. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../../contract/index.ts';
import { useStageStore } from '../../stores/stage.ts';
import BoardFrame from '../stage/BoardFrame.vue';

const { settings, title, ask, toDo, right, count, checked } = defineProps<{
  settings: Settings;
  title: string;
  ask: string;
  /** What to do while nothing was checked. */
  toDo: string;
  /** Pictures that lie right, of all there are. */
  right: number;
  count: number;
  /** Was what lies there checked? */
  checked: boolean;
}>();
const emit = defineEmits<{ check: []; again: [] }>();
const { t } = useI18n();
const stage = useStageStore();
const isDone = computed(() => checked && right === count);
const hint = computed(() => {
  if (!checked) return toDo;
  return isDone.value ? t('sort.allRight') : t('sort.someRight', { count: right });
});
const next = (): void => {
  if (isDone.value) emit('again');
  else emit('check');
};
const acts = { stop: stage.toClock };
const view = computed(() => ({ mode: 'sorting' as const, title, place: { index: right, count }, say: ask }));
</script>

<template>
  <BoardFrame
    :settings="settings"
    :view="view"
    :trays="['show']"
    :acts="acts"
    :room="{ wide: true }"
    :title="ask"
    :back="t('sort.again')"
    :next="t('sort.check')"
    over-clock
    @back="emit('again')"
    @next="next"
  >
    <slot />
    <p class="hint" role="status">{{ hint }}</p>
  </BoardFrame>
</template>

<style scoped>
.hint {
  font-size: calc(var(--u) * 18);
  line-height: 1.3;
  color: var(--quiet);
}
</style>
