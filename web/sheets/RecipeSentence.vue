<!-- What a sheet is, as a sentence whose plum words open a choice. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SheetRecipe } from '../../contract/index.ts';
import { PROMPTS } from '../../core/asking/index.ts';
import { CHOICES } from '../../core/conventions/index.ts';
import { TIME_GROUPS } from '../../core/sets/index.ts';
import { CLOCK_CHOICES, FORM_WAYS, HELPS, SHEET_SIZES, WRITINGS, type PaperKind } from '../../core/sheets/index.ts';
import { useGroupWords } from '../groups/useGroupWords.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import ChoiceWord from './ChoiceWord.vue';
import type { Whom } from './useSheet.ts';

const { recipe, whom } = defineProps<{ recipe: SheetRecipe; whom: Whom }>();
const emit = defineEmits<{ change: [over: Partial<SheetRecipe>]; whom: [whom: Whom] }>();
const { t } = useI18n();
const store = useClassroomStore();
const groupWords = useGroupWords();

/** What can be chosen for each part of a recipe that is one of a few; how times are asked never by voice, on paper. */
const VALUES = {
  outline: CHOICES.outline.choices,
  numerals: CHOICES.numerals.choices,
  help: HELPS,
  prompt: PROMPTS.filter((one) => one !== 'spoken'),
  clocks: CLOCK_CHOICES,
  several: [false, true],
  writing: WRITINGS,
  forms: FORM_WAYS,
  size: SHEET_SIZES,
  groups: TIME_GROUPS,
} as const satisfies { [Name in keyof SheetRecipe]?: readonly unknown[] };
type Part = keyof typeof VALUES;

/** Each sentence with its words; those of clocks to choose from, and of digits, only where the sheet has such tasks. */
const counted = (...kinds: PaperKind[]): boolean => kinds.some((kind) => (recipe.counts[kind] ?? 0) > 0);
const sentences = computed(
  (): { name: string; parts: (Part | 'whom')[] }[] =>
    [
      { name: 'times', parts: ['groups', 'outline', 'numerals', 'help', 'prompt'], isThere: true },
      { name: 'clocks', parts: ['clocks', 'several'], isThere: counted('choose-clock', 'which-of') },
      { name: 'writing', parts: ['writing'], isThere: counted('write-digital', 'words-to-digits') },
      { name: 'forms', parts: ['forms', 'size', 'whom'], isThere: true },
    ].filter(({ isThere }) => isThere) as { name: string; parts: (Part | 'whom')[] }[],
);

/** Stacks for the cupboard: a master to copy, a table's, a class's. */
const STACKS = [1, 4, 10, 30];
const whoms = computed(() => {
  const children = store.classroom!.children.length;
  const { groups } = store.classroom!;
  return [
    { value: 'each', text: t('sheets.whom.each', { count: children }, children) },
    ...groups.map((group) => ({
      value: `group ${group.id}`,
      text: t('sheets.whom.group', { name: groupWords.name(group), count: group.childIds.length }),
    })),
    ...STACKS.map((count) => ({ value: String(count), text: t('sheets.whom.copies', { count }, count) })),
  ];
});
/** The group of just these children. */
const groupOf = (childIds: readonly number[]): string | undefined => {
  const key = [...childIds].sort().join();
  const found = store.classroom!.groups.find((group) => [...group.childIds].sort().join() === key);
  return found && `group ${found.id}`;
};
const chosenWhom = computed(() =>
  whom.kind === 'each' ? 'each' : whom.kind === 'some' ? (groupOf(whom.childIds) ?? 'some') : String(whom.count),
);
const chooseWhom = (value: string): void => {
  if (value === 'each') emit('whom', { kind: 'each' });
  else if (value.startsWith('group'))
    emit('whom', {
      kind: 'some',
      childIds: store.classroom!.groups.find(({ id }) => value === `group ${id}`)?.childIds ?? [],
    });
  else emit('whom', { kind: 'copies', count: Number(value) });
};

const choicesOf = (part: Part | 'whom'): { value: string; text: string }[] =>
  part === 'whom'
    ? whoms.value
    : VALUES[part].map((value) => ({ value: String(value), text: t(`sheets.choice.${part}.${value}`) }));
const chosenOf = (part: Part | 'whom'): string[] =>
  part === 'whom' ? [chosenWhom.value] : [recipe[part]].flat().map(String);
const textOf = (part: Part | 'whom'): string => {
  const chosen = chosenOf(part);
  const found = choicesOf(part).filter(({ value }) => chosen.includes(value));
  return found.length === 0 ? t('sheets.whom.some') : found.map(({ text }) => text).join(', ');
};
const choose = (part: Part | 'whom', chosen: readonly string[]): void => {
  if (part === 'whom') return chooseWhom(chosen[0]!);
  const values = (VALUES[part] as readonly unknown[]).filter((value) => chosen.includes(String(value)));
  emit('change', { [part]: part === 'groups' ? values : values[0] });
};
</script>

<template>
  <p class="recipe">
    <template v-for="{ name, parts } in sentences" :key="name">
      <i18n-t :keypath="`sheets.sentence.${name}`" tag="span">
        <template v-for="part in parts" :key="part" #[part]>
          <ChoiceWord
            :text="textOf(part)"
            :label="t(`sheets.label.${part}`)"
            :choices="choicesOf(part)"
            :chosen="chosenOf(part)"
            :several="part === 'groups'"
            @choose="(chosen) => choose(part, chosen)"
          />
        </template>
      </i18n-t>
      {{ ' ' }}
    </template>
  </p>
</template>

<style scoped>
.recipe {
  line-height: 27px;
}
</style>
