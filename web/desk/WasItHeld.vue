<!-- A lesson whose day is past: nobody answered in it, so what became of it is the teacher's to say. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Lesson } from '../../contract/index.ts';
import { usePlanActs } from '../plan/usePlanActs.ts';

const { lesson } = defineProps<{ lesson: Lesson }>();
const { t } = useI18n();
const acts = usePlanActs(() => lesson);
const isSaid = computed(() => acts.past.value && acts.may('outcome') && lesson.outcome !== undefined);
</script>

<template>
  <section v-if="acts.isOpen.value || isSaid" class="was-it-held">
    <p>
      {{ t(acts.isOpen.value ? 'plan.wasItHeld' : lesson.outcome === 'held' ? 'plan.saidHeld' : 'plan.wasLeftOut') }}
    </p>
    <template v-if="acts.isOpen.value">
      <v-btn variant="tonal" :height="44" @click="acts.say('held')">{{ t('plan.act.held') }}</v-btn>
      <v-btn v-if="acts.canHoldToday.value" variant="tonal" :height="44" @click="acts.holdToday()">{{
        t('plan.act.heldToday')
      }}</v-btn>
      <v-btn variant="tonal" :height="44" @click="acts.say('left-out')">{{ t('plan.act.leaveOut') }}</v-btn>
    </template>
    <v-btn v-else variant="text" :height="44" @click="acts.say(null)">{{ t('plan.act.notKnown') }}</v-btn>
  </section>
</template>

<style scoped>
.was-it-held {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  margin-bottom: -20px;
}
p {
  font-weight: 600;
}
</style>
