import { TAUGHT_TIMES, hourOf, isOclock } from '../../core/clock/index.ts';
import { NEEDS, judge, judgeChild, skillsOf, tellingTasks, totalsOf } from '../../core/diagnosis/index.ts';
import type { Item } from '../../core/items/index.ts';
import { readAndMark } from '../../core/marking/index.ts';
import type { z } from 'zod';
import type { Responses } from './requests.ts';
import { NotAJudgement, caseOf, conventionsOf, written } from './cases.ts';

/** Where no day is said, all answers are of one. */
const ONE_DAY = '2000-01-03';

/** Cases to choose the most telling from: each kind at every o'clock and half past. */
const ASKABLE: readonly Item[] = TAUGHT_TIMES.flatMap((shown): Item[] => [
  { kind: 'read', shown },
  { kind: 'write-digital', shown },
  { kind: 'draw', shown },
  { kind: 'set', shown },
  ...(isOclock(shown)
    ? [
        {
          kind: 'choose-writings' as const,
          shown,
          options: [`${hourOf(shown)}:00`, `${hourOf(shown)}00`, `${hourOf(shown)}:0`, `00:${hourOf(shown)}`],
        },
      ]
    : []),
]);
const KIND_OF = {
  read: 'READ',
  'write-digital': 'WRITE',
  draw: 'DRAW',
  set: 'SET',
  'choose-writings': 'CHOOSE',
} as const;
const caseFrom = (item: Item) => ({
  kind: KIND_OF[item.kind as keyof typeof KIND_OF],
  shown: written((item as Extract<Item, { kind: 'read' }>).shown),
  ...(item.kind === 'choose-writings' && { options: item.options }),
});

const rounded = (share: number): number => Math.round(share * 1000) / 1000;

/** What is thought of a child that gave some answers. @throws NotAJudgement naming the place of a response that is none */
export const judgeResponses = ({ n, responses, conventions: change, homeLanguage }: z.infer<typeof Responses>) => {
  const conventions = conventionsOf(change);
  const answers = responses.map((one, place) => {
    try {
      const { item, answer } = caseOf(one);
      return judge({
        childId: 1,
        lessonId: 1,
        day: one.day ?? ONE_DAY,
        item,
        ...readAndMark(item, answer, conventions),
      });
    } catch (error) {
      if (error instanceof NotAJudgement) throw new NotAJudgement(`response ${place}: ${error.message}`);
      throw error;
    }
  });
  const { belief, shares, reasons, waiting } = judgeChild(answers, { homeLanguage: homeLanguage ?? undefined });
  const [reason] = reasons;
  return {
    ...(n !== undefined && { n }),
    named: reason?.need ?? null,
    also: reasons.slice(1).map(({ need }) => need),
    needs: Object.fromEntries(NEEDS.map((need) => [need, rounded(shares.first[need])])),
    fitsWith: reason?.fitsWithRule === true ? (reason.rule ?? null) : null,
    rules: Object.fromEntries(Object.entries(shares.rules).map(([rule, share]) => [rule, rounded(share)])),
    for: reason?.for ?? [],
    against: reason?.against ?? [],
    beside: reason?.beside ?? [],
    masksDrawing: reason?.masksDrawing ?? false,
    next: tellingTasks(belief, ASKABLE, undefined, { waiting, asked: totalsOf(answers).tasks }).map(
      ({ item, bits }) => ({
        ...caseFrom(item),
        bits: rounded(bits),
      }),
    ),
    mastery: Object.fromEntries(
      Object.entries(skillsOf(answers, shares.rules)).map(([skill, { level, share, band }]) => [
        skill,
        { level, share: rounded(share), band: band.map(rounded) },
      ]),
    ),
  };
};
