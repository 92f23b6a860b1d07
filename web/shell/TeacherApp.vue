<!-- The teacher's side: opens the classroom, keeps the live stream, and puts the shell round the view. -->
<script setup lang="ts">
import { useEventListener, useTitle } from '@vueuse/core';
import { computed, defineAsyncComponent, onMounted, onUnmounted, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { useBoardStore } from '../stores/board.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { takeUpPiles } from '../check/outboxes.ts';
import { colourHands, provideFace } from '../clock/useFace.ts';
import { useDoor } from '../entry/useDoor.ts';
import HelpSheet from '../help/HelpSheet.vue';
import { isHelped } from '../help/screens.ts';
import JoinRemote from '../remote/JoinRemote.vue';
import { isRehearsing } from '../api/place.ts';
import TeacherShell from './TeacherShell.vue';

const DoorScreen = defineAsyncComponent(() => import('../entry/DoorScreen.vue'));
const RehearsalBar = defineAsyncComponent(() => import('../rehearsal/RehearsalBar.vue'));

const { t, locale } = useI18n();
const route = useRoute();
const router = useRouter();
const classroom = useClassroomStore();
const board = useBoardStore();
const { isShut, mustEnter, isCovered } = useDoor();
/** A second device at the remote's page brings the board's code, not the passphrase. */
const mustJoin = computed(() => classroom.mustJoin || (mustEnter.value && route.name === 'remote'));

const open = async (): Promise<void> => {
  await classroom.load().catch(() => undefined);
  await router.isReady();
  if (classroom.classroom?.class === null) await router.replace({ name: 'welcome' });
};
/** Views that are there before any class is. */
const BEFORE_A_CLASS: ReadonlySet<unknown> = new Set(['welcome', 'bring-in', 'backups', 'moving', 'passphrase']);
/** Also once the last class has been deleted in another window. */
const hasNoClass = computed(() => classroom.classroom?.class === null && !BEFORE_A_CLASS.has(route.name));
watch(hasNoClass, (has) => {
  if (has) void router.replace({ name: 'welcome' });
});
provideFace(() => classroom.classroom?.settings);
colourHands(() => classroom.classroom?.settings);
const endLive = board.start();
onMounted(() => void open().then(takeUpPiles));
onUnmounted(endLive);
// The passphrase was given: what was asked for before is asked for again.
watch(isShut, (shut) => {
  classroom.isBehindCover = shut && isCovered.value;
  if (!shut) void (classroom.classroom === undefined ? open() : classroom.refresh());
});
// A laptop opened in the morning shows the new day.
useEventListener(document, 'visibilitychange', () => {
  if (document.visibilityState === 'visible') void classroom.refresh();
});
// Several views may stand in tabs side by side. It names no child: what is shown on a wall shows its tabs, too.
useTitle(() =>
  isShut.value || !isHelped(route.name) ? t('app.name') : t('app.tab', { view: t(`help.screens.${route.name}.title`) }),
);
watch(
  () => classroom.classroom?.settings.locale,
  (tag) => {
    if (tag === undefined) return;
    locale.value = tag;
    document.documentElement.lang = tag;
  },
);
</script>

<template>
  <v-app>
    <DoorScreen v-if="isShut" />
    <!-- What stands behind it keeps what was begun there, and shows nothing. -->
    <div class="inside" :class="{ shut: isShut }" :inert="isShut">
      <RehearsalBar v-if="isRehearsing && classroom.classroom" />
      <div v-if="classroom.failed" class="whole" role="alert">
        <p class="title-column">{{ t('app.unreachable') }}</p>
        <v-btn @click="open">{{ t('app.retry') }}</v-btn>
      </div>
      <JoinRemote v-else-if="mustJoin" @joined="open" />
      <!-- Until its page is there nothing of the shell is: it would not know which keys it has. -->
      <div v-else-if="classroom.classroom === undefined || route.name === undefined || hasNoClass" class="whole">
        <p class="quiet" role="status">{{ t('app.loading') }}</p>
      </div>
      <router-view v-else-if="route.meta['shell'] === false" />
      <TeacherShell v-else><router-view :key="route.path" /></TeacherShell>
      <HelpSheet v-if="classroom.classroom && !isShut" />
      <p v-if="isCovered && !isShut" class="lost covered" role="status">{{ t('entry.boardCovered') }}</p>
      <p v-if="board.room.fileGone && !isShut" class="lost gone" role="alert">{{ t('problem.file-gone') }}</p>
      <p v-else-if="board.room.clockWrong && !isShut" class="lost gone" role="alert">{{ t('app.clockWrong') }}</p>
      <p v-if="!board.connected && !mustJoin && !isShut" class="lost" role="status">{{ t('app.reconnecting') }}</p>
    </div>
  </v-app>
</template>

<style scoped>
.whole {
  min-height: 100vh;
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 20px;
}
/* Above the board's cards, where it lies over no clock. */
.lost.covered {
  inset: 8px 12px auto auto;
  translate: none;
  padding: 4px 14px;
  color: var(--quiet);
}
.lost.gone {
  max-width: min(760px, 92vw);
  color: var(--berry);
}
.inside {
  display: contents;
}
.inside.shut {
  display: none;
}
.lost {
  position: fixed;
  left: 50%;
  bottom: 12px;
  translate: -50% 0;
  padding: 8px 18px;
  border-radius: 999px;
  background: var(--raised);
  color: var(--berry);
  box-shadow: var(--shadow);
  font-weight: 600;
  z-index: 10;
}
</style>
