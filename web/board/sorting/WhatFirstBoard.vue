<!-- What comes first? Pictures of the class's own day are put in order. -->
<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import { v4 as newId } from 'uuid';
import type { RoutineEntry, Settings } from '../../../contract/index.ts';
import { dayTime, onDial } from '../../../core/clock/index.ts';
import { seedFromText, seededRng } from '../../../core/common/index.ts';
import { dayToSort, inPlace } from '../../../core/activities/index.ts';
import SmallClock from '../../clock/SmallClock.vue';
import { useClockWords } from '../../words/useClockWords.ts';
import SortTile from './SortTile.vue';
import SortingFrame from './SortingFrame.vue';

const { settings, routine } = defineProps<{ settings: Settings; routine: readonly RoutineEntry[] }>();
const { t } = useI18n();
const words = useClockWords(() => settings);

const fresh = (): RoutineEntry[] =>
  dayToSort(
    seededRng(seedFromText(newId())),
    routine.map((entry) => ({ ...entry, at: dayTime(entry.at) })),
  );
const order = ref(fresh());
const taken = ref<number>();
const checked = ref(false);
const right = computed(() => (checked.value ? inPlace(order.value.map(({ at }) => ({ at: dayTime(at) }))) : []));
const done = computed(() => checked.value && right.value.every((one) => one));
const rightCount = computed(() => right.value.filter((one) => one).length);

const moveTo = async (from: number, to: number): Promise<void> => {
  if (to < 0 || to >= order.value.length) return;
  checked.value = false;
  const [moved] = order.value.splice(from, 1);
  order.value.splice(to, 0, moved!);
  // The picture keeps the keys wherever it goes.
  await nextTick();
  document.querySelector<HTMLElement>(`[data-entry="${moved!.id}"]`)?.focus();
};
const key = (event: KeyboardEvent, place: number): void => {
  const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
  if (by === 0) return;
  event.preventDefault();
  void moveTo(place, place + by);
};
/** One tap takes a picture, the next says whose place it gets. */
const tap = (place: number): void => {
  const from = order.value.findIndex(({ id }) => id === taken.value);
  if (from === -1) taken.value = order.value[place]!.id;
  else {
    taken.value = undefined;
    if (from !== place) void moveTo(from, place);
  }
};
const check = (): void => {
  checked.value = true;
};
const again = (): void => {
  order.value = fresh();
  checked.value = false;
};
const say = computed(() => words.phrase({ key: 'clock.sort.whatFirst', values: {} }));
</script>

<template>
  <SortingFrame
    :settings="settings"
    :title="t('show.what-first')"
    :ask="say"
    :to-do="t('sort.orderHint')"
    :right="rightCount"
    :count="order.length"
    :checked="checked"
    data-activity="what-first"
    @check="check"
    @again="again"
  >
    <p v-if="order.length === 0" class="empty">{{ t('sort.noDay') }}</p>
    <VueDraggable v-else v-model="order" tag="ol" :animation="180" class="row" @update="checked = false">
      <li v-for="(entry, place) in order" :key="entry.id">
        <span class="number child-type" aria-hidden="true">{{ place + 1 }}</span>
        <SortTile
          :picture="entry.picture"
          :name="entry.name"
          :state="right[place] ? 'right' : taken === entry.id ? 'taken' : 'open'"
          :data-entry="entry.id"
          @click="tap(place)"
          @keydown="key($event, place)"
        />
        <span class="when" :class="{ shown: done }">
          <SmallClock
            v-if="done"
            :time="onDial(dayTime(entry.at))"
            :px="84"
            :label="words.written(onDial(dayTime(entry.at)))"
          />
        </span>
      </li>
    </VueDraggable>
  </SortingFrame>
</template>

<style scoped>
.row {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  align-content: center;
  gap: calc(var(--u) * 18);
}
li {
  min-width: 0;
  display: grid;
  gap: calc(var(--u) * 12);
  justify-items: center;
}
li .sort-tile {
  width: 100%;
  min-height: calc(var(--u) * 220);
}
.number {
  font-size: calc(var(--u) * 40);
  font-weight: 700;
}
.when {
  height: 88px;
}
.empty {
  flex: 1;
  display: grid;
  place-items: center;
  font-size: calc(var(--u) * 22);
}
</style>
