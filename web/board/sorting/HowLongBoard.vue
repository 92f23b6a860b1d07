<!-- How long? Things to do are sorted by whether they take a second, a minute or an hour. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { v4 as newId } from 'uuid';
import type { Settings } from '../../../contract/index.ts';
import { seedFromText, seededRng } from '../../../core/common/index.ts';
import { deedsToSort, takes } from '../../../core/activities/index.ts';
import { UNITS, type Deed, type Unit } from '../../../core/items/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import DeedPile from './DeedPile.vue';
import SortingFrame from './SortingFrame.vue';

const { settings } = defineProps<{ settings: Settings }>();
const { t } = useI18n();
const words = useClockWords(() => settings);

type Place = 'pool' | Unit;
const fresh = (): Record<Place, Deed[]> => ({
  pool: deedsToSort(seededRng(seedFromText(newId()))),
  second: [],
  minute: [],
  hour: [],
});
const places = ref(fresh());
const taken = ref<Deed>();
const right = ref<ReadonlySet<Deed>>(new Set());
const rightCount = computed(
  () => UNITS.flatMap((unit) => places.value[unit]).filter((deed) => right.value.has(deed)).length,
);
/** All there are, sorted or not. */
const count = computed(() => Object.values(places.value).flat().length);

const name = (deed: Deed): string => words.phrase({ key: `clock.deeds.${deed}`, values: {} });
const unitName = (unit: Unit): string => words.phrase({ key: `clock.units.${unit}`, values: {} });
const put = (deed: Deed, where: Place): void => {
  for (const place of ['pool', ...UNITS] as const)
    places.value[place] = places.value[place].filter((other) => other !== deed);
  places.value[where].push(deed);
  taken.value = undefined;
};
const take = (deed: Deed): void => {
  taken.value = taken.value === deed ? undefined : deed;
};
const KEYS: Readonly<Record<string, Place>> = { '0': 'pool', '1': 'second', '2': 'minute', '3': 'hour' };
const key = (event: KeyboardEvent, deed: Deed): void => {
  const where = KEYS[event.key];
  if (where === undefined) return;
  event.preventDefault();
  put(deed, where);
};
/** What lies right stays and says so; the rest comes back to be thought about once more. */
const check = (): void => {
  const found = UNITS.flatMap((unit) => places.value[unit].filter((deed) => takes(deed, unit)));
  right.value = new Set(found);
  for (const unit of UNITS)
    for (const deed of places.value[unit].filter((one) => !right.value.has(one))) put(deed, 'pool');
};
const again = (): void => {
  places.value = fresh();
  right.value = new Set();
};
const say = computed(() => words.phrase({ key: 'clock.sort.howLong', values: {} }));
</script>

<template>
  <SortingFrame
    :settings="settings"
    :title="t('show.how-long')"
    :ask="say"
    :to-do="t('sort.hint')"
    :right="rightCount"
    :count="count"
    :checked="right.size > 0"
    data-activity="how-long"
    @check="check"
    @again="again"
  >
    <div class="bins">
      <section v-for="(unit, i) in UNITS" :key="unit" class="bin" :data-unit="unit">
        <button type="button" class="put child-type" :disabled="taken === undefined" @click="taken && put(taken, unit)">
          {{ unitName(unit) }} <kbd aria-hidden="true">{{ i + 1 }}</kbd>
        </button>
        <DeedPile
          v-model="places[unit]"
          :right="right"
          :taken="taken"
          :name-of="name"
          class="tiles"
          @take="take"
          @key="key"
        />
      </section>
    </div>
    <DeedPile
      v-model="places.pool"
      :right="right"
      :taken="taken"
      :name-of="name"
      class="pool"
      @take="take"
      @key="key"
    />
  </SortingFrame>
</template>

<style scoped>
.bins {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: calc(var(--u) * 20);
}
.bin {
  min-height: 0;
  display: flex;
  flex-direction: column;
  padding: calc(var(--u) * 10);
  border-radius: var(--corner-board);
  background: var(--sand);
}
.put {
  min-height: 56px;
  border-radius: var(--corner);
  font-size: calc(var(--u) * 34);
  line-height: 1.2;
  font-weight: 700;
}
.put:not(:disabled) {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
.put kbd {
  font: inherit;
  font-weight: 400;
  font-size: calc(var(--u) * 20);
  color: var(--quiet);
}
.tiles {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  align-content: start;
  gap: calc(var(--u) * 10);
}
.pool {
  flex: none;
  height: calc(var(--u) * 168);
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: calc(var(--u) * 16);
}
</style>
