<!-- A class list to type or paste, and what is understood of it: each name, before anything is kept. -->
<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { namesOf, newNames, readClassList } from '../../core/exchange/index.ts';
import FileButton from '../look/FileButton.vue';
import { FileTooLarge } from '../exchange/textOfFile.ts';
import { TABLE_FILES, tableTextOfFile } from '../exchange/tableFile.ts';

const { rows, existing = [] } = defineProps<{
  rows: number;
  /** Names of children who are in the class already. */
  existing?: readonly string[];
}>();
const text = defineModel<string>('text', { required: true });
/** What would be added. */
const names = defineModel<readonly string[]>('names', { required: true });
const { t } = useI18n();

/** Longer lists are of no class; a file of another kind is one line of many. */
const MOST_LETTERS = 100_000;
const problem = ref<string>();
const read = async (file: File): Promise<void> => {
  problem.value = undefined;
  try {
    const found = await tableTextOfFile(file);
    if (found.length > MOST_LETTERS) throw new FileTooLarge();
    text.value = found;
  } catch (error) {
    problem.value = error instanceof FileTooLarge ? 'problem.too-large' : 'problem.bad-file';
  }
};

const list = computed(() => readClassList(text.value));
/** The first line looks like a heading; whoever made the list knows better. */
const isHeading = ref(true);
watch(
  () => list.value.heading.join(),
  () => (isHeading.value = true),
);
/** What is read, with the first line where it is none of a heading. */
const shown = computed(() =>
  isHeading.value || list.value.heading.length === 0
    ? list.value
    : { ...list.value, rows: [list.value.heading, ...list.value.rows] },
);
/** Chosen by the teacher; every cell is a name where it is null. */
const chosen = ref<number | null>();
watch(
  () => list.value.columns,
  () => (chosen.value = undefined),
);
const column = computed(() => (chosen.value === undefined ? list.value.likely : chosen.value));
/** Lines that have a name in the column that is chosen, as they stand. */
const lines = computed(() =>
  column.value === null
    ? undefined
    : shown.value.rows.filter((row) => (row[column.value!] ?? '') !== '').map((row) => row.join(' ')),
);
const all = computed(() => namesOf(shown.value, column.value ?? undefined));
const found = computed(() => newNames(all.value, existing, lines.value));
/** Are names that stand there twice two children? Where nothing tells, they are taken for one until the teacher says so. */
const areTwo = ref(false);
watch(
  () => found.value.areTwo && found.value.doubles.length > 0,
  (two) => (areTwo.value = two),
  { immediate: true },
);
const added = computed(() =>
  areTwo.value ? all.value.filter((name) => !found.value.there.includes(name)) : found.value.fresh,
);
watch(
  added,
  (some) => {
    // Told only what is new: whoever hears of it draws itself, and this with it.
    if (some.join('\n') !== names.value.join('\n')) names.value = some;
  },
  { immediate: true },
);
/** Columns that have letters in them: of numbers nobody is called. */
const choices = computed(() => [
  ...Array.from({ length: list.value.columns }, (_, value) => ({ value, some: namesOf(list.value, value).slice(0, 2) }))
    .filter(({ some }) => some.some((name) => /\p{L}/u.test(name)))
    .map(({ value, some }) => ({ value, label: `${some.join(', ')} …` })),
  { value: null, label: t('children.eachCell') },
]);
</script>

<template>
  <div class="class-list">
    <v-textarea
      v-model="text"
      :label="t('welcome.children')"
      :rows="rows"
      :hint="names.length > 0 ? t('welcome.count', { count: names.length }, names.length) : t('welcome.childrenHint')"
      persistent-hint
    />
    <FileButton :accept="TABLE_FILES" class="file" @file="read">{{ t('children.fromFile') }}</FileButton>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    <div v-if="list.columns > 1" class="columns" role="group" :aria-label="t('children.whichColumn')">
      <span class="quiet">{{ t('children.whichColumn') }}</span>
      <button
        v-for="choice in choices"
        :key="String(choice.value)"
        type="button"
        :aria-pressed="choice.value === column"
        :class="{ on: choice.value === column }"
        @click="chosen = choice.value"
      >
        {{ choice.label }}
      </button>
    </div>
    <label v-if="list.heading.length > 0" class="double" data-heading>
      <input v-model="isHeading" type="checkbox" />
      {{ t('children.heading', { heading: list.heading.join(', ') }) }}
    </label>
    <ul v-if="names.length > 0" class="preview" :aria-label="t('children.preview')">
      <li v-for="(name, i) in names" :key="i">{{ name }}</li>
    </ul>
    <p v-if="found.there.length > 0" class="quiet" data-there>
      {{ t('children.there', { names: found.there.join(', ') }) }}
    </p>
    <label v-if="found.doubles.length > 0" class="double" data-doubles>
      <input v-model="areTwo" type="checkbox" />
      {{ t('children.doubles', { names: found.doubles.join(', ') }) }}
    </label>
  </div>
</template>

<style scoped>
.class-list {
  display: grid;
  gap: 8px;
  min-width: 0;
}
.columns {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
}
.columns button {
  min-height: 44px;
  max-width: 100%;
  padding: 0 14px;
  border-radius: 22px;
  background: var(--sand);
  font-weight: 600;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.columns button.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
.preview {
  max-height: 132px;
  overflow: auto;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
}
.preview li {
  max-width: 100%;
  padding: 2px 10px;
  border-radius: 14px;
  background: var(--sand);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.double {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
}
.double input {
  width: 20px;
  height: 20px;
  flex: none;
  accent-color: var(--plum);
}
.file {
  margin-left: -14px;
}
</style>
