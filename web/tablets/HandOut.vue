<!-- Hand out a set: to whom, and what; and the sets of today that can be taken back. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child, HandedSet, SetSource } from '../../contract/index.ts';
import { HANDED_KINDS, type ItemKind } from '../../core/items/index.ts';
import { MOST_PICKED_TIMES } from '../../core/rounds/index.ts';
import { createOneAct } from '../api/oneAct.ts';
import AnyTime from '../clock/AnyTime.vue';
import TimeRings from '../clock/TimeRings.vue';
import { usePickedTimes } from '../clock/usePickedTimes.ts';
import ChildPicture from '../look/ChildPicture.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import { usePlanWords } from '../words/usePlanWords.ts';

const { children, sets, busy } = defineProps<{
  children: readonly Child[];
  sets: readonly HandedSet[];
  busy: boolean;
}>();
const emit = defineEmits<{
  hand: [childIds: readonly number[] | null, source: SetSource];
  takeBack: [id: string];
}>();
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);
const plan = usePlanWords();

const WHATS = computed(() => [
  ...(['lesson', 'needs', 'times', 'ticket'] as const),
  ...(store.classroom!.groups.length === 0 ? [] : (['group'] as const)),
]);
/** Checks whose ticket can be done: today's, and those before, for who was away. */
const checks = computed(() => {
  const { lessons, today } = store.classroom!;
  return lessons.filter(({ kind, day }) => kind === 'check' && day <= today).reverse();
});
const check = ref<number>();
const what = ref<(typeof WHATS.value)[number]>('needs');
const kinds = ref<readonly ItemKind[]>(['draw']);
const toggleKind = (kind: ItemKind): void => {
  const next = HANDED_KINDS.filter((other) => (other === kind) !== kinds.value.includes(other));
  if (next.length > 0) kinds.value = next;
};
const RINGS = ['oclock', 'half-past'] as const;
const { picked, isFull, pick, pickAll, ringed, beside } = usePickedTimes(() => RINGS, MOST_PICKED_TIMES);
/** Nobody chosen is everybody. */
const chosen = ref<ReadonlySet<number>>(new Set());
const choose = (childId: number): void => {
  const next = new Set(chosen.value);
  if (!next.delete(childId)) next.add(childId);
  chosen.value = next;
};
const isReady = computed(
  () => (what.value !== 'times' || picked.value.length > 0) && (what.value !== 'ticket' || checks.value.length > 0),
);
const isFirst = createOneAct();
const hand = (): void => {
  if (!isFirst('hand')) return;
  const to = chosen.value.size === 0 ? null : [...chosen.value];
  if (what.value === 'times') emit('hand', to, { what: 'times', kinds: [...kinds.value], times: [...picked.value] });
  else if (what.value === 'ticket') {
    const lessonId = check.value ?? checks.value[0]?.id;
    emit('hand', to, { what: 'ticket', ...(lessonId !== undefined && { lessonId }) });
  } else if (what.value !== 'group') emit('hand', to, { what: what.value });
  else
    for (const { childIds, task, times, takeAway } of store.classroom!.groups)
      emit('hand', [...childIds], { what: 'times', kinds: [task], times: [...times, takeAway] });
  chosen.value = new Set();
};
const latestFirst = computed(() => [...sets].reverse());
const nameOf = (id: number): string => children.find((child) => child.id === id)?.name ?? '';
const said = ({ what: kind, count }: HandedSet): string =>
  count === null ? t(`tablets.what.${kind}`) : t('tablets.setOf', { what: t(`tablets.what.${kind}`), count }, count);
</script>

