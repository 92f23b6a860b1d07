import { ALL_DIAL_TIMES, isHalfPast, type DialTime } from '../clock/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions, type LocaleTag } from '../conventions/index.ts';
import { localeOf, oneSpelling, patternFilled, waysOf, withoutFinalStop, type Grammar } from '../locales/index.ts';
import { fault, time, type ParsedWriting, type WrittenForm } from './faults.ts';
import { parseDigits } from './parseDigits.ts';
import { say } from './say.ts';

type WritingRules = Pick<Conventions, 'digitalForm' | 'otherForms' | 'locale'>;

const FORM_OF_WAY: Readonly<Record<string, WrittenForm>> = { oclock: 'oclock', halfPast: 'half-past' };

/** What the words of a language can mean, each text in one spelling. */
interface Understood {
  /** Every phrase of every time, made from the same patterns that Hoppel speaks with. */
  readonly times: ReadonlyMap<string, ParsedWriting>;
  /** A half whose hour nobody can be sure of, and the time a grown-up would mean by it. */
  readonly halves: ReadonlyMap<string, DialTime>;
  readonly withoutHour: ReadonlySet<string>;
  /** Phrases in which hour and minutes stand side by side: in words, both, or neither. */
  readonly sideBySide: ReadonlySet<string>;
}

const understand = (grammar: Grammar): Understood => {
  const times = new Map<string, ParsedWriting>();
  const sideBySide = new Set<string>();
  for (const at of ALL_DIAL_TIMES)
    for (const { name, said, understood = [] } of waysOf(grammar, at, 'both'))
      for (const pattern of [...said, ...understood]) {
        const text = oneSpelling(patternFilled(pattern, grammar, at, 'words'), grammar);
        times.set(text, time(at, FORM_OF_WAY[name] ?? 'words'));
        if (pattern.includes('{hourSaid}')) sideBySide.add(text);
      }
  const halves = new Map<string, DialTime>();
  if (grammar.halfAlone !== undefined)
    for (const half of ALL_DIAL_TIMES.filter(isHalfPast))
      halves.set(oneSpelling(patternFilled(grammar.halfAlone, grammar, half, 'words'), grammar), half);
  return {
    times,
    halves,
    sideBySide,
    withoutHour: new Set(grammar.withoutHour.map((text) => oneSpelling(text, grammar))),
  };
};

const known = new Map<LocaleTag, Understood>();
/** Made when a language is first read, for that takes some milliseconds. */
const understoodIn = (tag: LocaleTag): Understood => {
  const before = known.get(tag);
  if (before !== undefined) return before;
  const made = understand(localeOf(tag).grammar);
  known.set(tag, made);
  return made;
};

const parseWords = (text: string, { locale }: WritingRules): ParsedWriting => {
  const words = oneSpelling(text, localeOf(locale).grammar);
  const { times, halves, withoutHour, sideBySide } = understoodIn(locale);
  const found = times.get(words);
  // "4 thirty" is said by nobody: with minutes in words the hour is in words too.
  if (found?.kind === 'time' && sideBySide.has(words) && /\d/.test(text)) return fault('mixed-forms', found.time);
  if (found !== undefined) return found;
  if (withoutHour.has(words)) return fault('hour-missing');
  return fault(halves.has(words) ? 'half-without-past' : 'not-a-time');
};

/** Digits and words of a time in one writing: the digits tell what was meant. */
const parseMixed = (text: string, rules: WritingRules): ParsedWriting | undefined => {
  const mixed = /\d{1,2}[:.]\d{1,2}/.exec(text);
  const written = text.toLowerCase();
  if (mixed === null || !localeOf(rules.locale).grammar.timeWords.some((word) => written.includes(word)))
    return undefined;
  const inner = parseDigits(mixed[0], rules);
  return fault('mixed-forms', inner?.kind === 'time' ? inner.time : undefined);
};

/** No time is written with more letters: what is longer is not looked through. */
const LONGEST = 80;

/**
 * A child's writing, read exactly as it stands: a time, or a precisely named fault. `4:30`, `04:30`, `4.30`, `four
 * thirty`, `half past 4`, `30 past 4`, `half past four o'clock` and `4oclock` are times; `4:06` is one too, and a wrong answer
 * for half past four. Wide digits and dots, as some keyboards have them, and a final stop are nobody's fault.
 */
export const parse = (text: string, rules: WritingRules = DEFAULT_CONVENTIONS): ParsedWriting => {
  const trimmed = withoutFinalStop(text.normalize('NFKC').trim());
  if (trimmed === '') return fault('nothing');
  if (trimmed.length > LONGEST) return fault('not-a-time');
  return parseDigits(trimmed, rules) ?? parseMixed(trimmed, rules) ?? parseWords(trimmed, rules);
};

/**
 * The same text with its hour in words where minutes in words stand beside it: "4 thirty", as it is laid from tiles, is "four thirty" in
 * writing. Any other text stays as it is.
 */
export const hourInWords = (text: string, { locale }: Pick<Conventions, 'locale'>): string => {
  const { grammar } = localeOf(locale);
  if (!understoodIn(locale).sideBySide.has(oneSpelling(text, grammar))) return text;
  return text.replace(/\d{1,2}/, (digits) => grammar.numbers[Number(digits)] ?? digits);
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
  const { locale } = conventions;
  const read = parse(text, { ...DEFAULT_CONVENTIONS, locale });
  const half = understoodIn(locale).halves.get(oneSpelling(text, localeOf(locale).grammar));
  const understood = read.kind === 'time' ? read.time : (read.meant ?? half);
  return understood === undefined ? undefined : { time: understood, echo: say(understood, conventions) };
};
