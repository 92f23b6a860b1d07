<!-- The head of every teacher's screen: brand, the path, the places. -->
<script setup lang="ts">
import {
  mdiAccountGroupOutline,
  mdiCogOutline,
  mdiFileDocumentOutline,
  mdiEyeOffOutline,
  mdiHelpCircleOutline,
  mdiPresentation,
  mdiTabletCellphone,
} from '@mdi/js';
import { useEventListener } from '@vueuse/core';
import { useI18n } from 'vue-i18n';
import { computed } from 'vue';
import { useRoute, type RouteLocationRaw } from 'vue-router';
import { lessonOfAddress } from '../plan/lessonOfAddress.ts';
import { isRehearsing } from '../api/place.ts';
import { roundOf, startOf } from '../desk/lessonRun.ts';
import { COVER_KEY } from '../entry/useDoor.ts';
import { useBoardStore } from '../stores/board.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useEntryStore } from '../stores/entry.ts';
import { useHelpStore } from '../stores/help.ts';
import { usePlanStore } from '../stores/plan.ts';
import BrandMark from './BrandMark.vue';
import ClassSwitcher from './ClassSwitcher.vue';
import LessonPath from './LessonPath.vue';
import PlanNews from '../plan/PlanNews.vue';

const { t } = useI18n();
const plan = usePlanStore();
const help = useHelpStore();
const route = useRoute();
/** Ctrl or Cmd with Z takes back what was done to the unit, with Shift does it again; in a field they belong to the field. */
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key.toLowerCase() !== 'z' || !(event.ctrlKey || event.metaKey) || route.meta['undoes'] === true) return;
  if ((event.target as Element).closest('input, textarea, select') !== null) return;
  event.preventDefault();
  void (event.shiftKey ? plan.redo() : plan.undo());
});
const store = useClassroomStore();
const board = useBoardStore();
const entry = useEntryStore();
/** Wrong tries at the passphrase that are no slips of one's own any more. */
const MANY_TRIES = 5;
/** What asks to be looked at at a place, for a dot on its picture; empty where nothing does. */
const newsAt = (place: string): string => {
  if (place === 'settings') {
    const count = entry.entry?.wrong?.count ?? 0;
    return count < MANY_TRIES ? '' : t('entry.triesNews', { count }, count);
  }
  if (place !== 'tablets') return '';
  const { setAside, tries } = board.room;
  if (setAside > 0) return t('tablets.setAside.title', { count: setAside }, setAside);
  return tries > 0 ? t('tablets.tries', { count: tries }, tries) : '';
};
/** The lesson on the desk: it can be started before anything else is gone through. */
const shown = computed(() => {
  if (route.name !== 'desk' && route.name !== 'lesson') return undefined;
  return lessonOfAddress(route.params, store.classroom?.lessons ?? []) ?? store.lesson;
});
const isRunning = computed(() => board.openRound !== undefined && board.openRound?.lessonId === shown.value?.id);
const boardAt = (segment: number): RouteLocationRaw => ({
  name: 'board',
  params: { lesson: shown.value?.id },
  query: { segment },
});
const places = [
  { name: 'class', icon: mdiAccountGroupOutline, routes: ['class', 'child', 'stored'] },
  { name: 'sheets', icon: mdiFileDocumentOutline, routes: ['sheets', 'checks', 'check'] },
  { name: 'board', icon: mdiPresentation, routes: ['board'] },
  { name: 'tablets', icon: mdiTabletCellphone, routes: ['tablets'] },
  {
    name: 'settings',
    icon: mdiCogOutline,
    routes: ['settings', 'unit', 'children', 'day', 'passphrase', 'backups', 'moving'],
  },
] as const;
/** What a made-up class has: the others are nobody's. */
const shownPlaces = computed(() => places.filter(({ name }) => !isRehearsing || name === 'class' || name === 'board'));
</script>

