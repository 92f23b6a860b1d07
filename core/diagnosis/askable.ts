import type { DialTime } from '../clock/index.ts';
import type { Item } from '../items/index.ts';
import { skillOfItem, type Skill } from '../skills/index.ts';

/** Kinds of task that nothing but a time belongs to, each of which shows rules of its own. */
const KINDS_ASKED = ['read', 'write-digital', 'draw', 'set'] as const;

/** Tasks a child may be asked to find out more: about times and skills the class has met. */
export const askable = (times: readonly DialTime[], taught: readonly Skill[]): Item[] =>
  times
    .flatMap((shown) => KINDS_ASKED.map((kind): Item => ({ kind, shown })))
    .filter((item) => taught.includes(skillOfItem(item)));
