<!-- The class by skills, and how each time went; a skill opens beside the table. -->
<script setup lang="ts">
import { mdiAccountGroupOutline, mdiChartTimelineVariant, mdiTableLarge } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { ClassView } from '../../contract/index.ts';
import type { TimeGroup } from '../../core/sets/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import TimeWheel from '../clock/TimeWheel.vue';
import ClassFilter from '../class/ClassFilter.vue';
import SkillMatrix from '../class/SkillMatrix.vue';
import SkillPanel from '../class/SkillPanel.vue';
import TakeOut from '../class/TakeOut.vue';
import ForecastView from '../forecast/ForecastView.vue';
import GroupsView from '../groups/GroupsView.vue';
import { useRecord } from '../class/useRecord.ts';
import { useShown } from '../class/useShown.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';

const { t } = useI18n();
const store = useClassroomStore();
const route = useRoute();
/** Children by skills, who sits with whom, or where this is going: it stands in the address. */
const VIEWS = ['groups', 'forecast'] as const;
const shownView = computed(() => VIEWS.find((one) => one === route.query['view']));
const SCREENS = { groups: GroupsView, forecast: ForecastView } as const;
const TITLES = { groups: 'groups.title', forecast: 'forecast.title' } as const;
const GLYPHS = { groups: mdiAccountGroupOutline, forecast: mdiChartTimelineVariant } as const;
const clock = useClockWords(() => store.classroom!.settings);
const { data: view, problem } = useRecord(ClassView, () => '/record/class');
const { show, order, lastDay, skill, shown, choose, setOrder, open } = useShown(() => view.value?.children ?? []);

/** The wheel of this class has both rings of the unit, whatever was asked yet. */
const RINGS: readonly TimeGroup[] = ['oclock', 'half-past'];
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
  <section v-if="shownView" class="view-page">
    <component :is="SCREENS[shownView]" :key="shownView">
      <h1 class="title-column">{{ t(TITLES[shownView]) }}</h1>
      <template #acts>
        <v-btn variant="text" :height="44" :prepend-icon="mdiTableLarge" :to="{ name: 'class' }" :active="false">{{
          t('groups.toTable')
        }}</v-btn>
      </template>
    </component>
  </section>
  <div v-else class="class">
    <section class="sheet table">
      <h1 v-if="!view" class="only-heard">{{ t('class.title') }}</h1>
      <SkillMatrix
        v-else
        :children="store.classroom!.children"
        :rows="shown"
        :skill="skill"
        @open="(one) => open(one === skill ? undefined : one)"
      >
        <template #acts>
          <ClassFilter
            :rows="view.children"
            :show="show"
            :order="order"
            :last-day="lastDay"
            @show="choose"
            @order="setOrder"
          />
          <TakeOut />
        </template>
      </SkillMatrix>
      <p v-if="view && shown.length === 0" class="quiet nobody">{{ t('class.nobody') }}</p>
    </section>
    <section v-if="view && skill" class="side">
      <SkillPanel :key="skill" :skill="skill" @close="open(undefined)" @not-secure="choose({ only: 'skill', skill })" />
    </section>
    <section v-else-if="view" class="side">
      <nav class="views" :aria-label="t('class.views')">
        <v-btn
          v-for="one in VIEWS"
          :key="one"
          variant="tonal"
          :height="44"
          :prepend-icon="GLYPHS[one]"
          :to="{ name: 'class', query: { view: one } }"
          :active="false"
          aria-current="false"
          >{{ t(TITLES[one]) }}</v-btn
        >
      </nav>
      <h2 class="title-column">{{ t('class.timesTitle') }}</h2>
      <TimeWheel
        :results="view.times"
        :always="RINGS"
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
      <p class="quiet hint">{{ t('class.openHint') }}</p>
    </section>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  </div>
</template>

<style scoped>
.view-page {
  padding: 8px 28px 16px;
  max-width: 1500px;
  margin: 0 auto;
}
.class {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 316px;
  gap: 28px;
  padding: 8px 28px 16px;
  max-width: 1500px;
  margin: 0 auto;
  align-items: start;
}
.table {
  padding: 14px 16px 10px 18px;
  min-height: 300px;
}
.views {
  display: flex;
  gap: 8px;
  margin-bottom: 14px;
}
.wheel {
  width: 288px;
  margin: 10px auto 18px;
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
  padding-top: 0;
}
.nobody {
  padding: 20px 4px;
}
.hint {
  margin-top: 18px;
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
