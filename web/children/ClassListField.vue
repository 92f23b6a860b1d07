<!-- A class list to type or paste, and what is understood of it: each name, before anything is kept. -->
<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { namesOf, readClassList } from '../../core/exchange/index.ts';

const { rows } = defineProps<{ rows: number }>();
const text = defineModel<string>('text', { required: true });
/** What is understood. */
const names = defineModel<readonly string[]>('names', { required: true });
const { t } = useI18n();

const list = computed(() => readClassList(text.value));
/** Chosen by the teacher; every cell is a name where it is null. */
const chosen = ref<number | null>();
watch(
  () => list.value.columns,
  () => (chosen.value = undefined),
);
const column = computed(() => (chosen.value === undefined ? list.value.likely : chosen.value));
watch([list, column], () => (names.value = namesOf(list.value, column.value ?? undefined)), { immediate: true });
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
    <ul v-if="names.length > 0" class="preview" :aria-label="t('children.preview')">
      <li v-for="(name, i) in names" :key="i">{{ name }}</li>
    </ul>
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
</style>
