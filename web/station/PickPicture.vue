<!-- Tap your picture. -->
<script setup lang="ts">
import { mdiChevronDown } from '@mdi/js';
import { useElementVisibility } from '@vueuse/core';
import { computed, ref, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import ChildPicture from '../look/ChildPicture.vue';
import { useStationStore } from './stationStore.ts';

const { t } = useI18n();
const router = useRouter();
const store = useStationStore();
const busy = ref(false);
const pick = async (childId: number): Promise<void> => {
  if (busy.value) return;
  busy.value = true;
  try {
    if (await store.sit(childId)) await router.replace({ name: 'child', params: { childId } });
  } finally {
    busy.value = false;
  }
};
/** Is the last picture in sight? */
const end = useTemplateRef('end');
const isAllSeen = useElementVisibility(end, { initialValue: true });
const more = (): void => end.value?.scrollIntoView({ block: 'end' });

/** More children than that have smaller pictures: thirty stand on a tablet without scrolling. */
const MANY = 21;
const isMany = computed(() => store.state!.children.length > MANY);
/** Width of a letter of the bold type, of its size; a little more than it takes. */
const LETTER = 0.57;
/** Width of a name, pixels: its longest word stands in one piece, as large as that lets it be. */
const ROOM = { few: 112, many: 104 } as const;
const nameSize = (name: string): string => {
  const longest = Math.max(...name.split(/[\s-]/).map((word) => word.length));
  return `${Math.max(11, Math.min(20, ROOM[isMany.value ? 'many' : 'few'] / (LETTER * longest)))}px`;
};
</script>

<template>
  <section class="pick">
    <h1>{{ t(store.state!.children.length === 0 ? 'station.nobody' : 'station.who') }}</h1>
    <p v-if="store.taken !== undefined" class="taken" role="status">{{ t('station.taken') }}</p>
    <ul :class="{ many: isMany }">
      <li v-for="child in store.state!.children" :key="child.id">
        <button
          type="button"
          :class="{ elsewhere: store.taken === child.id }"
          :aria-label="t('station.me', { name: child.name })"
          @click="pick(child.id)"
        >
          <ChildPicture :picture="child.picture" :px="isMany ? 72 : 88" />
          <span class="name" :style="{ fontSize: nameSize(child.name) }">{{ child.name }}</span>
        </button>
      </li>
    </ul>
    <div ref="end" class="end" />
    <button v-if="!isAllSeen" type="button" class="more" :aria-label="t('station.more')" @click="more">
      <svg width="44" height="44" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="mdiChevronDown" fill="currentColor" />
      </svg>
    </button>
  </section>
</template>

<style scoped>
.pick {
  height: 100%;
  overflow: auto;
  padding: 28px 28px 40px;
  text-align: center;
}
h1 {
  font-size: 32px;
  line-height: 1.3;
  margin-bottom: 20px;
}
.taken {
  margin: -10px 0 14px;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(128px, 1fr));
  gap: 14px 8px;
  max-width: 1160px;
  margin: 0 auto;
}
ul.many {
  grid-template-columns: repeat(auto-fit, minmax(108px, 1fr));
}
li button {
  display: inline-grid;
  justify-items: center;
  gap: 4px;
  padding: 8px;
  width: 100%;
  max-width: 150px;
  color: var(--ink);
  border-radius: 20px;
}
li button:hover {
  background: rgba(255, 255, 255, 0.55);
}
.elsewhere {
  animation: shake 0.5s ease-in-out 2;
  opacity: 0.6;
}
.name {
  font-weight: 700;
  line-height: 1.3;
  overflow-wrap: anywhere;
}
.end {
  height: 1px;
}
.more {
  position: fixed;
  left: 50%;
  bottom: 14px;
  display: grid;
  place-items: center;
  width: 76px;
  height: 76px;
  margin-left: -38px;
  border-radius: 50%;
  background: var(--plum);
  color: #fff;
}
@keyframes shake {
  25% {
    transform: translateX(-6px);
  }
  75% {
    transform: translateX(6px);
  }
}
</style>
