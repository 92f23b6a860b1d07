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
/** Sessions this child has been through: where the server does not know of it yet, what was made ready to come next is taken. */
const through = new Set<string>();
const fresh = (now: Practice): Practice => {
  const isThrough = through.has(JSON.stringify(now.session)) || (!now.follows && through.has(now.key));
  return isThrough ? { ...now, ...now.next, handed: false, quiet: false, follows: true } : now;
};
const again = async (): Promise<void> => {
  if (store.child === undefined) return;
  if (practice.value) through.add(practice.value.key).add(JSON.stringify(practice.value.session));
  await store.sit(store.child.childId);
  practice.value = store.child.practice && fresh(store.child.practice);
  session.value += 1;
};
</script>

<template>
  <Suspense v-if="practice && store.child" :key="session">
    <AlonePractice :child="store.child.childId" :practice="practice" @again="again" />
  </Suspense>
</template>
