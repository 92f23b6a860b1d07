import { entryText, type RecordedAnswer, type Standing } from '../../core/exchange/index.ts';
import { lessonTitle } from '../../core/reporting/index.ts';
import { currentLesson, lessonsMet } from '../../core/planning/index.ts';
import type { Picture } from '../../core/pictures/index.ts';
import { familyPage, overviewPages, type Page } from '../../core/sheets/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { ClassRow } from '../classes/classRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { Piles } from '../piles/piles.ts';
import type { ClassViewService } from '../record/classView.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import { shortDay } from '../sheets/days.ts';

interface Parts {
  /** @throws HoppelError no-class */
  readonly row: () => ClassRow;
  /** What the class is known by everywhere. */
  readonly key: () => string;
  readonly answers: Pick<AnswerRepository, 'everyAfter'>;
  readonly children: ChildRepository;
  readonly lessons: LessonRepository;
  readonly settings: Pick<SettingsRepository, 'one'>;
  readonly classView: ClassViewService;
  readonly piles: Pick<Piles, 'one'>;
  readonly now: Now;
}

/** Rows read at once while a file is written. */
const AT_A_TIME = 500;

/** The record of a class for other programs, and for people on paper. */
export const createExchange = ({ row, key, answers, children, lessons, settings, classView, piles, now }: Parts) => {
  const standings = (): (Standing & { readonly picture: Picture })[] => {
    const known = new Map(classView.ofClass().children.map((one) => [one.childId, one]));
    return children.all().map(({ id, name, picture }) => ({
      childId: id,
      name,
      picture: picture as Picture,
      skills: known.get(id)?.skills ?? {},
      need: known.get(id)?.reason?.need,
      rule: known.get(id)?.reason?.rule ?? undefined,
    }));
  };
  const heading = () => {
    const conventions = settings.one();
    return { conventions, className: row().name, day: shortDay(dayOf(now()), conventions.locale) };
  };
  return {
    standings,
    key,
    /** Every answer of the class, some at a time, oldest first. */
    *answers(): Generator<RecordedAnswer[], void> {
      const conventions = settings.one();
      const names = new Map([...children.all(), ...children.movedAway()].map(({ id, name }) => [id, name]));
      const path = new Map(lessons.all().map((lesson) => [lesson.id, lesson]));
      let after = 0;
      for (;;) {
        const some = answers.everyAfter(after, AT_A_TIME);
        if (some.length === 0) return;
        after = some.at(-1)!.seq;
        yield some.map(({ lessonId, childId, ...rest }) => {
          const lesson = path.get(lessonId);
          return {
            ...rest,
            childId,
            lessonId,
            name: names.get(childId) ?? '',
            lesson: lesson?.number,
            lessonTitle: lesson === undefined ? '' : lessonTitle(lesson, conventions),
          };
        });
      }
    },
    /** A pile as it can be read in again: child, task, answer. @throws HoppelError unknown-pile */
    pile: (id: string): string[][] => {
      const conventions = settings.one();
      const { marks, children: own } = piles.one(id);
      return [
        ['child', 'task', 'answer'],
        ...own.flatMap(({ childId }) =>
          marks
            .filter((mark) => mark.childId === childId)
            .sort((a, b) => a.task - b.task)
            .map(({ task, read }) => [children.one(childId).name, String(task + 1), entryText(read, conventions)]),
        ),
      ];
    },
    overview: (): Page[] => overviewPages({ ...heading(), rows: standings() }),
    /** A page for each family, or for one. @throws HoppelError unknown-child */
    families: (childId?: number): Page[] => {
      const all = lessons.all();
      const current = currentLesson(all, dayOf(now()));
      const taught = current === undefined ? [] : lessonsMet(all, current.number).flatMap(({ skills }) => skills);
      const wanted = childId === undefined ? children.all() : [children.here(childId)];
      const known = new Map(standings().map((one) => [one.childId, one]));
      return wanted.map(({ id, name, picture }) =>
        familyPage({
          ...heading(),
          name,
          picture: picture as Picture,
          taught,
          skills: known.get(id)?.skills ?? {},
        }),
      );
    },
  };
};
export type Exchange = ReturnType<typeof createExchange>;
