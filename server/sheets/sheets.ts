import type {
  ListedSheet,
  OwnForms,
  PostOwnForms,
  PostPrinting,
  Printing,
  PutSheet,
  Sheet,
  SheetFile,
} from '../../contract/index.ts';
import { seedFromText } from '../../core/common/index.ts';
import { currentLesson, groupsOf, lessonsMet, timesMet } from '../../core/planning/index.ts';
import { needsOf } from '../../core/practice/index.ts';
import { formByNeed, layPages, pagesOf, type Page, type SheetCopy } from '../../core/sheets/index.ts';
import type { Picture } from '../../core/pictures/index.ts';
import type { ClassRow } from '../classes/classRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { taughtAgain } from '../record/taughtAgain.ts';
import type { JudgedAnswers } from '../record/judgedAnswers.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import { shortDay } from './days.ts';
import type { KeptPrinting, PrintSetting, SheetRepository } from './sheetRepository.ts';

interface Parts {
  /** @throws HoppelError no-class */
  readonly row: () => ClassRow;
  readonly sheets: SheetRepository;
  readonly lessons: LessonRepository;
  readonly children: ChildRepository;
  readonly judged: Pick<JudgedAnswers, 'ofChild'>;
  readonly settings: Pick<SettingsRepository, 'one'>;
  readonly now: Now;
}

/** Which thing on the desk's list a part's paper is. */
const READY = { ticket: 'ticket-paper', alone: 'practice-paper' } as const;

/** Sheets of a class: made, kept, printed, printed again. */
export const createSheets = ({ row, sheets, lessons, children, judged, settings, now }: Parts) => {
  /** Copies as they are laid out: names and pictures as they are now, moved away or not. */
  const copiesOf = ({ copies }: KeptPrinting): SheetCopy[] =>
    copies.map(({ childId, form }) => {
      if (childId === null) return { form };
      const { name, picture } = children.one(childId);
      return { form, name, picture: picture as Picture };
    });
  const sendable = (printing: KeptPrinting): Printing => ({
    number: printing.number,
    printedAt: printing.printedAt,
    copies: printing.copies.length,
    pages: pagesOf(printing.sheet.content, copiesOf(printing), printing.setting.conventions),
    version: printing.sheet.version,
  });
  /** What a sheet is printed for now: the class's conventions, and the day of its lesson, or today. */
  const settingOf = ({ lessonId }: Pick<Sheet, 'lessonId'>): PrintSetting => {
    const conventions = settings.one();
    const lesson = lessons.all().find((one) => one.id === lessonId);
    return { conventions, day: shortDay(lesson?.day ?? dayOf(now()), conventions.locale) };
  };
  return {
    settingOf,
    list: (): ListedSheet[] =>
      sheets.all().map(({ id, version, content, lessonId, part, source, madeAt }) => ({
        id,
        version,
        title: content.title,
        type: content.type,
        tasks: content.forms[0]!.length,
        lessonId,
        part,
        source,
        madeAt,
        printings: sheets.printings(id).map(sendable),
        answered: sheets.marked(id),
      })),
    one: (id: string): Sheet => {
      const { version, lessonId, part, source, childIds, recipe, content } = sheets.one(id);
      return { id, version, lessonId, part, source, childIds, recipe, content };
    },
    /** @throws HoppelError unknown-lesson, sheet-moved-on */
    keep: (id: string, sheet: PutSheet): void => {
      row();
      if (sheet.lessonId !== null && !lessons.isKnown(sheet.lessonId)) throw new HoppelError('unknown-lesson');
      sheet.childIds.forEach((childId) => children.one(childId));
      sheets.keep(id, sheet, now());
    },
    /** A sheet from a file: a new one of no lesson. The same id again keeps nothing twice. */
    readIn: (id: string, { recipe, content }: SheetFile): void => {
      row();
      sheets.keep(id, { version: 1, lessonId: null, part: null, source: null, childIds: [], recipe, content }, now());
    },
    /**
     * Prints a version, and ticks what it was printed for.
     * @throws HoppelError unknown-sheet, unknown-child when one moved away, malformed when a form is not there
     */
    print: (id: string, job: PostPrinting): Printing => {
      const wanted = sheets.version(id, job.version);
      for (const { childId, form } of job.copies) {
        if (childId !== null) children.here(childId);
        if (form >= wanted.content.forms.length) throw new HoppelError('malformed', 'copies: there is no such form');
      }
      const lesson = lessons.all().find((one) => one.id === wanted.lessonId);
      const printing = sheets.print(id, job, settingOf(wanted), now());
      if (lesson !== undefined && wanted.part !== null) lessons.tick(lesson.id, READY[wanted.part], true);
      return sendable(printing);
    },
    printing: sheets.printing,
    /** The pages of a printing, one after another. */
    pages: (printing: KeptPrinting): Generator<Page, void> =>
      layPages(printing.sheet.content, copiesOf(printing), { ...printing.setting, printing: printing.number }),
    /** Whose own each form is, for a key; empty where forms go by their letters. */
    namesOfForms: ({ childIds }: Pick<Sheet, 'childIds'>): string[] => childIds.map((id) => children.one(id).name),
    /** A form for each child by what it needs. @throws HoppelError no-unit, unknown-child */
    ownForms: ({ recipe, childIds }: PostOwnForms): OwnForms => {
      const today = dayOf(now());
      const all = lessons.all();
      const current = currentLesson(all, today);
      if (current === undefined) throw new HoppelError('no-unit');
      const taught = lessonsMet(all, current.number);
      const times = timesMet([...groupsOf(taught), ...recipe.groups]);
      const skills = taught.flatMap((one) => one.skills);
      const again = taughtAgain(lessons, today);
      const forms = childIds.map((childId) => {
        const { id } = children.here(childId);
        const needs = needsOf(judged.ofChild(id).answers, skills, times, today, again);
        return formByNeed(recipe, needs, seedFromText(`${recipe.seed} ${id}`));
      });
      if (forms.some((form) => form.length === 0)) throw new HoppelError('malformed', 'recipe: it asks for no task');
      return { forms: forms.map((form) => [...form]) };
    },
  };
};
export type Sheets = ReturnType<typeof createSheets>;
