<!-- One session of practice after another: what is practised is taken up when a session begins. -->
<script setup lang="ts">
import { ref } from 'vue';
import AlonePractice from './AlonePractice.vue';
import { useStationStore } from './stationStore.ts';

const store = useStationStore();
const session = ref(0);
const practice = ref(store.child?.practice);
const again = async (): Promise<void> => {
  if (store.child === undefined) return;
  await store.sit(store.child.childId);
  practice.value = store.child.practice;
  session.value += 1;
};
</script>

<template>
  <Suspense v-if="practice && store.child" :key="session">
    <AlonePractice :child="store.child.childId" :practice="practice" @again="again" />
  </Suspense>
</template>
