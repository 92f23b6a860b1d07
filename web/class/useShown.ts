import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { ClassChild } from '../../contract/index.ts';
import { NEEDS, firstLook, type NamedNeed } from '../../core/diagnosis/index.ts';
import { CLASS_SKILLS, SKILLS, type Skill } from '../../core/skills/index.ts';

/** Which children are looked at: all, those with a need, without a pattern, not seen since a day, with something to be looked at again, or not secure in a skill. */
export type Show =
  | { readonly only: 'all' | 'no-pattern' | 'not-seen' | 'again' }
  | { readonly only: 'need'; readonly need: NamedNeed }
  | { readonly only: 'skill'; readonly skill: Skill };
export const keyOfShow = (show: Show): string =>
  show.only === 'need' ? `need-${show.need}` : show.only === 'skill' ? `skill-${show.skill}` : show.only;

const one = <T extends string>(all: readonly T[], value: unknown): T | undefined =>
  all.find((candidate) => candidate === value);
const showOf = (text: unknown): Show => {
  const key = String(text);
  const need = one(NEEDS, key.replace('need-', ''));
  if (key.startsWith('need-') && need !== undefined && need !== 'none') return { only: 'need', need };
  const skill = one(SKILLS, key.replace('skill-', ''));
  if (key.startsWith('skill-') && skill !== undefined) return { only: 'skill', skill };
  return { only: one(['no-pattern', 'not-seen', 'again'] as const, key) ?? 'all' };
};

/** What a teacher has chosen to look at on the class's page: it stands in the address, so that Back and a reload keep it. */
export const useShown = (rows: () => readonly ClassChild[]) => {
  const route = useRoute();
  const router = useRouter();
  const choose = (change: Record<string, string | undefined>): void => {
    void router.replace({ query: { ...route.query, ...change } });
  };
  const show = computed(() => showOf(route.query['show']));
  const order = computed(() => one(['list', 'first'] as const, route.query['order']) ?? 'list');
  /** The latest day on which any child answered. */
  const lastDay = computed(() => rows().reduce((last, row) => (row.last > last ? row.last : last), ''));
  const isShown = (row: ClassChild): boolean => {
    const now = show.value;
    switch (now.only) {
      case 'all':
        return true;
      case 'need':
        return row.reason?.need === now.need;
      case 'no-pattern':
        return row.noPattern;
      case 'not-seen':
        return row.last < lastDay.value;
      case 'again':
        return row.again.length > 0;
      case 'skill':
        return row.skills[now.skill]?.level !== 'secure';
    }
  };
  return {
    show,
    order,
    lastDay,
    /** The skill that is opened beside the table. */
    skill: computed(() => one(CLASS_SKILLS, route.query['skill'])),
    shown: computed(() => {
      const found = rows().filter(isShown);
      return order.value === 'first' ? firstLook(found) : found;
    }),
    choose: (now: Show): void => choose({ show: now.only === 'all' ? undefined : keyOfShow(now) }),
    setOrder: (to: 'list' | 'first'): void => choose({ order: to === 'list' ? undefined : to }),
    open: (skill: Skill | undefined): void => choose({ skill }),
  };
};
