import { computed, ref, watch } from 'vue';
import { ANSWERS_AT_ONCE, type LookedAtAnswer } from '../../contract/index.ts';
import { skillOfItem, type Skill } from '../../core/skills/index.ts';

/** Which answers of a child are looked at: the latest of all, of one skill, or those that speak for something. @param childId of the page */
export const useLookedAt = (childId: () => string) => {
  /** Answers that are looked at alone, by id. */
  const only = ref<readonly string[]>();
  const skill = ref<Skill>();
  const count = ref(ANSWERS_AT_ONCE);
  const all = (): void => {
    [skill.value, only.value] = [undefined, undefined];
  };
  // Another child's page begins with all of its answers.
  watch(childId, all);
  watch(only, (ids) => {
    if (ids !== undefined) skill.value = undefined;
  });
  watch([childId, only, skill], () => (count.value = ANSWERS_AT_ONCE));
  const path = computed(() => {
    const wished = new URLSearchParams({ count: String(count.value) });
    if (skill.value !== undefined) wished.set('skill', skill.value);
    if (only.value !== undefined) wished.set('only', only.value.join());
    return `/record/children/${childId()}?${wished.toString()}`;
  });
  return {
    only,
    skill,
    all,
    /** Where the page's view is found. */
    path,
    /** A view that is still that of before may hold others. */
    isShown: ({ id, item }: LookedAtAnswer): boolean =>
      (only.value === undefined || only.value.includes(id)) &&
      (skill.value === undefined || skillOfItem(item) === skill.value),
    lookAt: (one: Skill): void => {
      skill.value = skill.value === one ? undefined : one;
      only.value = undefined;
    },
    lookFurtherBack: (): void => void (count.value += ANSWERS_AT_ONCE),
  };
};
