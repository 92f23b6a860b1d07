<!-- One child's paper, drawn as it was printed, with what was seen beside each task. -->
<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { layPages, type Page, type SheetCopy } from '../../core/sheets/index.ts';
import type { Picture } from '../../core/pictures/index.ts';
import PageDrawing from '../sheets/PageDrawing.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import MarkSign from './MarkSign.vue';
import { useCellWords } from './useCellWords.ts';
import type { Marking } from './useMarking.ts';
import type { PileDesk } from './usePile.ts';

const { desk, marking } = defineProps<{ desk: PileDesk; marking: Marking }>();
const { t } = useI18n();
const store = useClassroomStore();
const words = useCellWords();
const paper = useTemplateRef('paper');

const printed = computed(() => desk.pile.value!.printed!);
const child = marking.child;
const copy = computed((): SheetCopy => {
  const { form = 0, copy: number, childId = 0 } = child.value ?? {};
  const person = store.childById.get(childId);
  // A copy nobody's name was printed on stays so.
  return number === null || person === undefined
    ? { form }
    : { form, name: person.name, picture: person.picture as Picture };
});
const pages = computed((): Page[] => {
  const { content, conventions, day, number } = printed.value;
  const own = child.value?.copy ?? null;
  return [
    ...layPages(content, [copy.value], {
      ...{ conventions, day },
      // Which of the copies without a name a child took, nobody knows.
      ...(own !== null && { printing: number, firstCopy: own }),
    }),
  ];
});
const isHalf = computed(() => printed.value.content.size === 'half');
/** The page the task is on that is looked at. */
const page = computed(
  () =>
    pages.value.find(({ zones }) =>
      zones.some((zone) => zone.kind === 'item' && zone.item === marking.place.value.task),
    ) ?? pages.value[0],
);
/** Of half a page nothing but the half is shown. */
const shown = computed(() => page.value && { ...page.value, height: page.value.height / (isHalf.value ? 2 : 1) });
const tasks = computed(() =>
  (page.value?.zones ?? []).flatMap((zone) => (zone.kind === 'item' ? [{ task: zone.item, box: zone.box }] : [])),
);
const percent = (value: number, of: number): string => `${(value / of) * 100}%`;
watch(
  () => marking.place.value,
  async ({ task }) => {
    const hasKeys = document.activeElement === document.body || paper.value?.contains(document.activeElement);
    await nextTick();
    if (hasKeys === true)
      paper.value?.querySelector<HTMLElement>(`[data-task="${task}"]`)?.focus({ preventScroll: true });
  },
);
</script>

<template>
  <div v-if="shown && child" ref="paper" class="paper" :class="{ half: isHalf, away: child.away }">
    <div class="leaf" :style="{ aspectRatio: `${shown.width} / ${shown.height}` }">
      <PageDrawing :page="shown" />
      <button
        v-for="{ task, box } in tasks"
        :key="task"
        type="button"
        data-marks
        class="task"
        :class="{ here: marking.place.value.task === task }"
        :data-task="task"
        :tabindex="marking.place.value.task === task ? 0 : -1"
        :aria-label="
          words.cell(
            child,
            task,
            marking.itemsOf(child.form)[task]!,
            desk.markAt(child.childId, task),
            desk.conventions.value,
          )
        "
        :aria-current="marking.place.value.task === task ? 'true' : undefined"
        :style="{
          left: percent(box.x - 1.5, shown.width),
          top: percent(box.y - 1.5, shown.height),
          width: percent(box.width + 3, shown.width),
          height: percent(box.height + 3, shown.height),
        }"
        @click="marking.goTo({ row: marking.place.value.row, task })"
      >
        <span v-if="desk.markAt(child.childId, task)" class="seen">
          <MarkSign
            :mark="desk.markAt(child.childId, task)"
            :item="marking.itemsOf(child.form)[task]!"
            :conventions="desk.conventions.value"
            :px="34"
          />
        </span>
      </button>
    </div>
    <p v-if="pages.length > 1" class="quiet">
      {{ t('check.pageOf', { page: pages.indexOf(page!) + 1, pages: pages.length }) }}
    </p>
  </div>
</template>

<style scoped>
.paper {
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 4px;
  min-width: 0;
}
.leaf {
  position: relative;
  height: calc(100vh - 222px);
  min-height: 420px;
  max-width: 100%;
  border-radius: 3px;
  overflow: hidden;
  box-shadow: var(--shadow);
}
.half .leaf {
  height: auto;
  width: 100%;
  min-height: 0;
}
.away .leaf {
  opacity: 0.4;
}
.task {
  position: absolute;
  border-radius: 8px;
}
.task:hover {
  box-shadow: inset 0 0 0 2px var(--pebble);
}
.task.here {
  box-shadow: inset 0 0 0 3px var(--plum);
}
.seen {
  position: absolute;
  right: 4px;
  top: 4px;
  display: grid;
  place-items: center;
  min-width: 26px;
  min-height: 26px;
  padding: 2px 5px;
  border-radius: 13px;
  background: var(--raised);
  box-shadow: 0 0 0 1.5px var(--line);
  font-size: 15px;
}
</style>
