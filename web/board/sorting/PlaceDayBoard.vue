<!-- When is it? Pictures of the class's own day are put on its 24 hours: two turns of the short hand, before noon and after. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { v4 as newId } from 'uuid';
import type { RoutineEntry, Settings } from '../../../contract/index.ts';
import { DAY_HOURS, SORTED_AT_ONCE, TURN_HOURS, dayToPlace, hourOfDay } from '../../../core/activities/index.ts';
import { dayTime } from '../../../core/clock/index.ts';
import { seedFromText, seededRng } from '../../../core/common/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import SortTile from './SortTile.vue';
import SortingFrame from './SortingFrame.vue';

const { settings, routine } = defineProps<{ settings: Settings; routine: readonly RoutineEntry[] }>();
const { t } = useI18n();
const words = useClockWords(() => settings);

const fresh = (): RoutineEntry[] =>
  dayToPlace(
    seededRng(seedFromText(newId())),
    routine.map((entry) => ({ ...entry, at: dayTime(entry.at) })),
    SORTED_AT_ONCE,
  );
const entries = ref(fresh());
/** The hour each lies on, by its id; none while it lies below. */
const placed = ref<ReadonlyMap<number, number>>(new Map());
const taken = ref<number>();
const right = ref<ReadonlySet<number>>(new Set());
const pool = computed(() => entries.value.filter(({ id }) => !placed.value.has(id)));
const onHour = (hour: number): RoutineEntry[] => entries.value.filter(({ id }) => placed.value.get(id) === hour);

const take = (id: number): void => {
  taken.value = taken.value === id ? undefined : id;
};
const put = (hour: number): void => {
  if (taken.value === undefined) return;
  placed.value = new Map(placed.value).set(taken.value, hour);
  right.value = new Set([...right.value].filter((id) => id !== taken.value));
  taken.value = undefined;
};
const checked = ref(false);
/** What lies right stays and says so; the rest comes back to be thought about once more. */
const check = (): void => {
  const isRight = ({ id, at }: RoutineEntry): boolean => placed.value.get(id) === hourOfDay(dayTime(at));
  right.value = new Set(entries.value.filter(isRight).map(({ id }) => id));
  placed.value = new Map([...placed.value].filter(([id]) => right.value.has(id)));
  checked.value = true;
};
const again = (): void => {
  entries.value = fresh();
  placed.value = new Map();
  right.value = new Set();
  checked.value = false;
};
const say = computed(() => words.phrase({ key: 'clock.sort.placeDay', values: {} }));
const TURNS = Array.from({ length: DAY_HOURS / TURN_HOURS }, (_, turn) =>
  Array.from({ length: TURN_HOURS }, (_hour, hour) => turn * TURN_HOURS + hour),
);
const hourName = (hour: number): string => String(hour % TURN_HOURS || TURN_HOURS);
</script>

<template>
  <SortingFrame
    :settings="settings"
    :title="t('show.place-day')"
    :ask="say"
    :to-do="t('sort.placeHint')"
    :right="right.size"
    :count="entries.length"
    :checked="checked"
    data-activity="place-day"
    @check="check"
    @again="again"
  >
    <p v-if="entries.length === 0" class="empty">{{ t('sort.noDay') }}</p>
    <template v-else>
      <section v-for="(hours, turn) in TURNS" :key="turn" class="turn">
        <h3>{{ t(turn === 0 ? 'sort.am' : 'sort.pm') }}</h3>
        <ol>
          <li v-for="hour in hours" :key="hour">
            <button
              type="button"
              class="hour child-type"
              :data-hour="hour"
              :aria-label="t('sort.onHour', { hour: hourName(hour), turn: t(turn === 0 ? 'sort.am' : 'sort.pm') })"
              :aria-disabled="taken === undefined"
              @click="put(hour)"
            >
              {{ hourName(hour) }}
            </button>
            <button
              v-for="entry in onHour(hour)"
              :key="entry.id"
              type="button"
              class="lies"
              :class="{ right: right.has(entry.id), taken: taken === entry.id }"
              :aria-label="entry.name"
              :aria-pressed="taken === entry.id"
              :data-entry="entry.id"
              @click="take(entry.id)"
            >
              <img :src="`/pictures/${entry.picture}.svg`" alt="" draggable="false" />
            </button>
          </li>
        </ol>
      </section>
      <div class="pool">
        <SortTile
          v-for="entry in pool"
          :key="entry.id"
          :picture="entry.picture"
          :name="entry.name"
          :state="taken === entry.id ? 'taken' : 'open'"
          :data-entry="entry.id"
          @click="take(entry.id)"
        />
      </div>
    </template>
  </SortingFrame>
</template>

<style scoped>
.turn {
  flex: 1 1 0;
  min-height: 0;
  display: grid;
  grid-template-columns: calc(var(--u) * 110) minmax(0, 1fr);
  align-items: stretch;
  gap: 10px;
}
h3 {
  align-self: center;
  font-size: calc(var(--u) * 24);
  line-height: 1.2;
}
ol {
  display: grid;
  grid-template-columns: repeat(12, minmax(0, 1fr));
  gap: 4px;
}
li {
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
  border-radius: var(--corner);
  background: var(--sand);
}
.hour {
  flex: 1;
  min-height: 48px;
  border-radius: var(--corner);
  font-size: calc(var(--u) * 30);
  font-weight: 700;
}
.hour[aria-disabled='false'] {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
.lies {
  flex: 2;
  min-height: 48px;
  display: grid;
  place-items: center;
  border-radius: var(--corner);
  background: var(--raised);
}
.lies img {
  width: min(100%, calc(var(--u) * 70));
  aspect-ratio: 1;
}
.lies.right {
  box-shadow: inset 0 0 0 4px var(--moss-6);
}
.lies.taken {
  box-shadow: inset 0 0 0 4px var(--plum);
}
.pool {
  flex: none;
  height: calc(var(--u) * 168);
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: calc(var(--u) * 16);
}
.empty {
  flex: 1;
  display: grid;
  place-items: center;
  font-size: calc(var(--u) * 22);
}
</style>
