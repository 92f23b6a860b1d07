<!-- A sheet on the table: what is wanted at the left, the page in the middle, its times at the right. -->
<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiRedo, mdiUndo } from '@mdi/js';
import { useEventListener } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { FORM_LETTERS, rulesBroken, type SheetCopy } from '../../core/sheets/index.ts';
import type { Picture } from '../../core/pictures/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import AmountRows from './AmountRows.vue';
import PrintButtons from './PrintButtons.vue';
import RecipeSentence from './RecipeSentence.vue';
import SheetPreview from './SheetPreview.vue';
import SheetFinds from './SheetFinds.vue';
import SheetTimes from './SheetTimes.vue';
import { useFinding } from './useFinding.ts';
import type { SheetMaking } from './useSheet.ts';

const { making } = defineProps<{ making: SheetMaking }>();
const { t } = useI18n();
const store = useClassroomStore();
const words = usePlanWords();

const draft = computed(() => making.draft.value);
/** Which copy is looked at, and which task is chosen on it. */
const shown = ref(0);
const chosen = ref<number>();
const copies = computed((): SheetCopy[] =>
  making.copies.value.map(({ childId, form }) => {
    const child = childId === null ? undefined : store.childById.get(childId);
    return child === undefined ? { form } : { form, name: child.name, picture: child.picture as Picture };
  }),
);
const form = computed(() => copies.value[Math.min(shown.value, copies.value.length - 1)]?.form ?? 0);
const items = computed(() => draft.value?.content.forms[form.value] ?? []);
const warned = computed(() =>
  draft.value === undefined
    ? []
    : rulesBroken(draft.value.recipe.type, items.value, making.before.value).map(({ place }) => place),
);
const suggestions = computed(() => (chosen.value === undefined ? [] : making.suggestions(form.value, chosen.value)));
watch(
  () => [form.value, items.value.length],
  () => (chosen.value = undefined),
);
const day = computed(() => words.shortDay(making.lesson.value?.day ?? store.classroom!.today));
/** Two forms can be looked at in turn; children's own ones by their copies. */
const letters = computed(() => (draft.value?.content.forms.length === FORM_LETTERS.length ? FORM_LETTERS : []));
const showForm = (wanted: number): void => {
  const place = copies.value.findIndex((copy) => copy.form === wanted);
  if (place >= 0) shown.value = place;
};

const swap = (time: number): void => {
  making.swap(form.value, chosen.value!, time as never);
  chosen.value = undefined;
};
const finding = useFinding(() => {
  if (draft.value === undefined || items.value.length === 0) return undefined;
  const { recipe, whom } = draft.value;
  return {
    items: items.value,
    wishes: { recipe, before: making.before.value, taught: making.taught.value },
    childIds: whom.kind === 'some' ? whom.childIds : undefined,
  };
});
const swapFor = (place: number, time: number): void => making.swap(form.value, place, time as never);
/** Children's own forms are made by need, each by itself: there the one that is looked at is bettered. */
const better = async (): Promise<void> => {
  const { forms } = draft.value!.content;
  const isOwn = making.draft.value!.childIds.length > 0;
  const found = await finding.better(isOwn ? [items.value] : forms);
  if (found === undefined) return;
  making.takeForms(isOwn ? forms.map((one, i) => (i === form.value ? found[0]! : one)) : found);
};
const free = (time: number): void => {
  const { fixed, banned } = draft.value!.recipe;
  void making.change({ fixed: fixed.filter((one) => one !== time), banned: banned.filter((one) => one !== time) });
};
const move = (by: number): void => {
  const to = chosen.value! + by;
  if (to < 0 || to >= items.value.length) return;
  making.move(form.value, chosen.value!, to);
  chosen.value = to;
};
const mix = (): void => void making.change({ seed: (draft.value!.recipe.seed * 48_271 + 11) % 0x7fffffff });
/** What is said where a recipe cannot be kept, and the nearest that can. */
const nearest = computed(() => {
  const { impossible } = making;
  if (impossible.value?.problem.problem !== 'too-few-times') return undefined;
  return impossible.value.problem.most;
});
const lessen = (): void => {
  const { recipe, problem } = making.impossible.value!;
  if (!('most' in problem)) return;
  let over = problem.asked - problem.most;
  const counts = { ...recipe.counts };
  for (const kind of (Object.keys(counts) as (keyof typeof counts)[]).reverse()) {
    const less = Math.min(over, counts[kind] ?? 0);
    counts[kind] = (counts[kind] ?? 0) - less;
    over -= less;
  }
  void making.change({ counts });
};
/** Names of those who have no set of their own yet. */
const without = computed(() =>
  making.without.value.map((childId) => store.childById.get(childId)?.name ?? '').join(', '),
);
const counts = computed(() => making.impossible.value?.recipe.counts ?? draft.value?.recipe.counts ?? {});

useEventListener('keydown', (event: KeyboardEvent) => {
  if ((event.target as Element).closest('input, textarea, select') !== null) return;
  if (event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey)) {
    event.preventDefault();
    if (event.shiftKey) making.redo();
    else making.undo();
  } else if (event.key === 'Escape') chosen.value = undefined;
});
</script>

