<!-- The small group of an accepted decision: who, how long, what they are shown, six times; at the board, or on their tablets. -->
<script setup lang="ts">
import { mdiAccountEditOutline, mdiPresentation, mdiTabletCellphone } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { v4 as newId } from 'uuid';
import { MOST_IN_GROUP, Tablets, type PostSet, type SmallGroup } from '../../contract/index.ts';
import { post } from '../api/client.ts';
import NameChip from '../people/NameChip.vue';
import SmallClock from '../clock/SmallClock.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';
import { useClockWords } from '../words/useClockWords.ts';

const { group, lessonNumber } = defineProps<{
  group: SmallGroup;
  /** The lesson from whose desk the board is opened. */
  lessonNumber: number;
}>();
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);
const children = computed(() => store.classroom!.children.filter(({ id }) => group.childIds.includes(id)));
const changing = ref(false);
const handed = ref(false);
const problem = ref<string>();
const tried = async (work: () => Promise<unknown>): Promise<boolean> => {
  try {
    await work();
    problem.value = undefined;
    return true;
  } catch (error) {
    problem.value = problemKey(error);
    return false;
  }
};
const toggle = (childId: number): Promise<boolean> => {
  const isIn = group.childIds.includes(childId);
  const childIds = isIn ? group.childIds.filter((id) => id !== childId) : [...group.childIds, childId];
  return tried(() => store.changeGroup(group.checkId, childIds));
};
/** One child stays at least, and there is room for so many. */
const mayToggle = (childId: number): boolean =>
  group.childIds.includes(childId) ? group.childIds.length > 1 : group.childIds.length < MOST_IN_GROUP;
/** Kept over tries, so that a set is handed once. */
let setId = newId();
const hand = async (): Promise<void> => {
  const { childIds, task, times } = group;
  const set = { id: setId, childIds, source: { what: 'times', kinds: [task], times } } satisfies PostSet;
  handed.value = await tried(() => post(Tablets, '/tablets/sets', set));
  if (handed.value) setId = newId();
};
</script>

<template>
  <section class="group" :aria-label="t('smallGroup.title')">
    <div class="who">
      <ul class="names">
        <li v-for="child in children" :key="child.id"><NameChip :child="child" /></li>
      </ul>
      <v-btn
        variant="text"
        size="48"
        :icon="mdiAccountEditOutline"
        :aria-label="t('smallGroup.change')"
        :aria-expanded="changing"
        @click="changing = !changing"
      />
    </div>
    <ul v-if="changing" class="pick">
      <li v-for="child in store.classroom!.children" :key="child.id">
        <button
          type="button"
          :aria-pressed="group.childIds.includes(child.id)"
          :disabled="!mayToggle(child.id)"
          :data-member="child.id"
          @click="toggle(child.id)"
        >
          <NameChip :child="child" />
        </button>
      </li>
    </ul>
    <p class="quiet">
      {{ t('smallGroup.minutes', { count: group.minutes }) }}
      {{ t('smallGroup.show', { lens: t(`lens.${group.lens}`, clock.hands.value) }) }}
    </p>
    <p class="clocks">
      <SmallClock v-for="time in group.contrast" :key="time" :time="time" :px="32" :label="clock.said(time)" />
      <span class="quiet">{{ t('smallGroup.times') }}</span>
      <SmallClock v-for="(time, i) in group.times" :key="i" :time="time" :px="32" :label="clock.said(time)" />
    </p>
    <div class="acts">
      <v-btn
        variant="tonal"
        :prepend-icon="mdiPresentation"
        :height="44"
        :to="{ name: 'board', params: { number: lessonNumber }, query: { group: null } }"
        >{{ t('smallGroup.board') }}</v-btn
      >
      <v-btn variant="tonal" :prepend-icon="mdiTabletCellphone" :height="44" :disabled="handed" @click="hand">{{
        t(handed ? 'smallGroup.handed' : 'smallGroup.hand')
      }}</v-btn>
    </div>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  </section>
</template>

<style scoped>
.group {
  display: grid;
  gap: 6px;
}
.who {
  display: flex;
  align-items: center;
  gap: 6px;
}
.names {
  flex: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
}
.pick {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 4px;
}
.pick button {
  width: 100%;
  min-height: 48px;
  padding: 0 8px;
  border-radius: var(--corner);
  text-align: left;
}
.pick button[aria-pressed='true'] {
  background: var(--plum-chosen);
  box-shadow: inset 0 0 0 2px var(--plum);
}
.pick button:disabled {
  opacity: 0.5;
}
.clocks {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 5px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.problem {
  color: var(--berry);
  font-weight: 600;
}
</style>
