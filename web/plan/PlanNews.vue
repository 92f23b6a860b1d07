<!-- What the last change to the unit did: which lessons moved and why, and the way back. While something is not kept yet, it says so. -->
<script setup lang="ts">
import { mdiClose, mdiRedo, mdiUndo } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanStore } from '../stores/plan.ts';
import { usePlanWords } from '../words/usePlanWords.ts';

const { t } = useI18n();
const store = useClassroomStore();
const plan = usePlanStore();
const words = usePlanWords();

/** Lines shown before "and so many more". */
const FEW = 3;
const all = ref(false);
watch(
  () => plan.news,
  () => (all.value = false),
);
const lines = computed(() =>
  (plan.news?.moved ?? []).flatMap(({ id, from, to }) => {
    const lesson = store.classroom?.lessons.find((one) => one.id === id);
    if (lesson === undefined) return [];
    const title = words.title(lesson);
    const text =
      from === undefined
        ? t('plan.newOn', { title, to: words.shortDay(to) })
        : t('plan.movedTo', { title, from: words.shortDay(from), to: words.shortDay(to) });
    return [{ id, text }];
  }),
);
const shown = computed(() => (all.value ? lines.value : lines.value.slice(0, FEW)));
const more = computed(() => lines.value.length - shown.value.length);
/** Said until it was read once, or another state holds. */
const wasRead = ref(false);
watch(
  () => plan.state?.version,
  () => (wasRead.value = false),
);
const fellBack = computed(() => plan.state?.fellBack === true && !wasRead.value);
const close = (): void => {
  wasRead.value = true;
  plan.news = undefined;
  plan.problem = undefined;
};
</script>

<template>
  <div
    v-if="plan.news || plan.problem || plan.stuck || fellBack"
    class="news sheet"
    role="status"
    :aria-label="t('plan.newsLabel')"
  >
    <p v-if="plan.stuck" class="problem">{{ t('plan.stuck') }}</p>
    <p v-else-if="plan.problem" class="problem">{{ t(plan.problem) }}</p>
    <p v-else-if="fellBack" class="problem">{{ t('plan.fellBack') }}</p>
    <template v-else-if="plan.news">
      <p class="title-item">{{ t(`plan.${plan.news.how}`, { deed: words.deed(plan.news.deed) }) }}</p>
      <ul v-if="lines.length > 0" class="quiet">
        <li v-for="line in shown" :key="line.id">{{ line.text }}</li>
        <li v-if="more > 0">
          <button type="button" class="more" @click="all = true">{{ t('plan.more', { count: more }, more) }}</button>
        </li>
      </ul>
      <p v-else-if="!['swap', 'times'].includes(plan.news.deed.kind)" class="quiet">{{ t('plan.nothingMoved') }}</p>
    </template>
    <div class="acts">
      <v-btn v-if="plan.state?.undo" variant="text" :prepend-icon="mdiUndo" @click="plan.undo">{{
        t('plan.undo')
      }}</v-btn>
      <v-btn v-if="plan.state?.redo" variant="text" :prepend-icon="mdiRedo" @click="plan.redo">{{
        t('plan.redo')
      }}</v-btn>
      <v-btn variant="text" :icon="mdiClose" size="48" :aria-label="t('app.close')" @click="close" />
    </div>
  </div>
</template>

<style scoped>
.news {
  position: fixed;
  left: 32px;
  bottom: 20px;
  z-index: 8;
  max-width: 420px;
  padding: 14px 16px 6px 20px;
}
.news ul {
  margin-top: 4px;
  max-height: 180px;
  overflow: auto;
}
.more {
  color: var(--plum);
  font-weight: 600;
  min-height: 28px;
}
.acts {
  display: flex;
  align-items: center;
  margin-left: -14px;
}
.acts > :last-child {
  margin-left: auto;
}
</style>
