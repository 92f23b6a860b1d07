<!-- Which children of the class are looked at, and in which order: for the teacher's own eyes. -->
<script setup lang="ts">
import { mdiCheck, mdiFilterVariant } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { ClassChild } from '../../contract/index.ts';
import { NEEDS, type NamedNeed } from '../../core/diagnosis/index.ts';
import { needText, teacherSentence } from '../../core/reporting/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { keyOfShow, type Show } from './useShown.ts';

const { rows, show, order, lastDay } = defineProps<{
  rows: readonly ClassChild[];
  show: Show;
  order: 'list' | 'first';
  /** The latest day on which any child answered, YYYY-MM-DD. */
  lastDay: string;
}>();
const emit = defineEmits<{ show: [show: Show]; order: [order: 'list' | 'first'] }>();
const { t, d } = useI18n();
const store = useClassroomStore();

const needName = (need: NamedNeed): string => teacherSentence(needText(need, 'short'), store.classroom!.settings);
const nameOf = (one: Show): string => {
  switch (one.only) {
    case 'need':
      return t('class.show.need', { need: needName(one.need) });
    case 'skill':
      return t('class.show.skill', { skill: t(`skills.long.${one.skill}`) });
    case 'not-seen':
      return t('class.show.not-seen', { day: lastDay === '' ? '' : d(new Date(`${lastDay}T00:00:00Z`), 'day') });
    default:
      return t(`class.show.${one.only}`);
  }
};
/** Those that would find somebody, with how many; what is chosen stays to be seen. */
const choices = computed(() => {
  const counted: readonly (readonly [Show, number])[] = [
    [{ only: 'all' }, rows.length],
    ...NEEDS.flatMap((need): [Show, number][] =>
      need === 'none' ? [] : [[{ only: 'need', need }, rows.filter(({ reason }) => reason?.need === need).length]],
    ),
    [{ only: 'no-pattern' }, rows.filter(({ noPattern }) => noPattern).length],
    [{ only: 'not-seen' }, rows.filter(({ last }) => last < lastDay).length],
    [{ only: 'again' }, rows.filter(({ again }) => again.length > 0).length],
  ];
  return counted
    .filter(([one, count]) => count > 0 || keyOfShow(one) === keyOfShow(show))
    .map(([one, count]) => ({ one, key: keyOfShow(one), name: nameOf(one), count }));
});
const ORDERS = ['list', 'first'] as const;
</script>

<template>
  <v-menu>
    <template #activator="{ props }">
      <v-btn v-bind="props" variant="text" :height="44" class="filter" :prepend-icon="mdiFilterVariant">{{
        nameOf(show)
      }}</v-btn>
    </template>
    <v-list class="choices">
      <v-list-item
        v-for="{ one, key, name, count } in choices"
        :key="key"
        :data-show="key"
        :active="key === keyOfShow(show)"
        :title="name"
        @click="emit('show', one)"
        ><template #append
          ><span class="quiet">{{ count }}</span></template
        ></v-list-item
      >
      <v-divider />
      <v-list-item
        v-for="one in ORDERS"
        :key="one"
        :data-order="one"
        :active="one === order"
        :title="t(`class.order.${one}`)"
        @click="emit('order', one)"
        ><template v-if="one === order" #append><v-icon :icon="mdiCheck" size="18" /></template
      ></v-list-item>
    </v-list>
  </v-menu>
</template>

<style scoped>
/* The table under it has the room of the screen; the button reaches into what is free above and below its line. */
.filter {
  margin: -9px 0;
  max-width: 260px;
}
</style>
