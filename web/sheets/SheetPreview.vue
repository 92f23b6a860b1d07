<!-- The page at true proportions with the pages behind it; a task on it can be chosen, by hand and by key. -->
<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SheetContent } from '../../contract/index.ts';
import { layPages, timeOfTask, type Page, type SheetCopy } from '../../core/sheets/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import PageDrawing from './PageDrawing.vue';

const { content, copies, day, warned } = defineProps<{
  content: SheetContent;
  copies: readonly SheetCopy[];
  day: string;
  /** Places of tasks whose time breaks a rule. */
  warned: readonly number[];
}>();
/** Which copy is looked at, and which task is chosen. */
const shown = defineModel<number>('shown', { required: true });
const chosen = defineModel<number | undefined>('chosen');
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);

const copy = computed(() => copies[Math.min(shown.value, copies.length - 1)]);
const sheet = ref(0);
/** Pages of the copy looked at, and of its neighbour where two share a page. */
const pages = computed((): Page[] => {
  if (copy.value === undefined) return [];
  const two = content.size === 'half' ? copies[shown.value + 1] : undefined;
  const setting = { conventions: store.classroom!.settings, day };
  return [...layPages(content, [copy.value, ...(two === undefined ? [] : [two])], setting)];
});
watch(pages, (all) => {
  sheet.value = Math.min(sheet.value, Math.max(0, all.length - 1));
});
const page = computed(() => pages.value[sheet.value]);
/** Tasks of the copy on this page, as places to choose; on half a page those of its upper half. */
const tasks = computed(() => {
  const seen = new Set<number>();
  return (page.value?.zones ?? []).flatMap((zone) => {
    if (zone.kind !== 'item' || seen.has(zone.item)) return [];
    seen.add(zone.item);
    return [{ place: zone.item, box: zone.box }];
  });
});
const percent = (value: number, of: number): string => `${(value / of) * 100}%`;
const label = (place: number): string => {
  const item = content.forms[copy.value!.form]![place]!;
  const time = timeOfTask(item);
  const kind = t(`sheets.kinds.${item.kind}`);
  return t('sheets.task', { number: place + 1, kind: time === undefined ? kind : `${kind}, ${clock.written(time)}` });
};
const turn = (by: number): void => {
  const next = sheet.value + by;
  if (next >= 0 && next < pages.value.length) sheet.value = next;
  else {
    shown.value = (shown.value + by + copies.length) % copies.length;
    sheet.value = by < 0 ? Math.max(0, pages.value.length - 1) : 0;
  }
};
const behind = computed(() => Math.min(2, copies.length * pages.value.length - 1));
</script>

<template>
  <div class="preview">
    <div class="stack" :style="page && { aspectRatio: `${page.width} / ${page.height}` }">
      <span v-for="i in behind" :key="i" class="under" :class="`under${i}`" aria-hidden="true" />
      <div v-if="page" class="paper" role="group" :aria-label="t('sheets.page')">
        <PageDrawing :page="page" />
        <button
          v-for="task in tasks"
          :key="task.place"
          type="button"
          class="task"
          :class="{ chosen: chosen === task.place, warned: warned.includes(task.place) }"
          :style="{
            left: percent(task.box.x - 1.5, page.width),
            top: percent(task.box.y - 1.5, page.height),
            width: percent(task.box.width + 3, page.width),
            height: percent(task.box.height + 3, page.height),
          }"
          :aria-label="label(task.place)"
          :aria-pressed="chosen === task.place"
          @click="chosen = chosen === task.place ? undefined : task.place"
        />
      </div>
    </div>
    <div class="turn">
      <button type="button" :aria-label="t('sheets.pageBefore')" @click="turn(-1)">
        <v-icon :icon="mdiChevronLeft" size="24" />
      </button>
      <span role="status">
        {{ copy?.name ?? t('sheets.noName') }}
        <span class="quiet">{{
          t('sheets.copyOf', {
            copy: Math.min(shown + 1, copies.length),
            copies: copies.length,
            page: sheet + 1,
            pages: pages.length,
          })
        }}</span>
      </span>
      <button type="button" :aria-label="t('sheets.pageAfter')" @click="turn(1)">
        <v-icon :icon="mdiChevronRight" size="24" />
      </button>
    </div>
  </div>
</template>

<style scoped>
.preview {
  display: grid;
  justify-items: center;
  gap: 6px;
}
.stack {
  position: relative;
  height: min(640px, calc(100vh - 232px));
  min-height: 420px;
}
.paper,
.under {
  position: absolute;
  inset: 0;
  border-radius: 3px;
  background: #fff;
  /* What is printed looks so, whatever colours a reader has. */
  forced-color-adjust: none;
  box-shadow: var(--shadow);
}
.under1 {
  transform: translate(5px, 3px) rotate(0.5deg);
}
.under2 {
  transform: translate(9px, 5px) rotate(1deg);
}
.task {
  position: absolute;
  border-radius: 6px;
}
.task:hover {
  box-shadow: 0 0 0 2px var(--plum-chosen);
}
.task.warned {
  box-shadow: 0 0 0 2px var(--carrot);
}
.task.chosen {
  box-shadow: 0 0 0 2.5px var(--plum);
  background: rgb(106 74 134 / 6%);
}
.turn {
  display: flex;
  align-items: center;
  gap: 8px;
}
.turn button {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  border-radius: 50%;
  color: var(--plum);
}
.turn button:hover {
  background: var(--plum-tint);
}
.turn span[role='status'] {
  min-width: 190px;
  text-align: center;
  font-weight: 600;
}
.turn .quiet {
  font-weight: 400;
}
</style>
