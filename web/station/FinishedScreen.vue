<!-- The end of a session: what I can do now, in pictures, and two ways on. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../contract/index.ts';
import { shownSkills, type Practised } from '../../core/practice/index.ts';
import HareFigure from '../look/HareFigure.vue';
import SkillPicture from './SkillPicture.vue';

const { done, settings, quiet } = defineProps<{
  done: readonly Practised[];
  settings: Settings;
  /** It was a ticket: it is handed in, and nothing tells how it went. */
  quiet: boolean;
}>();
const emit = defineEmits<{ again: []; back: [] }>();
const { t } = useI18n();
const skills = computed(() => (quiet ? [] : shownSkills(done)));
</script>

<template>
  <section class="finished">
    <HareFigure :px="110" />
    <h1>{{ t(quiet ? 'station.handedIn' : skills.length > 0 ? 'station.finished' : 'station.practised') }}</h1>
    <ul>
      <li v-for="skill in skills" :key="skill">
        <SkillPicture :skill="skill" :done="done" :settings="settings" />
      </li>
    </ul>
    <div class="acts">
      <button v-if="!quiet" type="button" class="again" @click="emit('again')">{{ t('station.again') }}</button>
      <button type="button" class="back" @click="emit('back')">{{ t('station.back') }}</button>
    </div>
  </section>
</template>

<style scoped>
.finished {
  height: 100%;
  overflow: auto;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: safe center;
  gap: 18px;
  padding: 24px;
}
h1 {
  font-size: 40px;
  line-height: 1.2;
}
ul {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 16px 22px;
  max-width: 1000px;
}
.acts {
  display: flex;
  gap: 16px;
  margin-top: 10px;
}
.acts button {
  min-height: 76px;
  padding: 0 40px;
  border-radius: 999px;
  font-size: 24px;
  font-weight: 700;
}
.again {
  background: var(--plum);
  color: #fff;
}
.back {
  background: var(--raised);
}
</style>
