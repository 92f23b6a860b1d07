import type { z } from 'zod';
import { handAngles, isTaught, type DialTime } from '../../core/clock/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions } from '../../core/conventions/index.ts';
import { DRAWN_REACH, pictureOf, type Answer, type ClockPicture, type Item } from '../../core/items/index.ts';
import { digital, parse } from '../../core/wording/index.ts';
import type { Case, Say } from './requests.ts';

/** A line that cannot be judged, with the reason in a sentence. */
export class NotAJudgement extends Error {}

const PLAIN = { digitalForm: '4:30' } as const;
export const written = (time: DialTime): string => digital(time, PLAIN);

export const timeOf = (text: string): DialTime => {
  const read = parse(text);
  if (read.kind === 'fault') throw new NotAJudgement(`"${text}" is not a time (${read.fault})`);
  return read.time;
};
const taught = (text: string): DialTime => {
  const time = timeOf(text);
  if (!isTaught(time)) throw new NotAJudgement(`"${text}" is neither o'clock nor half past; the cases are about these`);
  return time;
};
export const conventionsOf = (change: z.infer<typeof Say>['conventions']): Conventions => ({
  ...DEFAULT_CONVENTIONS,
  ...(Object.fromEntries(
    Object.entries(change ?? {}).filter(([, value]) => value !== undefined),
  ) as Partial<Conventions>),
});

export type OneCase = z.infer<typeof Case>;
type Drawn = Exclude<OneCase['answer'], string>;

const textAnswer = ({ answer }: OneCase): string => {
  if (typeof answer !== 'string') throw new NotAJudgement('this kind of case is answered by a text');
  return answer;
};
const drawnAnswer = ({ answer }: OneCase): Drawn => {
  if (typeof answer === 'string') throw new NotAJudgement('this kind of case is answered by {"short", "long"}');
  return answer;
};
const optionsOf = ({ options }: OneCase): NonNullable<OneCase['options']> => {
  if (options === undefined || options.length < 2) throw new NotAJudgement('a choice needs "options", two or more');
  return options;
};
const choice = (place: number): Answer => {
  if (place < 0) throw new NotAJudgement('the answer is not among the options');
  return { kind: 'choice', chosen: [place] };
};

const faceOf = (option: string | Drawn): ClockPicture =>
  typeof option === 'string'
    ? pictureOf(handAngles(timeOf(option)))
    : { ...pictureOf({ hour: option.short, minute: option.long }), equalLength: option.equalLength };
const sameOption = (a: string | Drawn, b: string | Drawn): boolean => JSON.stringify(a) === JSON.stringify(b);

/** A case as an item and an answer of Hoppel's own. */
export const caseOf = (one: OneCase): { item: Item; answer: Answer } => {
  const shown = taught(one.shown);
  switch (one.kind) {
    case 'READ':
      return { item: { kind: 'read', shown }, answer: { kind: 'time', time: timeOf(textAnswer(one)) } };
    case 'WRITE':
      return { item: { kind: 'write-digital', shown }, answer: { kind: 'text', text: textAnswer(one) } };
    case 'SET': {
      const { short, long } = drawnAnswer(one);
      return { item: { kind: 'set', shown }, answer: { kind: 'hands', hour: short, minute: long } };
    }
    case 'DRAW': {
      const { short, long, equalLength } = drawnAnswer(one);
      const hands = [
        { angle: short, reach: equalLength ? DRAWN_REACH.minute : DRAWN_REACH.hour },
        { angle: long, reach: DRAWN_REACH.minute },
      ];
      return { item: { kind: 'draw', shown }, answer: { kind: 'drawn', hands } };
    }
    case 'MATCH': {
      const options = optionsOf(one);
      return {
        item: { kind: 'choose-clock', shown, options: options.map(faceOf) },
        answer: choice(options.findIndex((option) => sameOption(option, one.answer))),
      };
    }
    case 'CHOOSE': {
      const options = optionsOf(one).map((option) => {
        if (typeof option !== 'string') throw new NotAJudgement('the options of CHOOSE are writings');
        return option;
      });
      return {
        item: { kind: 'choose-writings', shown, options },
        answer: choice(options.indexOf(textAnswer(one))),
      };
    }
  }
};
