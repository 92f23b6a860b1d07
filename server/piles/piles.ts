import { isDeepStrictEqual } from 'node:util';
import type { Database } from 'better-sqlite3';
import { v4 as newId } from 'uuid';
import type {
  AnswerRow,
  Pile,
  PileChild,
  PileDeed,
  PileList,
  PileMark,
  PileNews,
  PileSource,
  PileSummary,
} from '../../contract/index.ts';
import {
  againstTablets,
  commonRules,
  fittingTogether,
  hardestTask,
  suspectedRules,
  taskResults,
} from '../../core/checking/index.ts';
import type { Item } from '../../core/items/index.ts';
import { beliefOf, sharesOf, type Shares } from '../../core/diagnosis/index.ts';
import { sourceOf } from '../../core/sheets/index.ts';
import { skillOfItem } from '../../core/skills/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { createCorrecting } from '../answers/correctAnswer.ts';
import { roundItem, type Recorder } from '../answers/recordAnswer.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { DeskService } from '../lessons/desk.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import { taughtAgain } from '../record/taughtAgain.ts';
import type { JudgedAnswers } from '../record/judgedAnswers.ts';
import type { ClassViewService } from '../record/classView.ts';
import type { RoundRepository } from '../rounds/roundRepository.ts';
import type { KeptPrinting, SheetRepository } from '../sheets/sheetRepository.ts';
import { createPileOpener, tasksAsked } from './openPile.ts';
import type { KeptPile, PileRepository } from './pileRepository.ts';

interface Parts {
  readonly db: Database;
  readonly piles: PileRepository;
  readonly sheets: SheetRepository;
  readonly lessons: LessonRepository;
  readonly children: ChildRepository;
  readonly answers: Pick<AnswerRepository, 'countedOfChild' | 'maybe'>;
  readonly rounds: RoundRepository;
  readonly recorder: Recorder;
  readonly correcting: Pick<ReturnType<typeof createCorrecting>, 'keep'>;
  readonly judged: Pick<JudgedAnswers, 'judgeAnew' | 'ofChild'>;
  readonly desk: Pick<DeskService, 'saidBy'>;
  readonly classView: Pick<ClassViewService, 'ofClass'>;
  readonly now: Now;
}

/** What came of some deeds: what screens are told, and answers that were kept. */
export interface Done {
  readonly news: PileNews;
  readonly rows: readonly AnswerRow[];
}
/** A child in a pile, without what is suspected of it. */
type InPile = Omit<PileChild, 'suspected'>;
type Deed<W extends PileDeed['what']> = Extract<PileDeed, { what: W }>;

