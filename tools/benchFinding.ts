// Sets chosen for what they find out, with JSON.stringify of the tasks to choose from as the yardstick.
import { TAUGHT_TIMES } from '../core/clock/index.ts';
import { begun, sharesOf } from '../core/diagnosis/index.ts';
import type { Item } from '../core/items/index.ts';
import { bestSwap, bettered, likelyOf, whatItFinds, type Choice } from '../core/sets/finding/index.ts';
import { median, say } from './median.ts';

const LIKELY = likelyOf([sharesOf(begun())]);
const POOL = TAUGHT_TIMES.map((shown): Item => ({ kind: 'read', shown }));
const choice: Choice = { likely: LIKELY, others: (set) => POOL.filter((item) => !set.includes(item)) };
const six = POOL.slice(0, 6);
const chosen = (): readonly Item[] => {
  const steps = bettered(six, choice);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
};
say('choose six of twenty-four times for what they find out', median(chosen));
say(
  'say what six tasks can find out, and the one swap that would help',
  median(() => [whatItFinds(LIKELY, six), bestSwap(six, choice)]),
);
say(
  '  yardstick: JSON.stringify of the tasks, a thousand times',
  median(() => {
    for (let i = 0; i < 1000; i++) JSON.stringify(POOL);
  }),
);