<template>
  <nav class="skips" :aria-label="t('app.skips')">
    <a href="#screen" class="skip">{{ t('app.skip') }}</a>
    <template v-if="shown">
      <router-link :to="boardAt(startOf(shown, isRunning))" class="skip">{{
        t(isRunning ? 'desk.resume' : 'desk.start')
      }}</router-link>
      <router-link v-if="roundOf(shown) !== -1" :to="boardAt(roundOf(shown))" class="skip">{{
        t('app.toRound')
      }}</router-link>
    </template>
  </nav>
  <header class="head">
    <svg class="hill" viewBox="0 0 1280 24" preserveAspectRatio="none" aria-hidden="true">
      <path d="M0 5C160 18 330 24 560 17S900 14 1040 13 1200 8 1280 3V25H0Z" />
    </svg>
    <div class="brand">
      <router-link :to="{ name: 'desk' }" :aria-label="t('app.home')"><BrandMark /></router-link>
      <div>
        <router-link :to="{ name: 'desk' }" class="name">{{ t('app.name') }}</router-link>
        <ClassSwitcher />
      </div>
    </div>
    <LessonPath v-if="store.classroom" :classroom="store.classroom" class="path" />
    <nav :aria-label="t('app.places')" class="places">
      <router-link
        v-for="place in shownPlaces"
        :key="place.name"
        :to="{ name: place.name }"
        class="place"
        :class="{ here: (place.routes as readonly unknown[]).includes(route.name) }"
        :aria-current="(place.routes as readonly unknown[]).includes(route.name) ? 'page' : undefined"
      >
        <span class="mark" :class="{ news: newsAt(place.name) }"><v-icon :icon="place.icon" size="24" /></span>
        {{ t(`nav.${place.name}`) }}
        <span v-if="newsAt(place.name)" class="only-heard">{{ newsAt(place.name) }}</span>
      </router-link>
      <div class="asks">
        <button
          type="button"
          class="ask"
          :aria-label="t('nav.cover')"
          :title="`${t('nav.cover')} (${COVER_KEY})`"
          :aria-keyshortcuts="COVER_KEY"
          @click="entry.cover().catch(() => undefined)"
        >
          <v-icon :icon="mdiEyeOffOutline" size="22" />
        </button>
        <button
          type="button"
          class="ask"
          :aria-label="t('help.open')"
          :title="t('help.openKey')"
          aria-keyshortcuts="?"
          @click="help.isOpen = true"
        >
          <v-icon :icon="mdiHelpCircleOutline" size="22" />
        </button>
      </div>
    </nav>
  </header>
  <main id="screen" tabindex="-1"><slot /></main>
  <PlanNews />
</template>

<style scoped>
.skip {
  position: absolute;
  left: 12px;
  top: -60px;
  z-index: 5;
  background: var(--raised);
  padding: 8px 16px;
  border-radius: 999px;
}
.skip:focus {
  top: 8px;
}
.head {
  position: relative;
  flex: none;
  height: 116px;
  display: flex;
  align-items: center;
  padding: 0 18px 8px 32px;
  gap: 18px;
  background: linear-gradient(90deg, var(--dawn-left), var(--dawn-middle) 55%, var(--dawn-right));
}
.hill {
  position: absolute;
  left: 0;
  bottom: -1px;
  width: 100%;
  height: 18px;
  fill: var(--ground);
}
.brand {
  display: flex;
  align-items: center;
  gap: 12px;
  color: var(--ink);
  flex: none;
  position: relative;
}
.brand .name {
  display: block;
  color: var(--ink);
  font:
    700 22px/26px 'Atkinson Hyperlegible Next',
    sans-serif;
}
.path {
  flex: 1;
  min-width: 0;
  align-self: stretch;
}
.places {
  display: flex;
  align-items: center;
  gap: 1px;
  flex: none;
  position: relative;
}
.place {
  display: grid;
  justify-items: center;
  gap: 4px;
  width: 66px;
  padding: 10px 0;
  border-radius: var(--corner);
  color: var(--ink);
  font:
    700 15px/20px 'Atkinson Hyperlegible Next',
    sans-serif;
}
.place:hover {
  text-decoration: none;
  background: rgba(255, 255, 255, 0.5);
}
.asks {
  align-self: center;
  display: grid;
}
.ask {
  width: 44px;
  height: 44px;
  display: grid;
  place-items: center;
  border-radius: 50%;
}
.ask:hover {
  background: rgba(255, 255, 255, 0.5);
}
.place.here {
  background: var(--raised);
  color: var(--plum);
}
.mark {
  position: relative;
  line-height: 0;
}
.mark.news::after {
  content: '';
  position: absolute;
  top: -3px;
  right: -5px;
  width: 12px;
  height: 12px;
  border: 2px solid var(--raised);
  border-radius: 50%;
  background: var(--berry);
}
@media (max-width: 760px) {
  .head {
    padding: 0 10px 8px 14px;
    gap: 6px;
  }
  .places {
    gap: 0;
  }
  .place {
    width: 56px;
    padding: 10px 0;
    font-size: 13px;
  }
}
main {
  flex: 1;
  min-height: 0;
  outline: none;
}
</style>
