<!-- Classes out of a file: what is in it is shown first, and nothing comes in before the teacher says how. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import FileButton from '../look/FileButton.vue';
import ArrivedClassCard from './ArrivedClassCard.vue';
import { useArrival } from './useArrival.ts';

const { t, d } = useI18n();
const { arrival, wishes, busy, problem, detail, taken, look, letGo, take, open, canTake, wish } = useArrival();
</script>

<template>
  <div class="bring">
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }} {{ detail }}</p>
    <p v-if="taken.length > 0" class="good" role="status">
      {{ t('moving.taken', { names: taken.join(', ') }, taken.length) }}
    </p>
    <v-btn v-if="taken.length > 0" variant="outlined" class="to" :to="{ name: 'desk' }">{{ t('moving.toDesk') }}</v-btn>
    <p v-if="busy" class="quiet" role="status">{{ t(`moving.busy.${busy}`) }}</p>
    <template v-if="arrival">
      <p class="quiet">
        {{ t('moving.madeAt', { when: d(new Date(arrival.madeAt), { dateStyle: 'medium', timeStyle: 'short' }) }) }}
        <template v-if="arrival.templates > 0">{{
          t('moving.templates', { count: arrival.templates }, arrival.templates)
        }}</template>
      </p>
      <ArrivedClassCard
        v-for="one in arrival.classes"
        :key="one.number"
        :one="one"
        :here="arrival.here"
        :wish="wishes.get(one.number)!"
        :may-leave="arrival.classes.length > 1"
        @wish="(wanted) => wish(one.number, wanted)"
      />
      <p v-if="open > 0" class="quiet" role="status">{{ t('moving.open', { count: open }, open) }}</p>
      <div class="acts">
        <v-btn :disabled="!canTake" data-take @click="take">{{ t('moving.take') }}</v-btn>
        <v-btn variant="text" :disabled="busy !== undefined" @click="letGo">{{ t('moving.letGo') }}</v-btn>
      </div>
    </template>
    <FileButton v-else-if="!busy" accept=".json,application/json" @file="look">{{ t('moving.choose') }}</FileButton>
  </div>
</template>

<style scoped>
.bring {
  display: grid;
  gap: 12px;
}
.to {
  justify-self: start;
}
.acts {
  display: flex;
  gap: 8px;
}
</style>