<template>
  <section>
    <h2 class="title-column">{{ t('tablets.handOut') }}</h2>
    <div class="row" role="group" :aria-label="t('tablets.whatToHand')">
      <button
        v-for="one in WHATS"
        :key="one"
        type="button"
        class="choice"
        :class="{ on: what === one }"
        :aria-pressed="what === one"
        @click="what = one"
      >
        {{ t(`tablets.what.${one}`) }}
      </button>
    </div>
    <template v-if="what === 'times'">
      <div class="row" role="group" :aria-label="t('tablets.kindsToHand')">
        <button
          v-for="kind in HANDED_KINDS"
          :key="kind"
          type="button"
          class="choice small"
          :class="{ on: kinds.includes(kind) }"
          :aria-pressed="kinds.includes(kind)"
          @click="toggleKind(kind)"
        >
          {{ t(`tablets.kinds.${kind}`) }}
        </button>
      </div>
      <TimeRings
        :times="ringed"
        :label="t('tablets.times')"
        :centre="String(picked.length)"
        class="rings"
        @pick="pick"
      />
      <div class="row">
        <button v-for="group in RINGS" :key="group" type="button" class="choice small" @click="pickAll(group)">
          {{ t(`roundTray.all.${group}`) }}
        </button>
        <button v-for="time in beside" :key="time" type="button" class="choice small on" @click="pick(time)">
          {{ clock.written(time) }}
        </button>
      </div>
      <AnyTime v-if="!isFull" :act="t('anyTime.add')" @pick="pick" />
      <p v-else class="quiet" role="status">{{ t('roundTray.full', { count: picked.length }) }}</p>
    </template>
    <template v-if="what === 'ticket'">
      <div class="row" role="group" :aria-label="t('tablets.ticket.which')">
        <button
          v-for="(one, i) in checks.slice(0, 4)"
          :key="one.id"
          type="button"
          class="choice small"
          :class="{ on: check === undefined ? i === 0 : check === one.id }"
          :aria-pressed="check === undefined ? i === 0 : check === one.id"
          :data-check="one.number"
          @click="check = one.id"
        >
          {{ plan.shortDay(one.day) }}: {{ plan.title(one) }}
        </button>
      </div>
      <p class="quiet">{{ t('tablets.ticket.quiet') }}</p>
    </template>
    <template v-if="what === 'group'">
      <p v-for="group in store.classroom!.groups" :key="group.id" class="quiet">
        {{ t('smallGroup.of', { names: group.childIds.map(nameOf).join(', ') }) }}
      </p>
    </template>
    <p v-else class="quiet">{{ t('tablets.toWhom', { count: chosen.size }, chosen.size) }}</p>
    <ul v-if="what !== 'group'" class="children">
      <li v-for="child in children" :key="child.id">
        <button
          type="button"
          class="child"
          :class="{ on: chosen.has(child.id) }"
          :aria-pressed="chosen.has(child.id)"
          :aria-label="child.name"
          :title="child.name"
          @click="choose(child.id)"
        >
          <ChildPicture :picture="child.picture" :px="40" />
        </button>
      </li>
    </ul>
    <v-btn color="primary" block :height="52" class="do" :disabled="busy || !isReady" @click="hand">{{
      what === 'group' ? t('smallGroup.hand') : t('tablets.hand', { count: chosen.size }, chosen.size)
    }}</v-btn>
    <ul v-if="sets.length > 0" class="sets">
      <li v-for="set in latestFirst" :key="set.id">
        <span>
          <strong>{{ said(set) }}</strong>
          <span class="quiet">{{
            set.childIds === null ? t('tablets.all') : set.childIds.map(nameOf).join(', ')
          }}</span>
        </span>
        <v-btn variant="text" :height="48" @click="emit('takeBack', set.id)">{{ t('tablets.takeBack') }}</v-btn>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
/* Whatever is chosen above, it stays in sight. */
.do {
  position: sticky;
  bottom: 12px;
  z-index: 1;
}
.choice {
  min-height: 48px;
  padding: 0 13px;
  border-radius: 999px;
  background: var(--raised);
  font-weight: 600;
}
.choice.small {
  padding: 0 11px;
}
.choice.on {
  background: var(--plum-chosen);
  box-shadow: inset 0 0 0 2px var(--plum);
}
.rings {
  width: 176px;
  margin: 0 auto;
}
.children {
  display: grid;
  grid-template-columns: repeat(auto-fill, 48px);
  justify-content: space-between;
}
.child {
  width: 48px;
  height: 48px;
  display: grid;
  place-items: center;
  border-radius: 50%;
}
.child.on {
  background: var(--plum);
}
.sets {
  max-height: 210px;
  overflow: auto;
}
.sets li {
  display: flex;
  align-items: center;
  gap: 8px;
}
.sets span {
  flex: 1;
  display: grid;
}
</style>
