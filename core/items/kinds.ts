import type { AnswerKind } from './item.ts';

/** Every kind of task, in the order a teacher sees them. */
export const ITEM_KINDS = [
  'name-part',
  'direction',
  'hour-hand',
  'set-hour-hand',
  'read',
  'choose-words',
  'write-digital',
  'write-words',
  'words-to-digits',
  'digits-to-words',
  'set',
  'set-free',
  'draw',
  'choose-clock',
  'which-of',
  'choose-writings',
  'pair',
  'yet',
  'judge-clock',
  'mend-clock',
  'how-long',
  'day-order',
] as const;
export type ItemKind = (typeof ITEM_KINDS)[number];

/** What a child does in a task: which skill that is goes by the time, too. */
export type Doing =
  | 'name-parts'
  | 'direction'
  | 'hour-hand'
  | 'read'
  | 'set'
  | 'match'
  | 'write'
  | 'draw'
  | 'mix'
  | 'judge'
  | 'how-long'
  | 'order';

/** All that is fixed about a kind of task. What depends on more has its switch, which does not compile without the new kind. */
interface KindData {
  /** The kinds of answer it takes; `observed` and `no-answer` belong to every one. */
  readonly answers: readonly AnswerKind[];
  readonly doing: Doing;
  /** About one time. */
  readonly timed: boolean;
  /** Both hands are placed by themselves: where they lie on each other, they could not be told apart. */
  readonly bothHands: boolean;
  /** Seconds a child needs for it on its own. */
  readonly seconds: number;
  /** What a round asks it as; null where a whole class cannot be given it at once. */
  readonly round:
    | 'read'
    | 'set'
    | 'set-hour-hand'
    | 'draw'
    | 'write-digital'
    | 'words-to-digits'
    | 'digits-to-words'
    | 'choose-clock'
    | 'yet'
    | 'judge-clock'
    | null;
  /** Can a teacher hand it out for times that were picked? */
  readonly handedOut: boolean;
  /** The kind it is printed as, where a pencil cannot do what fingers do: hands are drawn, what is said is written. */
  readonly printedAs: ItemKind | 'itself';
  /** What has to lie ready for it where there is no tablet; null: nothing but clock and sheet. */
  readonly laidOut: 'pencil' | 'word-cards' | 'day-pictures' | null;
}

/** The usual kind: about one time, half a minute, asked in no round. */
const USUAL = {
  timed: true,
  bothHands: false,
  seconds: 35,
  round: null,
  handedOut: false,
  printedAs: 'itself',
  laidOut: null,
} as const;

/** The kinds of task: one line each. */
export const KINDS = {
  'name-part': { ...USUAL, answers: ['part'], doing: 'name-parts', timed: false },
  direction: { ...USUAL, answers: ['direction'], doing: 'direction', timed: false },
  'hour-hand': { ...USUAL, answers: ['hour'], doing: 'hour-hand', round: 'read', handedOut: true },
  'set-hour-hand': {
    ...USUAL,
    answers: ['hour-angle'],
    doing: 'hour-hand',
    round: 'set-hour-hand',
    handedOut: true,
  },
  read: { ...USUAL, answers: ['time', 'text'], doing: 'read', round: 'read', printedAs: 'write-digital' },
  'choose-words': {
    ...USUAL,
    answers: ['choice'],
    doing: 'read',
    round: 'read',
    handedOut: true,
    laidOut: 'word-cards',
  },
  'write-digital': {
    ...USUAL,
    answers: ['text'],
    doing: 'write',
    seconds: 40,
    round: 'write-digital',
    handedOut: true,
    laidOut: 'pencil',
  },
  'write-words': {
    ...USUAL,
    answers: ['text'],
    doing: 'write',
    seconds: 60,
    round: 'write-digital',
    handedOut: true,
    laidOut: 'pencil',
  },
  'words-to-digits': {
    ...USUAL,
    answers: ['text'],
    doing: 'match',
    seconds: 40,
    round: 'words-to-digits',
    handedOut: true,
    laidOut: 'pencil',
  },
  'digits-to-words': {
    ...USUAL,
    answers: ['choice'],
    doing: 'match',
    round: 'digits-to-words',
    handedOut: true,
    laidOut: 'word-cards',
  },
  set: { ...USUAL, answers: ['hands'], doing: 'set', round: 'set', handedOut: true, printedAs: 'draw' },
  'set-free': {
    ...USUAL,
    answers: ['hands'],
    doing: 'set',
    bothHands: true,
    round: 'set',
    handedOut: true,
    printedAs: 'draw',
  },
  draw: {
    ...USUAL,
    answers: ['drawn', 'strokes'],
    doing: 'draw',
    bothHands: true,
    seconds: 60,
    round: 'draw',
    handedOut: true,
    laidOut: 'pencil',
  },
  'choose-clock': {
    ...USUAL,
    answers: ['choice'],
    doing: 'match',
    round: 'choose-clock',
    handedOut: true,
    laidOut: 'word-cards',
  },
  'which-of': { ...USUAL, answers: ['choice'], doing: 'match', handedOut: true },
  'choose-writings': { ...USUAL, answers: ['choice'], doing: 'match' },
  pair: { ...USUAL, answers: ['pairs'], doing: 'mix', seconds: 90, laidOut: 'word-cards' },
  yet: { ...USUAL, answers: ['yes-no'], doing: 'read', round: 'yet', handedOut: true },
  'judge-clock': { ...USUAL, answers: ['judgement'], doing: 'judge', seconds: 45, round: 'judge-clock' },
  'mend-clock': { ...USUAL, answers: ['hands'], doing: 'judge', bothHands: true, printedAs: 'draw' },
  'how-long': { ...USUAL, answers: ['unit'], doing: 'how-long', timed: false, laidOut: 'day-pictures' },
  'day-order': { ...USUAL, answers: ['order'], doing: 'order', timed: false, seconds: 90, laidOut: 'day-pictures' },
} as const satisfies Readonly<Record<ItemKind, KindData>>;

/** Is a task about the hour hand alone, on a clock that has no other? */
export const isHourAlone = (kind: ItemKind): boolean => KINDS[kind].doing === 'hour-hand';

/** The one hand of the clock a task shows; none where it has both, or there is no task. */
export const onlyHandOf = (item: { readonly kind: ItemKind } | undefined): 'hour' | undefined =>
  item !== undefined && isHourAlone(item.kind) ? 'hour' : undefined;

/** Kinds of task with a value in a column, in the order of the table. */
const having = <K extends keyof KindData>(property: K, value: KindData[K]): ItemKind[] =>
  ITEM_KINDS.filter((kind) => (KINDS[kind] as KindData)[property] === value);

/** Kinds of task in which a child does this. */
export const kindsDoing = (doing: Doing): readonly ItemKind[] => having('doing', doing);
/** Kinds of task for which this has to lie ready. */
export const kindsLaidOut = (thing: NonNullable<KindData['laidOut']>): ReadonlySet<ItemKind> =>
  new Set(having('laidOut', thing));
/** Kinds a teacher can hand out for times that were picked. */
export const HANDED_KINDS: readonly ItemKind[] = having('handedOut', true);
/** The kinds of answer a kind of task takes; `observed` and `no-answer` belong to every one. */
export const answersOf = (kind: ItemKind): readonly AnswerKind[] => KINDS[kind].answers;
/** The kind a kind of task is printed as; most are themselves. */
export const printedAs = (kind: ItemKind): ItemKind => {
  const as = KINDS[kind].printedAs;
  return as === 'itself' ? kind : as;
};
