<!-- Check desk: a pile of paper, marked child by child or task by task, in a grid or on the page as it was printed. -->
<script setup lang="ts">
import { mdiFileUploadOutline, mdiTextBoxOutline } from '@mdi/js';
import { watchOnce } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { WALKS } from '../../core/checking/index.ts';
import { readCode } from '../../core/sheets/index.ts';
import OfferPanel from '../check/OfferPanel.vue';
import PileGrid from '../check/PileGrid.vue';
import PilePaper from '../check/PilePaper.vue';
import PileRows from '../check/PileRows.vue';
import PileSays from '../check/PileSays.vue';
import ReadResults from '../check/ReadResults.vue';
import { pileTitle } from '../check/pileTitle.ts';
import { useCheckKeys } from '../check/useCheckKeys.ts';
import { useMarking } from '../check/useMarking.ts';
import { usePile } from '../check/usePile.ts';
import PillRow from '../look/PillRow.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanWords } from '../words/usePlanWords.ts';

const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const store = useClassroomStore();
const words = usePlanWords();
const desk = usePile(String(route.params['pileId']));
const marking = useMarking(desk);

const VIEWS = ['grid', 'page'] as const;
const view = ref<(typeof VIEWS)[number]>('grid');
const hasPage = computed(() => (desk.pile.value?.printed ?? null) !== null);
const shown = computed(() => (hasPage.value ? view.value : 'grid'));
/** What covers the desk: what the pile says, or a file that is read in. */
const over = ref<'says' | 'file'>();
useCheckKeys(marking, {
  onPage: () => (view.value = view.value === 'grid' ? 'page' : 'grid'),
  isOpen: () => over.value === undefined,
});

/** Opened by a page's code: its child comes first. */
watchOnce(desk.pile, (pile) => {
  const code = readCode(String(route.query['code'] ?? ''));
  const row = pile?.children.findIndex(({ copy }) => copy === code?.copy) ?? -1;
  if (code !== undefined && row >= 0) marking.goTo({ row, task: 0 });
});
/** A pile is its class's: where another one is opened, there is nothing to mark here. */
watch(
  () => store.classroom?.class?.id,
  () => void router.replace({ name: 'checks' }),
);
const title = computed(() =>
  desk.pile.value
    ? pileTitle(
        { ...desk.pile.value, title: desk.pile.value.printed?.content.title ?? '' },
        store.classroom!.lessons,
        words,
        t,
      )
    : '',
);
const left = computed(() => {
  const places = desk.children.value.filter(({ away }) => !away);
  const open = places.flatMap(({ childId, form }) =>
    marking.itemsOf(form).filter((_, task) => desk.markAt(childId, task) === undefined),
  );
  return open.length;
});
const status = computed(() => {
  if (desk.isStuck.value)
    return t(
      desk.isUnsafe.value ? 'check.stuckUnsafe' : 'check.stuck',
      { count: desk.waiting.value },
      desk.waiting.value,
    );
  if (desk.waiting.value > 0) return t('check.onItsWay', { count: desk.waiting.value }, desk.waiting.value);
  return left.value === 0 ? t('check.allMarked') : t('check.left', { count: left.value }, left.value);
});
</script>

<template>
  <section v-if="desk.pile.value === undefined" class="nothing">
    <p v-if="desk.problem.value" class="problem" role="alert">
      {{ t(desk.problem.value) }}
      <router-link v-if="desk.isGone.value" :to="{ name: 'checks' }">{{ t('check.others') }}</router-link>
      <v-btn v-else variant="text" @click="desk.load">{{ t('app.retry') }}</v-btn>
    </p>
    <p v-else class="quiet" role="status">{{ t('app.loading') }}</p>
  </section>
  <div v-else class="check">
    <header>
      <div class="title">
        <h1 class="title-column">{{ title }}</h1>
        <p class="quiet">
          {{ words.longDay(desk.pile.value.day) }} ·
          <span role="status" :class="{ stuck: desk.isStuck.value }">{{ status }}</span>
        </p>
      </div>
      <PillRow
        name="walk"
        :label="t('check.walkLabel')"
        :choices="WALKS.map((key) => ({ key, label: t(`check.walk.${key}`) }))"
        :on="[marking.walk.value]"
        @mousedown.prevent
        @choose="(key) => (marking.walk.value = key)"
      />
      <PillRow
        v-if="hasPage"
        name="view"
        :label="t('check.viewLabel')"
        :choices="VIEWS.map((key) => ({ key, label: t(`check.view.${key}`) }))"
        :on="[shown]"
        @mousedown.prevent
        @choose="(key) => (view = key)"
      />
      <v-btn
        variant="text"
        :height="44"
        :icon="mdiFileUploadOutline"
        :width="44"
        :aria-label="t('check.fromFile')"
        :title="t('check.fromFile')"
        @click="over = 'file'"
      />
      <v-btn
        :variant="left === 0 ? 'flat' : 'tonal'"
        :height="44"
        :prepend-icon="mdiTextBoxOutline"
        @click="over = 'says'"
        >{{ t('check.says') }}</v-btn
      >
    </header>
    <p v-if="desk.problem.value" class="problem" role="alert">{{ t(desk.problem.value) }}</p>
    <p v-if="desk.pile.value.printed?.changedSince && left > 0" class="quiet">{{ t('check.changedSince') }}</p>
    <p v-if="desk.children.value.length === 0">{{ t('check.nobody') }}</p>
    <PileSays
      v-else-if="over === 'says'"
      :desk="desk"
      :marking="marking"
      class="sheet whole"
      @close="over = undefined"
    />
    <ReadResults
      v-else-if="over === 'file'"
      :desk="desk"
      :marking="marking"
      class="sheet whole"
      @close="over = undefined"
    />
    <div v-else class="table" :class="shown">
      <PileGrid v-if="shown === 'grid'" :desk="desk" :marking="marking" class="sheet main" />
      <template v-else>
        <PileRows :desk="desk" :marking="marking" />
        <PilePaper :desk="desk" :marking="marking" />
      </template>
      <OfferPanel :desk="desk" :marking="marking" />
    </div>
  </div>
</template>

<style scoped>
.check {
  padding: 2px 32px 8px;
  max-width: 1600px;
  margin: 0 auto;
}
.nothing {
  padding: 40px 32px;
}
header {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 48px;
  margin-bottom: 4px;
}
.title {
  flex: 1;
  min-width: 0;
}
.title h1 {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.table {
  display: grid;
  gap: 28px;
  align-items: start;
}
.table.grid {
  grid-template-columns: minmax(0, 1fr) 404px;
}
.table.page {
  grid-template-columns: 210px minmax(0, 1fr) 404px;
  gap: 20px;
}
.main {
  padding: 6px 12px;
}
.whole {
  padding: 16px 24px 24px;
}
.stuck {
  color: var(--berry);
  font-weight: 600;
}
@media (max-width: 1080px) {
  .table.grid,
  .table.page {
    grid-template-columns: minmax(0, 1fr);
  }
  header {
    flex-wrap: wrap;
  }
}
@media (max-width: 720px) {
  .check {
    padding: 6px 10px;
  }
}
</style>
