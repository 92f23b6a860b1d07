<!-- Lesson desk: get ready, the run of the lesson, what we know. Today's lesson, or the one of the stone that was tapped. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { lessonOfAddress } from '../plan/lessonOfAddress.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import GetReady from '../desk/GetReady.vue';
import LessonRun from '../desk/LessonRun.vue';
import WasItHeld from '../desk/WasItHeld.vue';
import WhatWeKnow from '../desk/WhatWeKnow.vue';
import { useDesk } from '../desk/useDesk.ts';

const { t } = useI18n();
const route = useRoute();
const store = useClassroomStore();
const lesson = computed(() => lessonOfAddress(route.params, store.classroom?.lessons ?? []) ?? store.lesson);
const { desk, problem, tick, decide, setThresholds } = useDesk(() => lesson.value?.id);
</script>

<template>
  <section v-if="lesson === undefined" class="nothing">
    <h1 class="title-page">{{ t('plan.noneTitle') }}</h1>
    <p>{{ t('plan.noneText') }}</p>
    <v-btn :to="{ name: 'unit' }">{{ t('plan.makeOne') }}</v-btn>
  </section>
  <div v-else class="desk">
    <WasItHeld :lesson="lesson" class="whole" />
    <GetReady :lesson="lesson" :desk="desk" @tick="tick" />
    <LessonRun :lesson="lesson" :warm-up="desk?.warmUp ?? null" />
    <WhatWeKnow
      v-if="desk"
      :known="desk.known"
      :again="desk.again"
      :lesson-id="lesson.id"
      @decide="decide"
      @thresholds="setThresholds"
    />
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: minmax(270px, 296px) minmax(420px, 1fr) minmax(330px, 384px);
  gap: 36px;
  padding: 20px 32px 16px;
  max-width: 1500px;
  margin: 0 auto;
  align-items: start;
}
.whole {
  grid-column: 1 / -1;
}
.nothing {
  max-width: 560px;
  margin: 80px auto;
  padding: 0 32px;
  display: grid;
  gap: 16px;
  justify-items: start;
}
.problem {
  position: fixed;
  bottom: 16px;
  right: 32px;
}
@media (max-width: 1080px) {
  .desk {
    grid-template-columns: 1fr 1fr;
  }
}
@media (max-width: 760px) {
  .desk {
    grid-template-columns: 1fr;
  }
}
</style>
