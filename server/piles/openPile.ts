import { createHash } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { Lesson, PileSource } from '../../contract/index.ts';
import type { Item } from '../../core/items/index.ts';
import { currentLesson } from '../../core/planning/index.ts';
import { readCode, sourceOf, tasksOfPart } from '../../core/sheets/index.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { RoundRepository } from '../rounds/roundRepository.ts';
import type { KeptPrinting, SheetRepository } from '../sheets/sheetRepository.ts';
import type { KeptPile, PileRepository } from './pileRepository.ts';

interface Parts {
  readonly piles: PileRepository;
  readonly sheets: SheetRepository;
  readonly lessons: LessonRepository;
  readonly rounds: RoundRepository;
  readonly now: Now;
}
/** What a source comes to, before it is a pile. */
type Found = Pick<KeptPile, 'origin' | 'printing' | 'roundId' | 'lessonId' | 'day'> & {
  readonly forms: readonly (readonly Item[])[];
};

/** Tasks of a round that were asked so far. */
export const tasksAsked = (rounds: RoundRepository, roundId: string): Item[] => {
  const { entries, index } = rounds.one(roundId);
  return entries.slice(0, index + 1).map(({ item }) => item);
};

/** Finds what a pile is opened from, and opens it: the same source is the same pile. */
export const createPileOpener = ({ piles, sheets, lessons, rounds, now }: Parts) => {
  const today = (): string => dayOf(now());
  /** The lesson a paper without one of its own counts for. @throws HoppelError no-unit */
  const lessonNow = (): Lesson => {
    const lesson = currentLesson(lessons.all(), today());
    if (lesson === undefined) throw new HoppelError('no-unit');
    return lesson;
  };
  const maybeLesson = (id: number | null): Lesson | undefined => lessons.all().find((one) => one.id === id);
  /** A lesson's paper was answered on its day, unless that is still to come. */
  const dayOfPaper = (lesson: Lesson | undefined): string => {
    const at = today();
    return lesson === undefined || lesson.day > at ? at : lesson.day;
  };
  const ofPrinting = ({ number, sheet }: KeptPrinting): Found => {
    const lesson = maybeLesson(sheet.lessonId);
    return {
      origin: `printing ${number}`,
      printing: number,
      roundId: null,
      lessonId: sheet.lessonId ?? lessonNow().id,
      day: dayOfPaper(lesson),
      forms: sheet.content.forms,
    };
  };
  const ofCode = (text: string): Found => {
    const code = readCode(text);
    if (code === undefined) throw new HoppelError('unknown-code');
    const printing = sheets.maybePrinting(code.printing);
    if (printing === undefined)
      throw new HoppelError(sheets.isOfAnotherClass(code.printing) ? 'code-of-another-class' : 'unknown-code');
    if (code.copy > printing.copies.length) throw new HoppelError('unknown-code');
    return ofPrinting(printing);
  };
  const ofLesson = (lessonId: number, part: 'ticket' | 'alone'): Found => {
    const lesson = lessons.one(lessonId);
    const printed = sheets.latestPrinting(lessonId, part);
    if (printed !== undefined) return ofPrinting(printed);
    const before = lessons.all().filter(({ number }) => number < lesson.number);
    const tasks = tasksOfPart({ lesson, before }, part);
    return {
      origin: `${part} ${lessonId} ${sourceOf(lesson, part)}`,
      printing: null,
      roundId: null,
      lessonId,
      day: dayOfPaper(lesson),
      forms: [tasks],
    };
  };
  const ofRound = (): Found => {
    const latest = rounds.latest();
    if (latest === undefined) throw new HoppelError('no-round');
    const { id, lessonId } = latest.round;
    return {
      origin: `round ${id}`,
      printing: null,
      roundId: id,
      lessonId,
      day: latest.day,
      forms: [tasksAsked(rounds, id)],
    };
  };
  const found = (source: PileSource): Found => {
    switch (source.kind) {
      case 'printing':
        return ofPrinting(sheets.printing(source.printing));
      case 'code':
        return ofCode(source.code);
      case 'lesson':
        return ofLesson(source.lessonId, source.part);
      case 'round':
        return ofRound();
      case 'tasks': {
        const { id: lessonId } = lessonNow();
        // The same tasks in the same lesson are the same pile, whoever opens it and from which window.
        const tasks = createHash('sha256').update(JSON.stringify(source.items)).digest('hex');
        return {
          origin: `tasks ${lessonId} ${tasks}`,
          printing: null,
          roundId: null,
          lessonId,
          day: today(),
          forms: [source.items],
        };
      }
    }
  };
  return {
    /**
     * @param id for a pile that is not there yet
     * @throws HoppelError unknown-code, code-of-another-class, unknown-sheet, unknown-lesson, no-round, no-unit, nothing-to-mark, id-taken
     */
    open: (id: string, source: PileSource): { pile: KeptPile; fresh: boolean } => {
      // Sent again, the next day too, it is the pile it was.
      if (source.kind === 'tasks') {
        const sent = piles.maybe(id);
        if (sent !== undefined && isDeepStrictEqual(sent.forms, [source.items])) return { pile: sent, fresh: false };
      }
      const { origin, ...rest } = found(source);
      const known = piles.maybeOf(origin);
      if (known !== undefined) return { pile: known, fresh: false };
      if (rest.forms.every((tasks) => tasks.length === 0)) throw new HoppelError('nothing-to-mark');
      const pile: KeptPile = { id, origin, ...rest, madeAt: now().toISOString() };
      piles.add(pile);
      return { pile, fresh: true };
    },
  };
};
