<!-- All papers of a pile: children down, tasks across, each place with what was seen there. -->
<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { timeOfItem } from '../../core/items/index.ts';
import { digital } from '../../core/wording/index.ts';
import { FORM_LETTERS } from '../../core/sheets/index.ts';
import ChildPicture from '../look/ChildPicture.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import PileCell from './PileCell.vue';
import { useCellWords } from './useCellWords.ts';
import type { Marking } from './useMarking.ts';
import type { PileDesk } from './usePile.ts';

const { desk, marking } = defineProps<{ desk: PileDesk; marking: Marking }>();
const { t } = useI18n();
const store = useClassroomStore();
const words = useCellWords();
const body = useTemplateRef('body');

const forms = computed(() => desk.pile.value!.forms);
/** More of them do not fit over a column, as where each child has a form of its own. */
const MOST_TIMES = 2;
const columns = computed(() => Math.max(...forms.value.map((tasks) => tasks.length)));
const letter = (form: number): string => (forms.value.length === FORM_LETTERS.length ? FORM_LETTERS[form]! : '');
/** What is done in a column, and at which times; where forms ask different things there, of each. */
const asked = (task: number): readonly [what: string, when: string] => {
  const items = forms.value.flatMap((tasks) => (tasks[task] ? [tasks[task]] : []));
  const kinds = [...new Set(items.map(({ kind }) => t(`check.does.${kind}`)))];
  const times = [...new Set(items.flatMap((item) => timeOfItem(item) ?? []))];
  const written = times.slice(0, MOST_TIMES).map((time) => digital(time, desk.conventions.value));
  return [
    kinds.slice(0, MOST_TIMES).join(' / '),
    [...written, ...(times.length > MOST_TIMES ? ['…'] : [])].join(' · '),
  ];
};
/** The keys go where the eyes are. */
watch(
  () => marking.place.value,
  async ({ row, task }) => {
    const hasKeys = document.activeElement === document.body || body.value?.contains(document.activeElement);
    await nextTick();
    const cell = body.value?.querySelector<HTMLElement>(`[data-place="${row} ${task}"]`);
    cell?.scrollIntoView({ block: 'nearest' });
    if (hasKeys === true) cell?.focus({ preventScroll: true });
  },
);
const isHere = (row: number, task: number): boolean =>
  marking.place.value.row === row && marking.place.value.task === task;
</script>

<template>
  <div class="frame">
    <table
      role="grid"
      :aria-label="t('check.grid')"
      :style="{ '--rows': desk.children.value.length, '--columns': columns }"
    >
      <thead>
        <tr>
          <td></td>
          <th v-for="(_, task) in columns" :key="task" scope="col">
            <span class="asked"
              ><strong class="time-type">{{ task + 1 }}</strong> {{ asked(task)[0] }}</span
            >
            <span class="asked time-type">{{ asked(task)[1] }}</span>
          </th>
        </tr>
      </thead>
      <tbody ref="body">
        <tr
          v-for="(child, row) in desk.children.value"
          :key="child.childId"
          :class="{ away: child.away, current: marking.place.value.row === row }"
        >
          <th scope="row">
            <button type="button" class="name" @mousedown.prevent @click="marking.goTo({ row, task: 0 })">
              <ChildPicture :picture="store.childById.get(child.childId)?.picture ?? 'leaf'" :px="22" />
              <span class="word">{{ words.nameOf(child.childId) }}</span>
              <span v-if="letter(child.form)" class="letter">{{ letter(child.form) }}</span>
            </button>
          </th>
          <td v-if="child.away" :colspan="columns" class="not-here">
            <button
              type="button"
              data-marks
              :data-place="`${row} 0`"
              :tabindex="marking.place.value.row === row ? 0 : -1"
              :class="{ here: marking.place.value.row === row }"
              @click="marking.goTo({ row, task: 0 })"
            >
              {{ t('check.away') }}
            </button>
          </td>
          <template v-else>
            <td v-for="(item, task) in marking.itemsOf(child.form)" :key="task" role="gridcell">
              <PileCell
                :child="child"
                :task="task"
                :item="item"
                :mark="desk.markAt(child.childId, task)"
                :conventions="desk.conventions.value"
                :is-here="isHere(row, task)"
                :data-place="`${row} ${task}`"
                @click="marking.goTo({ row, task })"
              />
            </td>
          </template>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.frame {
  min-width: 0;
  overflow: auto;
}
table {
  --row: clamp(24px, calc((100vh - 232px) / var(--rows)), 44px);
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}
thead th,
thead td {
  height: 38px;
  padding: 0 4px 2px;
  vertical-align: bottom;
  font-weight: 400;
}
thead td {
  width: 168px;
}
thead strong {
  font-size: 15px;
  color: var(--ink);
}
.asked {
  display: block;
  font-size: 13px;
  line-height: 17px;
  color: var(--quiet);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
tbody th {
  padding: 0;
  text-align: left;
  font-weight: 600;
}
.name {
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  height: var(--row);
  padding: 0 8px 0 4px;
  text-align: left;
}
.word {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.letter {
  color: var(--quiet);
  font-weight: 400;
}
tbody td {
  padding: 0 2px 2px 0;
  height: var(--row);
}
.not-here button {
  width: 100%;
  height: calc(var(--row) - 2px);
  padding-left: 8px;
  border-radius: 6px;
  color: var(--quiet);
  text-align: left;
}
.current th {
  background: var(--plum-tint);
  border-radius: 8px 0 0 8px;
}
.away .word {
  color: var(--quiet);
}
.here,
.here:focus-visible {
  outline: 3px solid var(--plum);
  outline-offset: -3px;
}
</style>
