<!-- Who sits with whom after the last check: groups to drag between, everybody else on their own, and who is away. -->
<script setup lang="ts">
import { apiAddress } from '../api/place.ts';
import { mdiAutorenew, mdiPlus, mdiPrinterOutline } from '@mdi/js';
import { computed, nextTick } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child } from '../../contract/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import ChildInGroup from './ChildInGroup.vue';
import GroupBlock from './GroupBlock.vue';
import HandTimes from './HandTimes.vue';
import GroupPlace from './GroupPlace.vue';
import { useGroups, type Place } from './useGroups.ts';
import { useGroupWords } from './useGroupWords.ts';

defineSlots<{ default: () => unknown; acts: () => unknown }>();
const { t, d } = useI18n();
const store = useClassroomStore();
const words = useGroupWords();
const { view, problem, busy, groups, places, placeOf, childrenAt, hasRoom, move, step, rename, lock, again, pair } =
  useGroups();

const lessonId = computed(() => store.lesson?.id ?? view.value?.check.id ?? 1);
const placeName = (place: Place): string => {
  const group = groups.value.find(({ id }) => id === place);
  return group === undefined ? t(`groups.place.${place}`) : words.name(group);
};
const childOf = (id: number): Child | undefined => store.childById.get(id);
const pairsOf = (id: number) =>
  (view.value?.pairs ?? []).flatMap(({ childIds: [one, other], sits }) =>
    one === id ? [{ other, sits }] : other === id ? [{ other: one, sits }] : [],
  );
/** What a child's chip goes by. */
const chip = (id: number) => {
  const place = placeOf(id);
  const group = groups.value.find((one) => one.id === place);
  return {
    child: childOf(id)!,
    place,
    places: places.value.filter((other) => other === place || hasRoom(other)),
    placeName,
    held: group?.held.includes(id) ?? false,
    wasAway: view.value!.stood.find(({ childId }) => childId === id)?.wasAway ?? false,
    pairs: pairsOf(id),
  };
};
/** The chip that was moved keeps the keys, wherever it goes. */
const moved = async (id: number, moving: Promise<void>): Promise<void> => {
  const hadKeys = document.activeElement?.getAttribute('data-child') === String(id);
  await moving;
  await nextTick();
  if (hadKeys) document.querySelector<HTMLElement>(`[data-child="${id}"]`)?.focus();
};
</script>

<template>
  <div class="groups">
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    <slot v-if="!view" />
    <p v-if="view === null" class="quiet empty">
      {{ t('groups.noCheck') }} <router-link :to="{ name: 'checks' }">{{ t('check.title') }}</router-link>
    </p>
    <template v-else-if="view">
      <div class="head">
        <slot />
        <p class="quiet said">
          {{
            t('groups.from', {
              day: d(new Date(`${view.check.day}T00:00:00Z`), 'day'),
              skill: t(`skills.long.${view.check.skill}`),
            })
          }}
          {{ t('groups.hint') }}
        </p>
        <v-btn
          :variant="view.kept ? 'tonal' : 'flat'"
          :color="view.kept ? undefined : 'primary'"
          :prepend-icon="view.kept ? mdiAutorenew : mdiPlus"
          :height="44"
          :disabled="busy"
          @click="again"
          >{{ t(view.kept ? 'groups.again' : 'groups.make') }}</v-btn
        >
        <v-btn
          v-if="groups.length > 0"
          variant="text"
          :height="44"
          :prepend-icon="mdiPrinterOutline"
          :href="apiAddress('/groups/cards.pdf')"
          target="_blank"
          >{{ t('groups.cards') }}</v-btn
        >
        <slot name="acts" />
      </div>
      <p v-if="view.kept && groups.length === 0" class="quiet">{{ t('groups.none') }}</p>
      <div v-if="view.kept" class="columns" :style="{ '--columns': Math.max(1, places.length - 2) }">
        <GroupBlock
          v-for="group in groups"
          :key="group.id"
          :group="group"
          :since="view.since.find(({ groupId }) => groupId === group.id)"
          :lesson-id="lessonId"
          @rename="(name) => rename(group.id, name)"
          @lock="(isLocked) => lock(group.id, isLocked)"
        >
          <GroupPlace
            v-slot="{ childId }"
            :child-ids="childrenAt(group.id)"
            :place="String(group.id)"
            @put="(id) => moved(id, move(id, group.id))"
          >
            <ChildInGroup
              v-bind="chip(childId)"
              @move="(to) => moved(childId, move(childId, to))"
              @step="(by) => moved(childId, step(childId, by))"
              @pair="pair"
            />
          </GroupPlace>
        </GroupBlock>
        <section v-if="places.includes('new')" class="new" :aria-label="t('groups.place.new')">
          <h2 class="quiet">{{ t('groups.place.new') }}</h2>
          <p class="quiet">{{ t('groups.newHint') }}</p>
          <GroupPlace :child-ids="[]" place="new" @put="(id) => moved(id, move(id, 'new'))"><span /></GroupPlace>
        </section>
      </div>
      <div v-if="view.kept" class="others">
        <section class="alone" :aria-label="t('groups.place.alone')">
          <h2>{{ t('groups.place.alone') }}</h2>
          <p class="clocks quiet">
            {{ t('groups.own', { task: t(`tablets.kinds.${view.own.task}`) }) }}
            <SmallClock
              v-for="time in view.own.times"
              :key="time"
              :time="time"
              :px="30"
              :label="words.clock.said(time)"
            />
            <HandTimes :of="t('groups.place.alone')" :what="{ ...view.own, childIds: childrenAt('alone') }" />
          </p>
          <GroupPlace
            v-slot="{ childId }"
            class="wrap"
            :child-ids="childrenAt('alone')"
            place="alone"
            @put="(id) => moved(id, move(id, 'alone'))"
          >
            <ChildInGroup
              v-bind="chip(childId)"
              @move="(to) => moved(childId, move(childId, to))"
              @step="(by) => moved(childId, step(childId, by))"
              @pair="pair"
            />
          </GroupPlace>
        </section>
        <section class="gone" :aria-label="t('groups.place.away')">
          <h2>{{ t('groups.place.away') }}</h2>
          <GroupPlace
            v-slot="{ childId }"
            class="wrap"
            :child-ids="childrenAt('away')"
            place="away"
            @put="(id) => moved(id, move(id, 'away'))"
          >
            <ChildInGroup
              v-bind="chip(childId)"
              @move="(to) => moved(childId, move(childId, to))"
              @step="(by) => moved(childId, step(childId, by))"
              @pair="pair"
            />
          </GroupPlace>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.groups {
  display: grid;
  gap: 12px;
}
.head {
  display: flex;
  gap: 16px;
  align-items: center;
  flex-wrap: wrap;
}
.said {
  flex: 1;
}
.columns {
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  gap: 12px;
}
.new {
  border: 2px dashed var(--line);
  border-radius: var(--corner);
  padding: 12px;
  display: flex;
  flex-direction: column;
}
.new .place {
  flex: 1;
}
h2 {
  font:
    700 17px/22px 'Atkinson Hyperlegible Next',
    sans-serif;
}
.others {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 1fr);
  gap: 12px;
}
.others section {
  background: var(--sand);
  border-radius: var(--corner);
  padding: 10px 12px;
}
.wrap {
  grid-template-columns: repeat(auto-fill, minmax(172px, 1fr));
}
.clocks {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  margin-bottom: 6px;
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  }
  .others {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
