<!-- The wall: what every child has on its tablet, small, as it changes; one of them large. Names only when wanted. -->
<script setup lang="ts">
import { mdiAccountOutline, mdiClose, mdiSetMerge, mdiViewGridOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child, Settings } from '../../../contract/index.ts';
import type { Item } from '../../../core/items/index.ts';
import { sameAnswerKey } from '../../../core/asking/index.ts';
import ChildPicture from '../../look/ChildPicture.vue';
import AnswerPicture from './AnswerPicture.vue';
import type { OnTablet } from './onTablet.ts';

const { children, item, settings, drafts, answers, seated } = defineProps<{
  children: readonly Child[];
  item: Item;
  settings: Settings;
  /** What is being set or drawn, by child. */
  drafts: ReadonlyMap<number, OnTablet>;
  /** What is done, by child; none where it is still on its way. */
  answers: ReadonlyMap<number, OnTablet | undefined>;
  /** Children at a tablet. */
  seated: readonly number[];
}>();
const { t } = useI18n();
const together = ref(false);
const names = ref(false);
const large = ref<number>();

interface Tile {
  readonly child: Child;
  readonly answer: OnTablet | undefined;
  readonly done: boolean;
  readonly key: string;
}
/** In seat order: the order of the class. */
const tiles = computed((): Tile[] =>
  children.flatMap((child) => {
    const done = answers.has(child.id);
    const answer = answers.get(child.id) ?? drafts.get(child.id);
    if (answer === undefined && !done && !seated.includes(child.id)) return [];
    return [{ child, answer, done, key: answer === undefined ? '' : sameAnswerKey(answer.read) }];
  }),
);
/** The same answers together, the commonest first; who has nothing yet comes last. */
const groups = computed((): Tile[][] => {
  if (!together.value) return [tiles.value];
  const byKey = new Map<string, Tile[]>();
  for (const tile of tiles.value) byKey.set(tile.key, [...(byKey.get(tile.key) ?? []), tile]);
  return [...byKey.values()].sort((a, b) => Number(a[0]!.key === '') - Number(b[0]!.key === '') || b.length - a.length);
});
const one = computed(() => tiles.value.find(({ child }) => child.id === large.value));
/** The wall is nearly square; a name under a tile makes its row a little higher. */
const WALL_RATIO = 0.92;
const NAMED_ROW = 1.2;
/** Tiles in a row: the fewest with which all rows are seen. */
const columns = computed(() => {
  const row = names.value ? NAMED_ROW : 1;
  let count = 3;
  while (Math.ceil(tiles.value.length / count) * row > count * WALL_RATIO) count += 1;
  return count;
});
const labelOf = ({ child, done }: Tile): string =>
  names.value
    ? t(done ? 'wall.doneBy' : 'wall.by', { name: child.name })
    : t(done ? 'wall.doneTile' : 'wall.tile', { number: tiles.value.findIndex((tile) => tile.child === child) + 1 });
</script>

<template>
  <section class="wall" :aria-label="t('wall.title')" :data-tiles="tiles.length">
    <div class="tools">
      <button type="button" :aria-pressed="together" data-wall="together" @click="together = !together">
        <v-icon :icon="together ? mdiViewGridOutline : mdiSetMerge" />
        {{ t(together ? 'wall.seats' : 'wall.together') }}
      </button>
      <button type="button" :aria-pressed="names" data-wall="names" @click="names = !names">
        <v-icon :icon="mdiAccountOutline" />
        {{ t(names ? 'wall.namesOff' : 'wall.namesOn') }}
      </button>
    </div>
    <p v-if="tiles.length === 0" class="empty">{{ t('wall.empty') }}</p>
    <button v-else-if="one" type="button" class="large" :aria-label="t('wall.back')" @click="large = undefined">
      <AnswerPicture
        v-if="one.answer"
        :item="item"
        :read="one.answer.read"
        :ink="one.answer.ink"
        :settings="settings"
      />
      <span v-if="names" class="who child-type"
        ><ChildPicture :picture="one.child.picture" :px="40" />{{ one.child.name }}</span
      >
      <v-icon :icon="mdiClose" class="close" />
    </button>
    <div v-else class="groups" :class="{ together }">
      <ul v-for="(group, i) in groups" :key="i" :style="{ '--columns': together ? undefined : columns }">
        <li v-for="tile in group" :key="tile.child.id">
          <button
            type="button"
            class="tile"
            :class="{ done: tile.done }"
            :aria-label="labelOf(tile)"
            :data-child="tile.child.id"
            @click="large = tile.child.id"
          >
            <AnswerPicture
              v-if="tile.answer"
              :item="item"
              :read="tile.answer.read"
              :ink="tile.answer.ink"
              :settings="settings"
            />
            <span v-else class="nothing" />
          </button>
          <span v-if="names" class="name">{{ tile.child.name }}</span>
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.wall {
  width: 100%;
  height: 100%;
  min-height: 0;
  display: flex;
  flex-direction: column;
  gap: calc(var(--u) * 10);
}
.tools {
  display: flex;
  gap: 10px;
}
.tools button {
  min-height: 48px;
  padding: 0 16px;
  display: flex;
  align-items: center;
  gap: 8px;
  border-radius: 999px;
  background: var(--raised);
  font-weight: 600;
}
.tools button[aria-pressed='true'] {
  background: var(--plum-chosen);
}
/* Room for the rings round the outermost. */
.groups {
  flex: 1;
  min-height: 0;
  overflow: auto;
  padding: 6px;
  margin: -6px;
}
ul {
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  gap: calc(var(--u) * 10);
}
.together {
  display: flex;
  flex-wrap: wrap;
  align-content: flex-start;
  gap: calc(var(--u) * 14);
}
.together ul {
  display: flex;
  flex-wrap: wrap;
  padding: calc(var(--u) * 8);
  border-radius: var(--corner-board);
  background: rgba(255, 255, 255, 0.6);
}
.together li {
  width: calc(var(--u) * 84);
}
.tile {
  width: 100%;
  aspect-ratio: 1;
  padding: 4px;
  border-radius: 50%;
}
.tile.done {
  box-shadow: 0 0 0 4px var(--plum-chosen);
}
.nothing {
  display: block;
  width: 100%;
  height: 100%;
  border-radius: 50%;
  border: 3px dashed var(--line);
}
.name {
  display: block;
  text-align: center;
  font-size: calc(var(--u) * 15);
  line-height: 1.2;
  overflow: hidden;
  text-overflow: ellipsis;
}
.large {
  position: relative;
  flex: 1;
  min-height: 0;
  aspect-ratio: 1;
  align-self: center;
  font-size: calc(var(--u) * 60);
}
.who {
  position: absolute;
  left: 0;
  bottom: 0;
  display: flex;
  align-items: center;
  gap: 10px;
  font-size: calc(var(--u) * 30);
  font-weight: 700;
}
.close {
  position: absolute;
  right: 0;
  top: 0;
}
.empty {
  flex: 1;
  display: grid;
  place-items: center;
  text-align: center;
  font-size: calc(var(--u) * 24);
}
</style>
