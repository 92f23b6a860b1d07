<!-- Things to lay out that are printed as they are, and a single face for a teacher's own papers. -->
<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import type { Lesson } from '../../contract/index.ts';
import { THINGS } from '../../core/sheets/index.ts';
import SingleFace from './SingleFace.vue';
import { thingAddress } from './addresses.ts';

const { lesson } = defineProps<{ lesson: Lesson | undefined }>();
const { t } = useI18n();
</script>

<template>
  <div class="things">
    <ul class="list">
      <li v-for="thing in THINGS" :key="thing">
        <div>
          <h2 class="title-item">{{ t(`sheets.things.${thing}.name`) }}</h2>
          <p class="quiet">{{ t(`sheets.things.${thing}.what`) }}</p>
        </div>
        <v-btn
          :href="thingAddress(thing, lesson?.id)"
          target="_blank"
          variant="tonal"
          :height="44"
          :prepend-icon="mdiPrinterOutline"
          :aria-label="t('sheets.printThing', { thing: t(`sheets.things.${thing}.name`) })"
          >{{ t('sheets.print') }}</v-btn
        >
      </li>
    </ul>
    <SingleFace />
  </div>
</template>

<style scoped>
.things {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 356px;
  gap: 40px;
  align-items: start;
}
.list li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 24px;
  padding: 10px 0;
}
@media (max-width: 1000px) {
  .things {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
