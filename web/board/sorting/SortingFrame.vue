<!-- A board for putting pictures where they belong: what is asked, the pictures, what to do; checked in one tap, begun again in another. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useStageStore } from '../../stores/stage.ts';
import BoardDock from '../trays/BoardDock.vue';
import BoardLayout from '../stage/BoardLayout.vue';
import ShowTray from '../trays/ShowTray.vue';
import { useStageMode } from '../stage/useStageMode.ts';

const { title, ask, toDo, right, count, checked } = defineProps<{
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
const again = (): void => emit('again');
const leave = (): void => stage.begin({ kind: 'clock' });
useStageMode({
  leave,
  trays: ['show'],
  step: () => undefined,
  keys: () => ({ ' ': next, Backspace: again }),
  acts: () => ({ next, back: again, stop: leave }),
  view: () => ({ mode: 'sorting', title, place: { index: right, count }, say: ask }),
});
</script>

<template>
  <BoardLayout shape="wide">
    <template #top
      ><h2 class="ask child-type">{{ ask }}</h2></template
    >
    <ShowTray v-if="stage.tray === 'show'" />
    <template v-else>
      <slot />
      <p class="hint" role="status">{{ hint }}</p>
    </template>
    <template #dock>
      <BoardDock
        :trays="['show']"
        :back="t('sort.again')"
        :next="t('sort.check')"
        @leave="leave"
        @back="again"
        @next="next"
      />
    </template>
  </BoardLayout>
</template>

<style scoped>
.ask {
  height: 100%;
  display: grid;
  place-items: center;
  font-size: calc(var(--u) * 44);
}
.hint {
  font-size: calc(var(--u) * 18);
  line-height: 1.3;
  color: var(--quiet);
}
</style>
