<!-- What a sheet is, as a sentence whose plum words open a choice. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SheetRecipe } from '../../contract/index.ts';
import { PROMPTS } from '../../core/asking/index.ts';
import { CHOICES } from '../../core/conventions/index.ts';
import { TIME_GROUPS } from '../../core/sets/index.ts';
import { CLOCK_CHOICES, FORM_WAYS, HELPS, SHEET_SIZES, WRITINGS } from '../../core/sheets/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import ChoiceWord from './ChoiceWord.vue';
import type { Whom } from './useSheet.ts';

const { recipe, whom } = defineProps<{ recipe: SheetRecipe; whom: Whom }>();
const emit = defineEmits<{ change: [over: Partial<SheetRecipe>]; whom: [whom: Whom] }>();
const { t } = useI18n();
const store = useClassroomStore();

const choicesOf = <T extends string | number>(name: string, values: readonly T[]): { value: T; text: string }[] =>
  values.map((value) => ({ value, text: t(`sheets.choice.${name}.${value}`) }));
const groups = computed(() => recipe.groups.map((group) => t(`sheets.choice.groups.${group}`)).join(', '));
const asksClocks = computed(() => (recipe.counts['choose-clock'] ?? 0) + (recipe.counts['which-of'] ?? 0) > 0);
const writes = computed(() => (recipe.counts['write-digital'] ?? 0) + (recipe.counts['words-to-digits'] ?? 0) > 0);

const children = computed(() => store.classroom!.children.length);
const group = computed(() => store.classroom!.group?.childIds ?? []);
/** Stacks for the cupboard: as many as a class, and what fits on the glass of a copier. */
const STACKS = [1, 4, 10, 30];
const WHOM = ['each', 'group', ...STACKS.map(String)];
const whoms = computed(() =>
  WHOM.filter((value) => value !== 'group' || group.value.length > 0).map((value) => ({
    value,
    text:
      value === 'each'
        ? t('sheets.whom.each', { count: children.value }, children.value)
        : value === 'group'
          ? t('sheets.whom.group', { count: group.value.length }, group.value.length)
          : t('sheets.whom.copies', { count: Number(value) }, Number(value)),
  })),
);
const chosenWhom = computed(() =>
  whom.kind === 'each' ? 'each' : whom.kind === 'some' ? 'group' : String(whom.count),
);
const whomText = computed(
  () => whoms.value.find(({ value }) => value === chosenWhom.value)?.text ?? t('sheets.whom.some'),
);
const chooseWhom = ([value]: string[]): void => {
  if (value === 'each') emit('whom', { kind: 'each' });
  else if (value === 'group') emit('whom', { kind: 'some', childIds: group.value });
  else emit('whom', { kind: 'copies', count: Number(value) });
};
</script>

<template>
  <p class="recipe">
    <i18n-t keypath="sheets.sentence.times" tag="span">
      <template #groups>
        <ChoiceWord
          :text="groups"
          :label="t('sheets.label.groups')"
          :choices="choicesOf('groups', TIME_GROUPS)"
          :chosen="recipe.groups"
          several
          @choose="(chosen) => emit('change', { groups: chosen })"
        />
      </template>
      <template #outline>
        <ChoiceWord
          :text="t(`sheets.choice.outline.${recipe.outline}`)"
          :label="t('sheets.label.outline')"
          :choices="choicesOf('outline', CHOICES.outline.choices)"
          :chosen="[recipe.outline]"
          @choose="([outline]) => emit('change', { outline: outline! })"
        />
      </template>
      <template #numerals>
        <ChoiceWord
          :text="t(`sheets.choice.numerals.${recipe.numerals}`)"
          :label="t('sheets.label.numerals')"
          :choices="choicesOf('numerals', CHOICES.numerals.choices)"
          :chosen="[recipe.numerals]"
          @choose="([numerals]) => emit('change', { numerals: numerals! })"
        />
      </template>
      <template #help>
        <ChoiceWord
          :text="t(`sheets.choice.help.${recipe.help}`)"
          :label="t('sheets.label.help')"
          :choices="choicesOf('help', HELPS)"
          :chosen="[recipe.help]"
          @choose="([help]) => emit('change', { help: help! })"
        />
      </template>
      <template #prompt>
        <ChoiceWord
          :text="t(`sheets.choice.prompt.${recipe.prompt}`)"
          :label="t('sheets.label.prompt')"
          :choices="
            choicesOf(
              'prompt',
              PROMPTS.filter((one) => one !== 'spoken'),
            )
          "
          :chosen="[recipe.prompt]"
          @choose="([prompt]) => emit('change', { prompt: prompt! })"
        />
      </template>
    </i18n-t>
    {{ ' ' }}
    <i18n-t v-if="asksClocks" keypath="sheets.sentence.clocks" tag="span">
      <template #clocks>
        <ChoiceWord
          :text="t(`sheets.choice.clocks.${recipe.clocks}`)"
          :label="t('sheets.label.clocks')"
          :choices="choicesOf('clocks', CLOCK_CHOICES)"
          :chosen="[recipe.clocks]"
          @choose="([clocks]) => emit('change', { clocks: clocks! })"
        />
      </template>
      <template #several>
        <ChoiceWord
          :text="t(`sheets.choice.several.${recipe.several}`)"
          :label="t('sheets.label.several')"
          :choices="choicesOf('several', ['false', 'true'])"
          :chosen="[String(recipe.several)]"
          @choose="([several]) => emit('change', { several: several === 'true' })"
        />
      </template>
    </i18n-t>
    {{ ' ' }}
    <i18n-t v-if="writes" keypath="sheets.sentence.writing" tag="span">
      <template #writing>
        <ChoiceWord
          :text="t(`sheets.choice.writing.${recipe.writing}`)"
          :label="t('sheets.label.writing')"
          :choices="choicesOf('writing', WRITINGS)"
          :chosen="[recipe.writing]"
          @choose="([writing]) => emit('change', { writing: writing! })"
        />
      </template>
    </i18n-t>
    {{ ' ' }}
    <i18n-t keypath="sheets.sentence.forms" tag="span">
      <template #forms>
        <ChoiceWord
          :text="t(`sheets.choice.forms.${recipe.forms}`)"
          :label="t('sheets.label.forms')"
          :choices="choicesOf('forms', FORM_WAYS)"
          :chosen="[recipe.forms]"
          @choose="([forms]) => emit('change', { forms: forms! })"
        />
      </template>
      <template #size>
        <ChoiceWord
          :text="t(`sheets.choice.size.${recipe.size}`)"
          :label="t('sheets.label.size')"
          :choices="choicesOf('size', SHEET_SIZES)"
          :chosen="[recipe.size]"
          @choose="([size]) => emit('change', { size: size! })"
        />
      </template>
      <template #whom>
        <ChoiceWord
          :text="whomText"
          :label="t('sheets.label.whom')"
          :choices="whoms"
          :chosen="[chosenWhom]"
          @choose="chooseWhom"
        />
      </template>
    </i18n-t>
  </p>
</template>

<style scoped>
.recipe {
  line-height: 27px;
}
</style>
