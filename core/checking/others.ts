import { handAngles, hourOf, wrapToDial, type DialTime } from '../clock/index.ts';
import type { Conventions } from '../conventions/index.ts';
import { CLOCK_PARTS, UNITS, drawnAt, rightAnswers, type Answer, type Item } from '../items/index.ts';
import { digital, say } from '../wording/index.ts';

/** Minutes beside the right time at which near misses lie: the hours before and after, and half an hour to either side. */
const BESIDE = [60, -60, 30, -30] as const;
const timesBeside = (shown: DialTime): DialTime[] => BESIDE.map((minutes) => wrapToDial(shown + minutes));

/** A list with two of its members in each other's place, for every pair of neighbours. */
const swaps = <T>(list: readonly T[]): T[][] =>
  list.slice(1).map((_, at) => list.map((one, i) => (i === at ? list[at + 1]! : i === at + 1 ? list[at]! : one)));

/** Answers beside the right one that no rule has to lead to: a slip, a guess. In an order that begins with the likeliest. */
export const otherAnswers = (item: Item, conventions: Conventions): Answer[] => {
  const right = rightAnswers(item, conventions)[0]!;
  switch (item.kind) {
    case 'name-part':
      return CLOCK_PARTS.map((part) => ({ kind: 'part', part }));
    case 'direction':
      return [{ kind: 'direction', direction: 'anticlockwise' }];
    case 'hour-hand':
      return timesBeside(item.shown).map((time) => ({ kind: 'hour', hour: hourOf(time) }));
    case 'set-hour-hand':
      return timesBeside(item.shown).map((time) => ({ kind: 'hour-angle', angle: handAngles(time).hour }));
    case 'read':
      return timesBeside(item.shown).map((time) => ({ kind: 'time', time }));
    case 'write-digital':
    case 'words-to-digits':
      return timesBeside(item.shown).map((time) => ({ kind: 'text', text: digital(time, conventions) }));
    case 'write-words':
      return timesBeside(item.shown).map((time) => ({ kind: 'text', text: say(time, conventions) }));
    case 'set':
    case 'set-free':
    case 'mend-clock':
      return timesBeside(item.shown).map((time) => ({ kind: 'hands', ...handAngles(time) }));
    case 'draw':
      return timesBeside(item.shown).map(drawnAt);
    case 'choose-words':
    case 'digits-to-words':
    case 'choose-clock':
    case 'which-of':
    case 'choose-writings':
      return item.options.map((_, place) => ({ kind: 'choice', chosen: [place] }));
    case 'yet':
      return [{ kind: 'yes-no', yes: right.kind === 'yes-no' && !right.yes }];
    case 'judge-clock':
      return [
        { kind: 'judgement', possible: false },
        { kind: 'judgement', possible: true },
      ];
    case 'how-long':
      return UNITS.map((unit) => ({ kind: 'unit', unit }));
    case 'pair':
      return right.kind === 'pairs' ? swaps(right.pairs).map((pairs) => ({ kind: 'pairs', pairs })) : [];
    case 'day-order':
      return right.kind === 'order'
        ? [...swaps(right.order), [...right.order].reverse()].map((order) => ({ kind: 'order', order }))
        : [];
  }
};
