<!-- A group on the desk: who, what about, and what to do with it; where it is the only one, what it is shown too. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SmallGroup } from '../../contract/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import NameChip from '../people/NameChip.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import GroupActs from './GroupActs.vue';
import { useGroupWords } from './useGroupWords.ts';

const { group, lessonId, compact } = defineProps<{
  group: SmallGroup;
  /** The lesson from whose desk the board is opened. */
  lessonId: number;
  /** Several stand below each other. */
  compact: boolean;
}>();
const { t } = useI18n();
const store = useClassroomStore();
const words = useGroupWords();
const { clock } = words;
const children = computed(() => store.classroom!.children.filter(({ id }) => group.childIds.includes(id)));
</script>

<template>
  <section class="group" :class="{ compact }" :aria-label="words.name(group)">
    <div class="who">
      <h4>{{ words.name(group) }}</h4>
      <p v-if="compact">{{ children.map(({ name }) => name).join(', ') }}</p>
      <ul v-else class="names">
        <li v-for="child in children" :key="child.id"><NameChip :child="child" /></li>
      </ul>
    </div>
    <template v-if="!compact">
      <p class="quiet">{{ words.show(group) }}</p>
      <p class="clocks">
        <SmallClock v-for="time in group.contrast" :key="time" :time="time" :px="32" :label="clock.said(time)" />
        <span class="quiet">{{ t('smallGroup.times') }}</span>
        <SmallClock v-for="(time, i) in group.times" :key="i" :time="time" :px="32" :label="clock.said(time)" />
      </p>
    </template>
    <GroupActs :group="group" :lesson-id="lessonId" :compact="compact" />
  </section>
</template>

<style scoped>
.group {
  display: grid;
  gap: 4px;
}
.compact {
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
}
h4,
.who p {
  margin: 0;
}
h4 {
  font:
    700 16px/20px 'Atkinson Hyperlegible Next',
    sans-serif;
}
.names {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
}
.clocks {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 5px;
}
</style>