/** Piles of paper: opened, marked, summed up. */
export const createPiles = (parts: Parts) => {
  const { db, piles, sheets, lessons, children, answers, rounds, recorder, correcting, judged, desk, classView, now } =
    parts;
  const run = newId();
  let said = 0;
  const opener = createPileOpener({ piles, sheets, lessons, rounds, now });
  const printingOf = ({ printing }: KeptPile): KeptPrinting | undefined =>
    printing === null ? undefined : sheets.printing(printing);
  const formsOf = ({ forms, roundId }: KeptPile): readonly (readonly Item[])[] =>
    roundId === null ? forms : [tasksAsked(rounds, roundId)];

  /** Children of a pile in class order: those a copy was printed for; all, where copies have no names, or there are none. */
  const childrenOf = (pile: KeptPile): InPile[] => {
    const printing = printingOf(pile);
    const copies = printing?.copies ?? [];
    const toldOf = new Map(piles.children(pile.id).map((one) => [one.childId, one]));
    const absent = new Set(children.absentIds(pile.day));
    const away = new Set(pile.roundId === null ? absent : rounds.one(pile.roundId).away);
    const forAll = copies.length === 0 || copies.some(({ childId }) => childId === null);
    return children
      .all()
      .map(({ id }, row) => {
        const at = copies.findIndex(({ childId }) => childId === id);
        const usual = at >= 0 ? copies[at]!.form : row % pile.forms.length;
        return {
          childId: id,
          copy: at >= 0 ? at + 1 : null,
          form: toldOf.get(id)?.form ?? usual,
          away: toldOf.get(id)?.away ?? away.has(id),
        };
      })
      .filter(({ childId, copy }) => forAll || copy !== null || toldOf.has(childId));
  };
  const sharesOfChild = (childId: number): Shares =>
    sharesOf(beliefOf(judged.ofChild(childId).answers, taughtAgain(lessons, dayOf(now()))));

  const kindOf = ({ origin }: KeptPile): Pile['kind'] => {
    const word = origin.split(' ')[0]!;
    return word === 'printing' || word === 'round' || word === 'tasks' ? word : 'lesson';
  };
  const printedOf = (pile: KeptPile): Pile['printed'] => {
    const printing = printingOf(pile);
    if (printing === undefined) return null;
    const { sheet, setting, number } = printing;
    const lesson = lessons.all().find(({ id }) => id === sheet.lessonId);
    const isOther = sheet.part !== null && lesson !== undefined && sourceOf(lesson, sheet.part) !== sheet.source;
    return {
      number,
      content: sheet.content,
      conventions: setting.conventions,
      day: setting.day,
      changedSince: sheet.source !== null && isOther,
    };
  };
  const sendable = (pile: KeptPile): Pile => {
    const own = childrenOf(pile);
    const shares = own.map(({ childId }) => sharesOfChild(childId));
    return {
      id: pile.id,
      kind: kindOf(pile),
      lessonId: pile.lessonId,
      day: pile.day,
      madeAt: pile.madeAt,
      forms: formsOf(pile).map((tasks) => [...tasks]),
      children: own.map((child, i) => ({ ...child, suspected: suspectedRules(shares[i]!) })),
      marks: piles.marks(pile),
      common: commonRules(shares),
      printed: printedOf(pile),
    };
  };

  /** The child of a deed, of this class and among those of the pile. @throws HoppelError unknown-child when it moved away, not-in-pile */
  const childOf = (own: readonly InPile[], childId: number): InPile => {
    children.here(childId);
    const found = own.find((one) => one.childId === childId);
    if (found === undefined) throw new HoppelError('not-in-pile');
    return found;
  };
  /** The day an answer counts for: of paper that came later, the day it came. */
  const dayFor = ({ id, day }: KeptPile, childId: number): string =>
    piles.wasAway(id, childId, dayOf(now())) || children.absentIds(day).includes(childId) ? dayOf(now()) : day;

  const keepMark = (pile: KeptPile, own: readonly InPile[], deed: Deed<'mark'>): AnswerRow | undefined => {
    const { id, childId, task, item, answer, fromFile } = deed;
    const child = childOf(own, childId);
    // What was sent before is kept already.
    if (recorder.repeatOf(deed) !== undefined) return undefined;
    const wanted = formsOf(pile)[child.form]?.[task];
    if (wanted === undefined || !isDeepStrictEqual(wanted, item)) throw new HoppelError('task-changed');
    const source = fromFile === true ? 'file' : pile.roundId === null ? 'paper' : 'teacher';
    const shared = { id, childId, lessonId: pile.lessonId, attempt: 1 };
    if (pile.roundId === null)
      return recorder.keep(
        { ...shared, roundId: null, roundIndex: null, pileId: pile.id, task, day: dayFor(pile, childId) },
        item,
        answer,
        source,
      );
    const round = rounds.one(pile.roundId);
    return recorder.keep(
      { ...shared, lessonId: round.lessonId, roundId: round.id, roundIndex: task, day: pile.day },
      roundItem(round, task),
      answer,
      source,
    );
  };
  const takeBack = (
    pile: KeptPile,
    own: readonly InPile[],
    { id, childId, task, answerId }: Deed<'take-back'>,
  ): void => {
    childOf(own, childId);
    const row = answers.maybe(answerId);
    const isHere =
      pile.roundId === null
        ? row?.pileId === pile.id && row.task === task
        : row?.roundId === pile.roundId && row.roundIndex === task;
    if (row?.childId !== childId || !isHere) throw new HoppelError('unknown-answer');
    correcting.keep({ id, answerId, says: 'out' });
  };
  const say = (pile: KeptPile, { id, childId, away, form }: Deed<'child'>): void => {
    children.here(childId);
    if (form >= pile.forms.length) throw new HoppelError('malformed', 'form: there is no such form');
    piles.say(id, pile.id, { childId, away, form }, now());
  };

  const markNow = (marks: readonly PileMark[], childId: number, task: number): PileMark | null =>
    marks.find((one) => one.childId === childId && one.task === task) ?? null;
  const newsOf = (pile: KeptPile, deeds: readonly PileDeed[]): PileNews => {
    const marks = piles.marks(pile);
    const touched = new Set(deeds.flatMap((deed) => (deed.what === 'child' ? [deed.childId] : [])));
    return {
      pileId: pile.id,
      places: deeds.flatMap((deed) =>
        deed.what === 'child'
          ? []
          : [{ childId: deed.childId, task: deed.task, mark: markNow(marks, deed.childId, deed.task) }],
      ),
      children: childrenOf(pile).flatMap(({ childId, form, away }) =>
        touched.has(childId) ? [{ childId, form, away }] : [],
      ),
      saidAs: { run, seq: ++said },
    };
  };

  const keepAll = db.transaction((id: string, deeds: readonly PileDeed[]): Done => {
    const pile = piles.one(id);
    let own = childrenOf(pile);
    const rows = deeds.flatMap((deed) => {
      switch (deed.what) {
        case 'mark':
          return keepMark(pile, own, deed) ?? [];
        case 'take-back':
          takeBack(pile, own, deed);
          return [];
        case 'child':
          say(pile, deed);
          own = childrenOf(pile);
          return [];
      }
    });
    return { news: newsOf(pile, deeds), rows };
  });

  return {
    list: (): PileList =>
      piles.all().map((pile) => ({
        id: pile.id,
        kind: kindOf(pile),
        lessonId: pile.lessonId,
        day: pile.day,
        madeAt: pile.madeAt,
        title: printingOf(pile)?.sheet.content.title ?? '',
        marked: pile.marked,
        children: childrenOf(pile).length,
      })),
    /** @throws HoppelError why it cannot be opened */
    open: (id: string, source: PileSource): { pile: Pile; fresh: boolean } => {
      const { pile, fresh } = opener.open(id, source);
      return { pile: sendable(pile), fresh };
    },
    /** @throws HoppelError unknown-pile */
    one: (id: string): Pile => sendable(piles.one(id)),
    /**
     * Keeps what a teacher did, all of it or nothing; what was sent before is kept once.
     * @throws HoppelError unknown-pile, unknown-child, not-in-pile, task-changed, unknown-answer, id-taken, malformed
     */
    do: (id: string, deeds: readonly PileDeed[]): Done => {
      const done = keepAll(id, deeds);
      // Only what is kept is judged: within the transaction it might still be taken back.
      const touched = new Set(deeds.flatMap((deed) => (deed.what === 'take-back' ? [deed.childId] : [])));
      touched.forEach(judged.judgeAnew);
      return done;
    },
    /** What it says. @throws HoppelError unknown-pile */
    summary: (id: string): PileSummary => {
      const pile = piles.one(id);
      const own = childrenOf(pile);
      const forms = formsOf(pile);
      const formOf = new Map(own.map(({ childId, form }) => [childId, form]));
      const marks = piles.marks(pile);
      const counted = marks.flatMap(({ childId, task, verdict }) => {
        const item = forms[formOf.get(childId) ?? 0]?.[task];
        return item === undefined ? [] : [{ childId, task, verdict, skill: skillOfItem(item) }];
      });
      const tasks = taskResults(counted);
      const marked = new Set(counted.map(({ childId }) => childId));
      const tablets = own.flatMap(({ childId }) =>
        answers
          .countedOfChild(childId)
          .filter(({ source }) => source === 'tablet' || source === 'simulated')
          .map(({ item, verdict }) => ({ childId, verdict, skill: skillOfItem(item) })),
      );
      const lesson = lessons.all().find((one) => one.id === pile.lessonId);
      const reasons = new Map<string, PileSummary['reasons'][number]>();
      for (const { childId, reason } of classView.ofClass().children) {
        if (reason === null || !marked.has(childId)) continue;
        const same = reasons.get(reason.need);
        reasons.set(reason.need, { reason: same?.reason ?? reason, childIds: [...(same?.childIds ?? []), childId] });
      }
      return {
        tasks: [...tasks],
        hardest: hardestTask(tasks)?.task ?? null,
        unmarked: own.flatMap(({ childId, away }) => (away || marked.has(childId) ? [] : [childId])),
        reasons: [...reasons.values()].sort((a, b) => b.childIds.length - a.childIds.length),
        fits: fittingTogether(
          marks.map(({ childId, findings }) => ({
            childId,
            rules: findings.flatMap((finding) => (finding.kind === 'rule' ? [finding.rule] : [])),
          })),
        ).map(({ rule, childIds }) => ({ rule, childIds: [...childIds] })),
        known: lesson === undefined ? null : desk.saidBy(lesson),
        tablets: againstTablets(counted, tablets),
        taps: marks.filter(({ read }) => read.kind === 'observed' && !read.got).length,
      };
    },
  };
};
export type Piles = ReturnType<typeof createPiles>;
