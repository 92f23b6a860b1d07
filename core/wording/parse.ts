import { ALL_DIAL_TIMES, timeOf, type DialTime } from '../clock/index.ts';
import { DEFAULT_CONVENTIONS, CHOICES, type Conventions } from '../conventions/index.ts';
import { fault, time, type ParsedWriting, type WrittenForm } from './faults.ts';
import { parseDigits } from './parseDigits.ts';
import { say, understoodPhrases } from './say.ts';
import { NUMBER_WORDS, type SaidKind } from './words.ts';

type WritingRules = Pick<Conventions, 'digitalForm' | 'otherForms'>;

const FORM_OF_KIND: Partial<Record<SaidKind, WrittenForm>> = { oclock: 'oclock', halfPast: 'half-past' };

/**
 * One spelling for what is spelled in several ways: case, blanks, apostrophes, hyphens, the final stop, numerals.
 * Numbers become words, so that "half past 4" and "half past four" are one text.
 */
const normalised = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[’‘`´]/g, "'")
    .replace(/\bo\s?'?\s?clock\b/g, "o'clock")
    .replace(/\b\d{1,2}\b/g, (digits) => NUMBER_WORDS[Number(digits)] ?? digits)
    .replace(/-/g, ' ')
    .replace(/[.!]+$/, '')
    .replace(/\s+/g, ' ')
    .trim();

/** Every phrase of every time in both Englishes, made from the same patterns that Hoppel speaks with. */
const makeIndex = (): Map<string, { time: DialTime; form: WrittenForm }> => {
  const index = new Map<string, { time: DialTime; form: WrittenForm }>();
  for (const english of CHOICES.english.choices)
    for (const at of ALL_DIAL_TIMES)
      for (const { kind, text } of understoodPhrases(at, english))
        index.set(normalised(text), { time: at, form: FORM_OF_KIND[kind] ?? 'words' });
  return index;
};
let index: ReturnType<typeof makeIndex> | undefined;

const HALF = /^half (\w+)$/;
const hourOfWord = (word: string): number | undefined => {
  const hour = NUMBER_WORDS.indexOf(word);
  return hour >= 1 && hour <= 12 ? hour : undefined;
};

const parseWords = (text: string): ParsedWriting => {
  const words = normalised(text);
  index ??= makeIndex();
  const found = index.get(words);
  if (found !== undefined) return time(found.time, found.form);
  if (/^(half past|o'clock|quarter (past|to|after|of)|half)$/.test(words)) return fault('hour-missing');
  const half = HALF.exec(words);
  if (half !== null && hourOfWord(half[1]!) !== undefined) return fault('half-without-past');
  return fault('not-a-time');
};

/** Digits and words of a time in one writing: the digits tell what was meant. */
const parseMixed = (text: string, rules: WritingRules): ParsedWriting | undefined => {
  const mixed = /(\d{1,2}[:.]\d{1,2})/.exec(text);
  if (mixed === null || !/past|clock|quarter|half|noon/i.test(text)) return undefined;
  const inner = parseDigits(mixed[1]!, rules);
  return fault('mixed-forms', inner?.kind === 'time' ? inner.time : undefined);
};

/**
 * A child's writing, read exactly as it stands: a time, or a precisely named fault. `4:30`, `04:30`, `4.30`, `four
 * thirty`, `half past 4`, `half past four o'clock` and `4 oclock` are times; `4:06` is one too, and a wrong answer for
 * half past four.
 */
export const parse = (text: string, rules: WritingRules = DEFAULT_CONVENTIONS): ParsedWriting => {
  const trimmed = text.trim();
  if (trimmed === '') return fault('nothing');
  return parseDigits(trimmed, rules) ?? parseMixed(trimmed, rules) ?? parseWords(trimmed);
};

/** What a teacher's quick entry was understood as, to be shown before it is used. */
export interface QuickEntry {
  readonly time: DialTime;
  /** The time as the class says it. */
  readonly echo: string;
}

/**
 * A teacher's quick entry, read leniently: `430`, `4`, `4 30`, `16:30` and `half 4` are understood and echoed. Nothing
 * when it cannot be understood.
 */
export const quickEntry = (text: string, conventions: Conventions = DEFAULT_CONVENTIONS): QuickEntry | undefined => {
  const read = parse(text);
  const half = HALF.exec(normalised(text));
  const understood =
    read.kind === 'time'
      ? read.time
      : (read.meant ??
        (half !== null && hourOfWord(half[1]!) !== undefined ? timeOf(hourOfWord(half[1]!)!, 30) : undefined));
  return understood === undefined ? undefined : { time: understood, echo: say(understood, conventions) };
};
