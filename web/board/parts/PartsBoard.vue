<!-- Name the parts: tap a part of the clock, or open its card; labels can be put on and taken off. -->
<script setup lang="ts">
import { mdiLabelOffOutline, mdiLabelOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../../contract/index.ts';
import { partAt } from '../../../core/activities/index.ts';
import { CLOCK_PARTS, type ClockPart } from '../../../core/items/index.ts';
import { useStageStore } from '../../stores/stage.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import BoardFrame from '../stage/BoardFrame.vue';
import PartLabels from './PartLabels.vue';

const { settings } = defineProps<{ settings: Settings }>();
const { t } = useI18n();
const stage = useStageStore();
const words = useClockWords(() => settings);

const named = ref<ReadonlySet<ClockPart>>(new Set());
const lit = ref<ClockPart>();
const labelsOn = ref(true);
const nameOf = (part: ClockPart): string => {
  if (part === 'hour-hand' || part === 'minute-hand') return words.hand(part === 'hour-hand' ? 'hour' : 'minute');
  return words.phrase({ key: `clock.parts.${part}`, values: {} });
};
const name = (part: ClockPart): void => {
  named.value = new Set([...named.value, part]);
  lit.value = part;
};
const tap = (event: MouseEvent): void => {
  const svg = (event.currentTarget as SVGElement).ownerSVGElement!;
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
  const part = partAt(point, stage.minutes);
  if (part !== undefined) name(part);
};
const next = (): void => {
  const left = CLOCK_PARTS.find((part) => !named.value.has(part));
  if (left !== undefined) name(left);
};
const cover = (): void => {
  named.value = new Set();
  lit.value = undefined;
};
const toggleLabels = (): void => {
  labelsOn.value = !labelsOn.value;
};
const say = computed(() =>
  lit.value === undefined
    ? words.phrase({ key: 'clock.sort.parts', values: {} })
    : words.phrase({ key: 'clock.sort.thisIs', values: { part: nameOf(lit.value) } }),
);
const keys = {
  c: cover,
  a: toggleLabels,
  ...Object.fromEntries(CLOCK_PARTS.map((part, i) => [String(i + 1), () => name(part)])),
};
const acts = { cover, stop: stage.toClock };
const view = computed(() => ({
  mode: 'parts' as const,
  title: t('show.parts'),
  place: { index: named.value.size, count: CLOCK_PARTS.length },
  say: say.value,
}));
const extra = computed(() => [
  {
    key: 'labels',
    icon: labelsOn.value ? mdiLabelOffOutline : mdiLabelOutline,
    label: t(labelsOn.value ? 'parts.labelsOff' : 'parts.labelsOn'),
    act: toggleLabels,
  },
]);
</script>

<template>
  <BoardFrame
    :settings="settings"
    :view="view"
    :trays="['show']"
    :extra="extra"
    :keys="keys"
    :acts="acts"
    :room="{ say, still: true }"
    :title="view.title"
    :back="t('parts.cover')"
    :next="t('parts.next')"
    data-activity="parts"
    over-clock
    @back="cover"
    @next="next"
  >
    <template #over>
      <circle r="102" class="touch" @click="tap" />
      <PartLabels v-if="labelsOn" :minutes="stage.minutes" :named="named" :lit="lit" :name-of="nameOf" />
    </template>
    <ul class="parts child-type">
      <li v-for="(part, i) in CLOCK_PARTS" :key="part">
        <button
          type="button"
          :class="{ named: named.has(part), lit: lit === part }"
          :aria-label="named.has(part) ? nameOf(part) : t('parts.open', { number: i + 1 })"
          :data-name="part"
          @click="name(part)"
        >
          {{ named.has(part) ? nameOf(part) : '?' }}
        </button>
      </li>
    </ul>
  </BoardFrame>
</template>

<style scoped>
.touch {
  fill: transparent;
  cursor: pointer;
}
.parts {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-rows: repeat(4, 1fr);
  gap: calc(var(--u) * 14);
}
.parts button {
  width: 100%;
  height: 100%;
  border-radius: var(--corner-board);
  background: var(--plum);
  color: #fff;
  font-size: calc(var(--u) * 52);
  font-weight: 700;
}
.parts button.named {
  background: var(--raised);
  color: var(--ink);
  box-shadow: var(--shadow);
}
.parts button.lit {
  box-shadow: 0 0 0 4px var(--plum);
}
</style>
