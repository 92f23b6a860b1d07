<!-- The pile beside a page: whose paper is next, and how far each one is. -->
<script setup lang="ts">
import { nextTick, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import ChildPicture from '../look/ChildPicture.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useCellWords } from './useCellWords.ts';
import type { Marking } from './useMarking.ts';
import type { PileDesk } from './usePile.ts';

const { desk, marking } = defineProps<{ desk: PileDesk; marking: Marking }>();
const { t } = useI18n();
const store = useClassroomStore();
const words = useCellWords();
const list = useTemplateRef('list');
const marked = (childId: number, form: number): number =>
  marking.itemsOf(form).filter((_, task) => desk.markAt(childId, task) !== undefined).length;
watch(
  () => marking.place.value.row,
  async (row) => {
    await nextTick();
    list.value?.children[row]?.scrollIntoView({ block: 'nearest' });
  },
);
</script>

<template>
  <ul ref="list" class="rows" :style="{ '--rows': desk.children.value.length }">
    <li v-for="({ childId, form, away }, row) in desk.children.value" :key="childId">
      <button
        type="button"
        :class="{ here: marking.place.value.row === row, away }"
        :aria-current="marking.place.value.row === row ? 'true' : undefined"
        @mousedown.prevent
        @click="marking.goTo({ row, task: 0 })"
      >
        <ChildPicture :picture="store.childById.get(childId)?.picture ?? 'leaf'" :px="22" />
        <span class="word">{{ words.nameOf(childId) }}</span>
        <span class="quiet">{{
          away
            ? t('check.away')
            : t('check.markedOf', { marked: marked(childId, form), count: marking.itemsOf(form).length })
        }}</span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.rows {
  max-height: calc(100vh - 216px);
  overflow: auto;
}
button {
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  height: clamp(24px, calc((100vh - 232px) / var(--rows)), 44px);
  padding: 0 8px 0 4px;
  border-radius: 8px;
  text-align: left;
  font-weight: 600;
}
.word {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.here {
  background: var(--plum-tint);
}
.away .word {
  color: var(--quiet);
}
</style>
