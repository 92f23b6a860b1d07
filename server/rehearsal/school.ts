import type { Database } from 'better-sqlite3';
import { v4 as newId } from 'uuid';
import type { Lesson } from '../../contract/index.ts';
import { seedFromText, seededRng, shuffled, type Rng } from '../../core/common/index.ts';
import type { Item } from '../../core/items/index.ts';
import { PICTURES, type Picture } from '../../core/pictures/index.ts';
import { answerOf, drawChild, type Believed, type MadeUpChild } from '../../core/rehearsal/index.ts';
import { createClassRepository } from '../classes/classRepository.ts';
import { createClassSetUp } from '../classes/setUpClass.ts';
import type { Classroom } from '../classroom/classroom.ts';
import type { Classrooms } from '../classroom/classrooms.ts';
import { unitFileOf } from '../plan/unitFile.ts';

/** What a rehearsal is drawn from. */
export interface DrawnFrom {
  readonly classroom: Classroom;
  readonly lesson: Lesson;
  readonly believed: readonly Believed[];
}
interface Parts {
  readonly db: Database;
  readonly classrooms: Classrooms;
  /** Sets the clock of the made-up school. */
  readonly setClock: (to: Date) => void;
  readonly seed: string;
  /** Lets others have their turn between two steps. */
  readonly giveTurn: () => Promise<void>;
}

/** A made-up class of as many children as the real one has. */
export interface MadeUpClass {
  readonly classroom: Classroom;
  /** By the id the child has in it. */
  readonly children: ReadonlyMap<number, MadeUpChild>;
}

/** When a lesson of the made-up class begins. */
const AT = 'T09:00:00';
/** So many of the latest lessons that were answered in the made-up class answers too: enough to know it by, soon done. */
const LESSONS_BEHIND = 6;
/** Parts of a lesson whose answers are written down. */
const RECORDED: ReadonlySet<string> = new Set(['together', 'show-me', 'alone', 'ticket']);

const itemsAsked = ({ segments }: Lesson): Item[] =>
  segments.flatMap(({ kind, items }) => (RECORDED.has(kind) ? items : []));

/** Named by its picture: nobody takes it for a child of the class. */
const nameOf = (picture: Picture): string => {
  const words = picture.replaceAll('-', ' ');
  return words.charAt(0).toUpperCase() + words.slice(1);
};

/** One made-up child for each real one, in an order that says nothing of which. */
const drawClass = (believed: readonly Believed[], rng: Rng): { picture: Picture; child: MadeUpChild }[] => {
  const pictures = shuffled(rng, PICTURES);
  return shuffled(rng, believed).map((one, i) => ({ picture: pictures[i]!, child: drawChild(one, rng) }));
};

/** The unit of the real class, and what became of its lessons. */
const copyUnit = async (from: Classroom, to: Classroom, giveTurn: () => Promise<void>): Promise<void> => {
  const plan = from.planner.plan();
  const file = unitFileOf('', plan);
  await giveTurn();
  to.planner.readIn(newId(), file);
  await giveTurn();
  const copied = to.lessons.all();
  plan.lessons.forEach(({ outcome }, i) => {
    if (outcome === 'left-out') to.planner.changeNow(newId(), { kind: 'outcome', lessonId: copied[i]!.id, outcome });
  });
};

/** What the made-up children answered in the lessons before, as they would have; others have their turn between two children. */
const answerBefore = async (
  { db, setClock, seed, giveTurn }: Parts,
  made: MadeUpClass,
  { classroom: real, lesson }: DrawnFrom,
): Promise<void> => {
  const held = real.lessons.taught();
  const numbers = real.lessons
    .all()
    .filter(({ id, number }) => number < lesson.number && held.has(id))
    .map(({ number }) => number)
    .slice(-LESSONS_BEHIND);
  const rng = seededRng(seedFromText(`before ${seed}`));
  const answer = db.transaction((one: Lesson, childId: number, child: MadeUpChild): void => {
    for (const item of itemsAsked(one)) {
      const row = { id: newId(), childId, lessonId: one.id, roundId: null, roundIndex: null, attempt: 1 };
      made.classroom.recorder.keep(row, item, answerOf(child, item, rng), 'simulated');
    }
  });
  for (const one of made.classroom.lessons.all().filter(({ number }) => numbers.includes(number))) {
    setClock(new Date(`${one.day}${AT}`));
    for (const [childId, child] of made.children) {
      answer(one, childId, child);
      await giveTurn();
    }
  }
};

/** Fills an empty school with a class that is drawn from a real one, on the morning of the lesson. */
export const fillSchool = async (parts: Parts, from: DrawnFrom): Promise<MadeUpClass> => {
  const { db, classrooms, setClock, seed, giveTurn } = parts;
  const { classroom: real, lesson, believed } = from;
  const rng = seededRng(seedFromText(`class ${seed}`));
  // The unit comes into a class of which nothing is past.
  setClock(new Date(`${real.lessons.all()[0]!.day}T07:00:00`));
  const drawn = drawClass(believed, rng);
  await giveTurn();
  createClassSetUp({ db, classes: createClassRepository(db), classrooms })({
    id: newId(),
    name: real.row().name,
    demo: true,
    children: drawn.map(({ picture }) => ({ name: nameOf(picture), picture })),
  });
  const classroom = classrooms.opened();
  classroom.settings.save(real.settings.one());
  classroom.change({ thresholds: real.row().thresholds });
  await giveTurn();
  await copyUnit(real, classroom, giveTurn);
  await giveTurn();
  const byName = new Map(drawn.map(({ picture, child }) => [nameOf(picture), child]));
  const children = new Map(classroom.children.all().map(({ id, name }) => [id, byName.get(name)!]));
  const made = { classroom, children };
  await answerBefore(parts, made, from);
  setClock(new Date(`${lesson.day}${AT}`));
  return made;
};
