<!-- A child's tablet: the garden, the view, and a quiet sign when the connection is lost. -->
<script setup lang="ts">
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { colourHands, provideFace } from '../clock/useFace.ts';
import GardenScene from './GardenScene.vue';
import CodeScreen from './door/CodeScreen.vue';
import { useStationStore } from './stationStore.ts';
import { useSwitchKeys } from './useSwitchKeys.ts';

const { t, locale } = useI18n();
const store = useStationStore();
const route = useRoute();
const router = useRouter();
void store.load().then(() => store.join());
provideFace(() => store.state?.settings);
colourHands(() => store.state?.settings);
watch(
  () => store.state?.settings.locale,
  (tag) => {
    if (tag !== undefined) document.documentElement.lang = locale.value = tag;
  },
);
/** The child of the address sits down, as after a reload; where it cannot, the pictures are there. */
const childId = computed(() => Number(route.params['childId']) || undefined);
watch(
  [childId, () => store.state !== undefined && !store.needsCode],
  async ([asked, isIn]) => {
    if (asked === undefined || !isIn || store.child?.childId === asked) return;
    const isKnown = store.state!.children.some(({ id }) => id === asked);
    if (!isKnown || !(await store.sit(asked))) await router.replace({ name: 'pick' });
  },
  { immediate: true },
);
/**
 * A round of the class goes before practice; that goes on where it was when the child comes back to it. What the child is in the middle of is
 * finished first, as long as the class is at its first task.
 */
const call = computed(() => {
  const { round } = store;
  if (round?.closed !== false || route.name !== 'alone') return undefined;
  const isFirstTask = round.index === 0 && ['ask', 'think'].includes(round.phase);
  return store.midTask && isFirstTask ? 'waits' : round.id;
});
watch(
  call,
  (now) => {
    if (now !== undefined && now !== 'waits' && childId.value !== undefined)
      void router.replace({ name: 'child', params: { childId: childId.value } });
  },
  { immediate: true },
);
// Said bye, or sent away by the teacher: back to the pictures, and no way back by the browser's own button.
watch(
  () => store.child,
  (now, before) => {
    if (now === undefined && before !== undefined) void router.replace({ name: 'pick' });
  },
);
useSwitchKeys();
</script>

<template>
  <div class="station child-type">
    <GardenScene />
    <main v-if="store.needsCode"><CodeScreen /></main>
    <main v-else-if="store.state">
      <router-view v-if="childId === undefined || store.child?.childId === childId" :key="route.path" />
    </main>
    <p v-else class="opening" role="status">{{ t(store.noClass ? 'station.noClass' : 'station.loading') }}</p>
    <p v-if="call === 'waits'" class="call" role="status">{{ t('station.classBegins') }}</p>
    <p v-if="!store.connected || store.waiting > 0" class="quiet-sign" role="status">
      <svg width="26" height="26" viewBox="0 0 24 24" aria-hidden="true">
        <path
          d="M7 18a4 4 0 0 1-.5-7.97A6 6 0 0 1 18 9.5a4.3 4.3 0 0 1-.5 8.5z"
          fill="none"
          stroke="currentColor"
          stroke-width="2"
          stroke-dasharray="3 2.5"
        />
      </svg>
      <span class="only-heard">{{
        store.waiting > 0 ? t('station.unsent', { count: store.waiting }, store.waiting) : t('station.lost')
      }}</span>
    </p>
  </div>
</template>

<style scoped>
.station {
  position: relative;
  height: 100%;
  min-height: 100vh;
  min-height: 100dvh;
  overflow: hidden;
  font-size: 20px;
  line-height: 1.4;
}
main {
  position: relative;
  height: 100vh;
  height: 100dvh;
}
.opening {
  position: absolute;
  inset: 0;
  display: grid;
  place-items: center;
  font-size: 26px;
}
.call {
  position: absolute;
  top: 14px;
  left: 50%;
  transform: translateX(-50%);
  padding: 8px 24px;
  border-radius: 26px;
  background: var(--plum);
  color: #fff;
  font-weight: 700;
}
.quiet-sign {
  position: absolute;
  right: 20px;
  top: 20px;
  color: var(--quiet);
}
:deep(:focus-visible) {
  outline: 4px solid var(--plum);
  outline-offset: 3px;
}
</style>