<template>
  <div v-if="draft" class="desk">
    <section class="recipe">
      <slot />
      <input
        class="title title-column"
        :value="draft.content.title"
        maxlength="80"
        :aria-label="t('sheets.title')"
        @change="making.changeWords({ title: ($event.target as HTMLInputElement).value.trim() || draft.content.title })"
      />
      <input
        class="i-can quiet"
        :value="draft.content.iCan"
        maxlength="160"
        :placeholder="t('sheets.noICan')"
        :aria-label="t('sheets.iCan')"
        @change="making.changeWords({ iCan: ($event.target as HTMLInputElement).value.trim() })"
      />
      <AmountRows :counts="counts" @change="(next) => making.change({ counts: next })" />
      <div v-if="making.impossible.value" class="impossible" role="alert">
        <p>
          {{ t(`sheets.problem.${making.impossible.value.problem.problem}`, { ...making.impossible.value.problem }) }}
        </p>
        <v-btn v-if="nearest !== undefined && nearest > 0" variant="tonal" :height="40" @click="lessen">{{
          t('sheets.takeMost', { count: nearest }, nearest)
        }}</v-btn>
        <v-btn v-if="nearest !== undefined" variant="text" :height="40" @click="making.change({ repeats: true })">{{
          t('sheets.takeTwice')
        }}</v-btn>
      </div>
      <RecipeSentence
        :recipe="draft.recipe"
        :whom="draft.whom"
        class="sentence"
        @change="making.change"
        @whom="making.changeWhom"
      />
      <PrintButtons
        :count="copies.length"
        :busy="making.busy.value"
        :printed="making.printed.value"
        :print="making.print"
        :keep="making.keepQuietly"
        @mix="mix"
      />
      <p v-if="making.without.value.length > 0" role="status">{{ t('sheets.without', { names: without }) }}</p>
      <p v-else-if="copies.length === 0" class="quiet">{{ t('sheets.nobody') }}</p>
      <p v-if="making.problem.value" class="problem" role="alert">{{ t(making.problem.value) }}</p>
    </section>
    <section class="middle">
      <div class="tools">
        <div v-if="letters.length > 0" class="letters" role="group" :aria-label="t('sheets.forms')">
          <button
            v-for="(letter, i) in letters"
            :key="letter"
            type="button"
            :class="{ on: form === i }"
            :aria-pressed="form === i"
            @click="showForm(i)"
          >
            {{ letter }}
          </button>
        </div>
        <template v-if="chosen !== undefined">
          <v-btn
            variant="text"
            :icon="mdiArrowUp"
            :aria-label="t('sheets.earlier')"
            :disabled="chosen === 0"
            @click="move(-1)"
          />
          <v-btn
            variant="text"
            :icon="mdiArrowDown"
            :aria-label="t('sheets.later')"
            :disabled="chosen === items.length - 1"
            @click="move(1)"
          />
        </template>
        <v-btn
          variant="text"
          :icon="mdiUndo"
          :aria-label="t('sheets.undo')"
          :disabled="!making.canUndo.value"
          @click="making.undo"
        />
        <v-btn
          variant="text"
          :icon="mdiRedo"
          :aria-label="t('sheets.redo')"
          :disabled="!making.canRedo.value"
          @click="making.redo"
        />
      </div>
      <SheetPreview
        v-if="copies.length > 0"
        v-model:shown="shown"
        v-model:chosen="chosen"
        :content="draft.content"
        :copies="copies"
        :day="day"
        :warned="warned"
      />
    </section>
    <SheetTimes
      :content="draft.content"
      :recipe="draft.recipe"
      :form="form"
      :before="making.before.value"
      :chosen="chosen"
      :suggestions="suggestions"
      @swap="swap"
      @fix="(time) => making.fix(form, time)"
      @ban="(time) => making.ban(form, time)"
      @free="free"
    >
      <SheetFinds v-if="chosen === undefined" :finding="finding" :items="items" @swap="swapFor" @better="better" />
    </SheetTimes>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: 330px minmax(0, 1fr) 330px;
  gap: 32px;
  align-items: start;
}
.title,
.i-can {
  display: block;
  width: 100%;
  padding: 2px 8px;
  margin-left: -8px;
  border: 0;
  border-radius: 8px;
  background: none;
  text-overflow: ellipsis;
}
.title:hover,
.i-can:hover {
  background: var(--sand);
}
.recipe .amounts {
  margin: 6px 0 8px;
}
.sentence {
  margin: 4px 0 12px;
}
.impossible {
  margin: 4px 0 10px;
  padding: 10px 14px;
  border-radius: var(--corner);
  background: var(--plum-tint);
}
.impossible p {
  margin-bottom: 6px;
}
.tools {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 2px;
  height: 44px;
}
.letters {
  display: flex;
  gap: 4px;
  margin-right: 12px;
}
.letters button {
  width: 44px;
  height: 36px;
  border-radius: 999px;
  font-weight: 700;
}
.letters button.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
@media (max-width: 1180px) {
  .desk {
    grid-template-columns: 300px minmax(0, 1fr);
  }
}
@media (max-width: 800px) {
  .desk {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
