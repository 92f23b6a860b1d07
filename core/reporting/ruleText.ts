import type { NamedNeed } from '../diagnosis/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import type { Phrase } from '../wording/index.ts';

/** The parts of what the word files say about a rule. */
export const RULE_TEXTS = ['name', 'short', 'see', 'why', 'help'] as const;

/** The parts of what they say about a need. */
export const NEED_TEXTS = ['name', 'short', 'help'] as const;
/** What the teacher's word files say about a need. */
export const needText = (need: NamedNeed, part: (typeof NEED_TEXTS)[number]): Phrase => ({
  key: `teacher.needs.${need}.${part}`,
  values: {},
});

/**
 * What the teacher's word files say about a rule: its name, a short one for a table, what a teacher sees, why it makes sense to a
 * child, and what to do next.
 */
export const ruleText = (rule: WrongRule, part: (typeof RULE_TEXTS)[number]): Phrase => ({
  key: `teacher.rules.${rule}.${part}`,
  values: {},
});
