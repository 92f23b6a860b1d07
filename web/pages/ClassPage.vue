<!-- The class by skills, and how each o'clock time went. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { ClassView } from '../../contract/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import TimeWheel from '../clock/TimeWheel.vue';
import SkillMatrix from '../class/SkillMatrix.vue';
import TakeOut from '../class/TakeOut.vue';
import { useRecord } from '../class/useRecord.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';

const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);
const { data: view, problem } = useRecord(ClassView, () => '/record/class');

/** Times to look at again: the lowest shares, and only those that some child did not have. */
const HARDEST = 3;
const hardest = computed(() =>
  (view.value?.times ?? [])
    .filter(({ children, childrenRight }) => childrenRight < children)
    .sort((a, b) => a.childrenRight / a.children - b.childrenRight / b.children || a.time - b.time)
    .slice(0, HARDEST),
);
</script>

<template>
  <div class="class">
    <section class="sheet table">
      <SkillMatrix v-if="view" :children="store.classroom!.children" :rows="view.children">
        <template #acts><TakeOut /></template>
      </SkillMatrix>
    </section>
    <section v-if="view" class="side">
      <h2 class="title-column">{{ t('class.timesTitle') }}</h2>
      <TimeWheel
        :results="view.times"
        :centre="store.classroom!.children.length"
        :caption="t('class.children')"
        class="wheel"
      />
      <template v-if="hardest.length > 0">
        <h2 class="title-column">{{ t('class.hardest') }}</h2>
        <ul class="hardest">
          <li v-for="result in hardest" :key="result.time">
            <SmallClock :time="result.time" :px="72" :label="clock.said(result.time)" />
            <strong class="time-type">{{ clock.written(result.time) }}</strong>
            <span class="quiet">{{ t('class.nOf', { right: result.childrenRight, count: result.children }) }}</span>
          </li>
        </ul>
      </template>
      <p v-else-if="view.times.length === 0" class="quiet">{{ t('class.empty') }}</p>
    </section>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  </div>
</template>

<style scoped>
.class {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 384px;
  gap: 32px;
  padding: 8px 32px 16px;
  max-width: 1500px;
  margin: 0 auto;
  align-items: start;
}
.table {
  padding: 14px 20px 10px;
  min-height: 300px;
}
.wheel {
  width: 300px;
  margin: 12px auto 22px;
}
.hardest {
  display: flex;
  justify-content: space-around;
  margin-top: 12px;
}
.hardest li {
  display: grid;
  justify-items: center;
}
.hardest strong {
  font-size: 17px;
  margin-top: 4px;
}
.side {
  padding-top: 12px;
}
.problem {
  color: var(--berry);
  font-weight: 600;
}
@media (max-width: 1080px) {
  .class {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 720px) {
  .class {
    padding: 8px;
  }
  .table {
    padding: 10px 6px;
  }
}
</style>
