<!-- One skill in the class: how each time went, how the class came to where it is, and which wrong answers came. -->
<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { SkillView } from '../../contract/index.ts';
import type { TimeGroup } from '../../core/sets/index.ts';
import { groupOfSkill, type Skill } from '../../core/skills/index.ts';
import TimeWheel from '../clock/TimeWheel.vue';
import PillRow from '../look/PillRow.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useRecord } from './useRecord.ts';
import WrongAnswers from './WrongAnswers.vue';

// The charts' package is large: it comes when somebody wants to see one.
const ClassHistory = defineAsyncComponent(() => import('./ClassHistory.vue'));

const { skill } = defineProps<{ skill: Skill }>();
const emit = defineEmits<{ close: []; notSecure: [] }>();
const { t } = useI18n();
const store = useClassroomStore();
const { data: view, problem } = useRecord(SkillView, () => `/record/skills/${skill}`);

const look = ref<'times' | 'days'>('times');
const looks = computed(() => (['times', 'days'] as const).map((key) => ({ key, label: t(`class.look.${key}`) })));
/** Rings this skill is about. */
const always = computed((): readonly TimeGroup[] => {
  const group = groupOfSkill(skill);
  return group === 'oclock' || group === 'half-past' ? [group] : group === 'mixed' ? ['oclock', 'half-past'] : [];
});
const hasTimes = computed(() => always.value.length > 0 || (view.value?.times.length ?? 0) > 0);
</script>

<template>
  <section class="skill-panel" :aria-label="t(`skills.long.${skill}`)">
    <header>
      <h2 class="title-column">{{ t(`skills.long.${skill}`) }}</h2>
      <v-btn icon variant="text" size="44" :aria-label="t('class.closeSkill')" @click="emit('close')"
        ><v-icon :icon="mdiClose" size="22"
      /></v-btn>
    </header>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    <template v-if="view && view.skill === skill">
      <PillRow name="look" :label="t('class.looks')" :choices="looks" :on="[look]" @choose="(key) => (look = key)" />
      <template v-if="look === 'times'">
        <TimeWheel
          v-if="hasTimes"
          :results="view.times"
          :always="always"
          :centre="store.classroom!.children.length"
          :caption="t('class.children')"
          class="wheel"
        />
      </template>
      <ClassHistory v-else :days="view.history" :children="store.classroom!.children.length" />
      <p>
        <button type="button" class="link" @click="emit('notSecure')">{{ t('class.onlyNotSecure') }}</button>
      </p>
      <h3 class="title-item">{{ t('class.wrong') }}</h3>
      <p v-if="view.wrong.length === 0" class="quiet">{{ t('class.noWrong') }}</p>
      <div v-else class="scroll" tabindex="0" role="group" :aria-label="t('class.wrong')">
        <WrongAnswers :wrong="view.wrong" />
      </div>
    </template>
  </section>
</template>

<style scoped>
.skill-panel {
  display: flex;
  flex-direction: column;
  gap: 8px;
  max-height: calc(100vh - 140px);
  min-height: 420px;
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
}
.wheel {
  width: 220px;
  margin: 4px auto;
  flex: none;
}
.scroll {
  overflow: auto;
  min-height: 120px;
}
.link {
  min-height: 32px;
  color: var(--plum);
  font-weight: 600;
}
</style>
