<!-- One session of practice after another: what is practised is taken up when a session begins. -->
<script setup lang="ts">
import { ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import type { Practice } from '../../contract/index.ts';
import AlonePractice from './AlonePractice.vue';
import { useStationStore } from './stationStore.ts';

const router = useRouter();
const store = useStationStore();
const session = ref(0);
const practice = shallowRef(store.child?.practice);
// Before a unit was laid out there is nothing to practise.
if ((practice.value ?? undefined) === undefined && store.child !== undefined)
  void router.replace({ name: 'child', params: { childId: store.child.childId } });
/** What the child needs, when the server does not know yet that the set was done: its answers wait for a network. */
const needsOf = (now: Practice | null): Practice | null =>
  now && now.key === practice.value?.key ? { ...now, key: 'needs', handed: false, set: null } : now;
const again = async (): Promise<void> => {
  if (store.child === undefined) return;
  await store.sit(store.child.childId);
  practice.value = needsOf(store.child.practice);
  session.value += 1;
};
</script>

<template>
  <Suspense v-if="practice && store.child" :key="session">
    <AlonePractice :child="store.child.childId" :practice="practice" @again="again" />
  </Suspense>
</template>
