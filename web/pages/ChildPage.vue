<!-- A child's page: what the answers say, and each answer beside what was shown. -->
<script setup lang="ts">
import { mdiArrowLeft, mdiHomeHeart } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSkillWords } from '../words/useSkillWords.ts';
import { useRoute } from 'vue-router';
import { ChildAnswers } from '../../contract/index.ts';
import { SKILLS } from '../../core/skills/index.ts';
import AnswerPair from '../class/AnswerPair.vue';
import NoPattern from '../class/NoPattern.vue';
import ReasonCard from '../class/ReasonCard.vue';
import { useCorrections } from '../class/useCorrections.ts';
import { useRecord } from '../class/useRecord.ts';
import DialGlyph from '../clock/DialGlyph.vue';
import ChildPicture from '../look/ChildPicture.vue';

const { t, d } = useI18n();
const skillWords = useSkillWords();
const route = useRoute();
const { data: view, problem } = useRecord(ChildAnswers, () => `/record/children/${String(route.params['childId'])}`);
const { say, problem: notKept } = useCorrections();

const skills = computed(() =>
  SKILLS.flatMap((skill) => {
    const mastery = view.value?.skills[skill];
    return mastery === undefined ? [] : [{ skill, ...mastery }];
  }),
);
/** Answers of a reason that are looked at alone. */
const only = ref<readonly string[]>();
/** Answers of one day under one heading, the latest day first. */
const days = computed(() => {
  const byDay = new Map<string, ChildAnswers['answers']>();
  for (const answer of view.value?.answers ?? [])
    if (only.value === undefined || only.value.includes(answer.id))
      byDay.set(answer.day, [...(byDay.get(answer.day) ?? []), answer]);
  return [...byDay].map(([day, answers]) => ({ day, answers }));
});
</script>

<template>
  <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  <div v-if="view" class="child">
    <aside>
      <router-link :to="{ name: 'class' }" class="back"
        ><v-icon :icon="mdiArrowLeft" size="20" />{{ t('class.back') }}</router-link
      >
      <header>
        <ChildPicture :picture="view.child.picture" :px="72" />
        <h1 class="title-page">{{ view.child.name }}</h1>
      </header>
      <h2 class="title-column">{{ t('child.can', { name: view.child.name }) }}</h2>
      <ul class="skills">
        <li v-for="{ skill, level, share, right, answers } in skills" :key="skill">
          <DialGlyph :level="level" :share="share" :label="skillWords.level(level)" />
          <span class="skill">{{ t(`skills.long.${skill}`) }}</span>
          <span class="quiet">{{ t('class.nOf', { right, count: answers }) }}</span>
        </li>
      </ul>
      <template v-if="view.reasons.length > 0">
        <h2 class="title-column intro">{{ t('child.reasonIntro') }}</h2>
        <ReasonCard
          v-for="reason in view.reasons"
          :key="reason.need"
          v-model:only="only"
          :reason="reason"
          :child-id="view.child.id"
        />
      </template>
      <NoPattern v-else-if="view.next.length > 0" :tasks="view.next" :child-id="view.child.id" />
      <p>
        <a :href="`/api/exchange/families/${view.child.id}.pdf`" target="_blank" class="family"
          ><v-icon :icon="mdiHomeHeart" size="20" />{{ t('exchange.family') }}</a
        >
      </p>
      <p class="quiet">{{ t('child.describes') }}</p>
    </aside>
    <section class="sheet answers">
      <h2 class="title-column">{{ t(only === undefined ? 'child.answers' : 'child.shown') }}</h2>
      <button v-if="only !== undefined" type="button" class="back" @click="only = undefined">
        {{ t('child.all') }}
      </button>
      <p v-if="notKept" class="problem" role="alert">{{ t(notKept) }}</p>
      <p v-if="days.length === 0" class="quiet">{{ t('child.none') }}</p>
      <template v-for="{ day, answers } in days" :key="day">
        <h3 class="quiet">{{ d(new Date(`${day}T00:00:00Z`), 'long') }}</h3>
        <ul>
          <AnswerPair v-for="answer in answers" :key="answer.id" :row="answer" @say="(says) => say(answer.id, says)" />
        </ul>
      </template>
    </section>
  </div>
</template>

<style scoped>
.child {
  display: grid;
  grid-template-columns: 330px minmax(0, 1fr);
  gap: 36px;
  padding: 12px 32px 24px;
  max-width: 1500px;
  margin: 0 auto;
  align-items: start;
}
.back,
.family {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 40px;
}
header {
  display: flex;
  align-items: center;
  gap: 16px;
  margin: 4px 0 24px;
}
.skills {
  margin: 8px 0 20px;
}
.skills li {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 34px;
}
.skill {
  flex: 1;
}
.intro {
  margin-bottom: 8px;
}
.answers {
  padding: 18px 22px 22px;
}
.answers h3 {
  font-weight: 400;
  margin: 14px 0 8px;
}
.answers ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(176px, 1fr));
  gap: 10px;
}
.problem {
  padding: 12px 32px;
  color: var(--berry);
  font-weight: 600;
}
@media (max-width: 860px) {
  .child {
    grid-template-columns: 1fr;
  }
}
</style>
