<!-- A child's page: what the answers say, and each answer beside what was shown. -->
<script setup lang="ts">
import { apiAddress } from '../api/place.ts';
import { mdiArrowLeft, mdiHomeHeart } from '@mdi/js';
import { computed, defineAsyncComponent } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSkillWords } from '../words/useSkillWords.ts';
import { useRoute } from 'vue-router';
import { ANSWERS_AT_ONCE, ChildAnswers, type Note } from '../../contract/index.ts';
import { teacherSentence } from '../../core/reporting/index.ts';
import { SKILLS } from '../../core/skills/index.ts';
import AnswerPair from '../class/AnswerPair.vue';
import ChildNotes from '../class/ChildNotes.vue';
import NoPattern from '../class/NoPattern.vue';
import ReasonCard from '../class/ReasonCard.vue';
import { useCorrections } from '../class/useCorrections.ts';
import { useLookedAt } from '../class/useLookedAt.ts';
import { useRecord } from '../class/useRecord.ts';
import DialGlyph from '../clock/DialGlyph.vue';
import ChildPicture from '../look/ChildPicture.vue';
import { useClassroomStore } from '../stores/classroom.ts';

// The charts' package is large: it comes when somebody wants to see one.
const ChildProgress = defineAsyncComponent(() => import('../class/ChildProgress.vue'));

const { t, d } = useI18n();
const skillWords = useSkillWords();
const route = useRoute();
const store = useClassroomStore();
const { only, skill, all, path, isShown, lookAt, lookFurtherBack } = useLookedAt(() => String(route.params['childId']));
const { data: view, problem } = useRecord(ChildAnswers, () => path.value);
const { say, problem: notKept } = useCorrections();

const skills = computed(() =>
  SKILLS.flatMap((skill) => {
    const mastery = view.value?.skills[skill];
    return mastery === undefined ? [] : [{ skill, ...mastery, again: view.value!.again.includes(skill) }];
  }),
);
/** Answers of one day under one heading, the latest day first. */
const days = computed(() => {
  const byDay = new Map<string, ChildAnswers['answers']>();
  for (const answer of view.value?.answers.filter(isShown) ?? []) {
    const ofDay = byDay.get(answer.day);
    if (ofDay === undefined) byDay.set(answer.day, [answer]);
    else ofDay.push(answer);
  }
  return [...byDay].map(([day, answers]) => ({ day, answers }));
});
const title = computed(() => {
  if (skill.value !== undefined) return t(`skills.long.${skill.value}`);
  return t(only.value === undefined ? 'child.answers' : 'child.shown');
});
const atHome = computed(() =>
  view.value === undefined
    ? ''
    : teacherSentence(
        { key: `teacher.family.do.${view.value.home}`, values: { name: view.value.child.name } },
        store.classroom!.settings,
      ),
);
const setNotes = (notes: readonly Note[]): void => {
  if (view.value !== undefined) view.value = { ...view.value, notes: [...notes] };
};
</script>

<template>
  <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  <div v-if="view" :key="view.child.id" class="child">
    <aside>
      <router-link :to="{ name: 'class' }" class="back"
        ><v-icon :icon="mdiArrowLeft" size="20" />{{ t('class.back') }}</router-link
      >
      <header>
        <ChildPicture :picture="view.child.picture" :px="72" />
        <h1 class="title-page">{{ view.child.name }}</h1>
      </header>
      <p v-if="view.failed" class="not-judged" role="alert">{{ t('child.failed') }}</p>
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
      <h2 class="title-column">{{ t('child.can', { name: view.child.name }) }}</h2>
      <ul class="skills">
        <li v-for="{ skill: one, level, share, right, answers, again } in skills" :key="one">
          <button type="button" :aria-pressed="one === skill" :data-skill="one" @click="lookAt(one)">
            <DialGlyph :level="level" :share="share" :again="again" :label="skillWords.level(level)" />
            <span class="skill"
              >{{ t(`skills.long.${one}`) }}<span v-if="again" class="quiet again">{{ t('class.again') }}</span></span
            >
            <span class="quiet">{{ t('class.nOf', { right, count: answers }) }}</span>
          </button>
        </li>
      </ul>
      <h2 class="title-column">{{ t('child.atHome') }}</h2>
      <p>{{ atHome }}</p>
      <p>
        <a :href="apiAddress(`/exchange/families/${view.child.id}.pdf`)" target="_blank" class="family"
          ><v-icon :icon="mdiHomeHeart" size="20" />{{ t('exchange.family') }}</a
        >
      </p>
      <ChildNotes :key="view.child.id" :child-id="view.child.id" :notes="view.notes" @changed="setNotes" />
      <p class="quiet">{{ t('child.describes') }}</p>
      <p>
        <router-link :to="{ name: 'stored', params: { childId: view.child.id } }">{{ t('stored.open') }}</router-link>
      </p>
    </aside>
    <section class="sheet answers">
      <h2 class="title-column">{{ title }}</h2>
      <button v-if="only !== undefined || skill !== undefined" type="button" class="back" @click="all">
        {{ t('child.all') }}
      </button>
      <ChildProgress v-if="skill !== undefined" :key="skill" :child-id="view.child.id" :skill="skill" />
      <p v-if="notKept" class="problem" role="alert">{{ t(notKept) }}</p>
      <p v-if="only?.length === ANSWERS_AT_ONCE" class="quiet">{{ t('child.latest', { count: only.length }) }}</p>
      <p v-if="days.length === 0" class="quiet">{{ t('child.none') }}</p>
      <template v-for="{ day, answers } in days" :key="day">
        <h3 class="quiet">{{ d(new Date(`${day}T00:00:00Z`), 'long') }}</h3>
        <ul>
          <AnswerPair
            v-for="answer in answers"
            :key="answer.id"
            :row="answer"
            @say="(says, why) => say(answer.id, says, why)"
          />
        </ul>
      </template>
      <v-btn v-if="view.more" variant="tonal" :height="48" class="earlier" @click="lookFurtherBack">{{
        t('child.earlier')
      }}</v-btn>
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
.not-judged {
  margin-bottom: 18px;
  color: var(--berry);
  font-weight: 600;
}
.earlier {
  margin-top: 16px;
}
.back,
.family {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 40px;
}
button.back {
  color: var(--plum);
  font-weight: 600;
}
header {
  display: flex;
  align-items: center;
  gap: 16px;
  margin: 4px 0 18px;
}
.skills {
  margin: 8px 0 20px;
}
.skills button {
  display: flex;
  align-items: center;
  gap: 10px;
  width: 100%;
  min-height: 36px;
  padding: 0 8px;
  margin-left: -8px;
  border-radius: 10px;
  text-align: left;
}
.skills button:hover {
  background: var(--plum-tint);
}
.skills button[aria-pressed='true'] .quiet {
  color: var(--ink);
}
.skills button[aria-pressed='true'] {
  background: var(--plum-chosen);
}
.skill {
  flex: 1;
}
.again {
  display: block;
  font-size: 13px;
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
}
@media (max-width: 860px) {
  .child {
    grid-template-columns: 1fr;
  }
}
</style>
