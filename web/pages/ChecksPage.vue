<!-- What is to be marked: a lesson's ticket, a page by its code, the last round, any times; and piles that were begun. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { v4 as newId } from 'uuid';
import { Pile, PileList, type PileSource } from '../../contract/index.ts';
import { post } from '../api/client.ts';
import AnyTimes from '../check/AnyTimes.vue';
import { pileTitle } from '../check/pileTitle.ts';
import { useRecord } from '../class/useRecord.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import { problemKey } from '../words/problemWords.ts';

const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const store = useClassroomStore();
const words = usePlanWords();
const { data: piles, problem: notLoaded } = useRecord(PileList, () => '/piles');
const problem = ref<string>();
const code = ref('');
const isOpening = ref(false);

/** Papers of lessons up to today, the latest first. */
const MOST_PAPERS = 4;
const papers = computed(() => {
  const { lessons, today } = store.classroom!;
  return lessons
    .filter(({ day }) => day <= today)
    .reverse()
    .flatMap((lesson) =>
      (['ticket', 'alone'] as const).flatMap((part) =>
        lesson.segments.some(({ kind, items }) => kind === part && items.length > 0) ? [{ lesson, part }] : [],
      ),
    )
    .slice(0, MOST_PAPERS);
});
/** A send that failed is made again with its id: no second pile comes of it. */
let last: { readonly source: string; readonly id: string } | undefined;
const open = async (source: PileSource): Promise<void> => {
  if (isOpening.value) return;
  isOpening.value = true;
  problem.value = undefined;
  const wanted = JSON.stringify(source);
  last = last?.source === wanted ? last : { source: wanted, id: newId() };
  try {
    const pile = await post(Pile, '/piles', { id: last.id, source });
    last = undefined;
    const query = source.kind === 'code' ? { code: source.code } : {};
    await router.push({ name: 'check', params: { pileId: pile.id }, query });
  } catch (error) {
    problem.value = problemKey(error);
  } finally {
    isOpening.value = false;
  }
};
/** Asked for by its address, as the desk and the list of sheets do. */
const { printing, lesson, part } = route.query;
if (printing !== undefined) void open({ kind: 'printing', printing: Number(printing) });
else if (lesson !== undefined)
  void open({ kind: 'lesson', lessonId: Number(lesson), part: part === 'alone' ? 'alone' : 'ticket' });
</script>

<template>
  <div class="checks">
    <section class="begin">
      <h1 class="title-page">{{ t('check.title') }}</h1>
      <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
      <h2 class="title-column">{{ t('check.papers') }}</h2>
      <p v-if="papers.length === 0" class="quiet">{{ t('check.noPapers') }}</p>
      <ul v-else class="papers">
        <li v-for="one in papers" :key="`${one.lesson.id} ${one.part}`">
          <button type="button" @click="open({ kind: 'lesson', lessonId: one.lesson.id, part: one.part })">
            <span class="title-item">{{ t(`check.part.${one.part}`, { title: words.title(one.lesson) }) }}</span>
            <span class="quiet">{{ words.longDay(one.lesson.day) }}</span>
          </button>
        </li>
      </ul>
      <form class="code" @submit.prevent="code.trim() !== '' && open({ kind: 'code', code })">
        <label for="page-code" class="title-item">{{ t('check.code') }}</label>
        <input id="page-code" v-model="code" class="sand-field child-type" autocomplete="off" maxlength="60" />
        <v-btn type="submit" variant="tonal" :height="44">{{ t('check.open') }}</v-btn>
      </form>
      <v-btn variant="tonal" :height="48" @click="open({ kind: 'round' })">{{ t('check.lastRound') }}</v-btn>
      <AnyTimes @begin="(items) => open({ kind: 'tasks', items })" />
    </section>
    <section class="begun">
      <h2 class="title-column">{{ t('check.begun') }}</h2>
      <p v-if="notLoaded" class="problem" role="alert">{{ t(notLoaded) }}</p>
      <p v-else-if="piles === undefined" class="quiet" role="status">{{ t('app.loading') }}</p>
      <p v-else-if="piles.length === 0" class="quiet">{{ t('check.noneBegun') }}</p>
      <ul v-else class="papers">
        <li v-for="pile in piles" :key="pile.id">
          <router-link :to="{ name: 'check', params: { pileId: pile.id } }">
            <span class="title-item">{{ pileTitle(pile, store.classroom!.lessons, words, t) }}</span>
            <span class="quiet"
              >{{ words.longDay(pile.day) }} ·
              {{ t('check.childrenMarked', { marked: pile.marked, count: pile.children }) }}</span
            >
          </router-link>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.checks {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 420px;
  gap: 48px;
  max-width: 1300px;
  margin: 0 auto;
  padding: 16px 32px;
}
.begin {
  display: grid;
  gap: 14px;
  justify-items: start;
  align-content: start;
}
.papers {
  display: grid;
  gap: 4px;
  justify-self: stretch;
}
.papers button,
.papers a {
  display: grid;
  width: 100%;
  min-height: 48px;
  padding: 8px 14px;
  border-radius: var(--corner);
  text-align: left;
  color: var(--ink);
}
.papers button:hover,
.papers a:hover {
  background: var(--plum-tint);
  text-decoration: none;
}
.begin .papers {
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
}
.begin .papers button {
  background: var(--sand-light);
}
.code {
  display: flex;
  align-items: center;
  gap: 12px;
}
.code input {
  width: 180px;
  height: 44px;
  font-size: 18px;
  text-transform: uppercase;
}
@media (max-width: 900px) {
  .checks {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
