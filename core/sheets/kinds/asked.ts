import { isSeveral, promptFor, timeNamed } from '../../asking/index.ts';
import { printedAs, type Item } from '../../items/index.ts';
import { digital, say, sentence } from '../../wording/index.ts';
import type { BlockContext } from './block.ts';

/** What a sheet asks for: in words, in digits, or both. What is to be given back is never written there. */
const named = (item: Item, { conventions, prompt }: Pick<BlockContext, 'conventions' | 'prompt'>): string => {
  const time = timeNamed(item);
  if (time === undefined) return '';
  const [words, digits] = [say(time, conventions), digital(time, conventions)];
  switch (promptFor(item, prompt)) {
    case 'digits':
      return digits;
    case 'both':
      return `${words} · ${digits}`;
    default:
      return words;
  }
};

/** A task in the words of a sheet: "Draw half past 4." */
export const askedPhrase = (item: Item, context: Pick<BlockContext, 'conventions' | 'prompt'>): string => {
  const { conventions } = context;
  const kind = printedAs(item.kind);
  const name =
    kind === 'which-of' ? 'choose-clock' : kind === 'choose-clock' && isSeveral(item) ? 'choose-clocks' : kind;
  return sentence({ key: `clock.paper.${name}`, values: { said: named(item, context) } }, conventions);
};

/** The same where there is nothing but the task and the class's words. */
export const askedOnPaper = (item: Item, conventions: BlockContext['conventions']): string =>
  askedPhrase(item, { conventions, prompt: 'words' });
