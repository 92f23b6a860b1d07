import type { Database } from 'better-sqlite3';
import { DAY_EVENTS, SCHOOL_DAY } from '../../core/items/index.ts';
import { EVENT_PICTURES, type Picture } from '../../core/pictures/index.ts';
import { wordsOf } from '../../core/locales/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import type { Classrooms } from '../classroom/classrooms.ts';
import type { ClassRepository } from './classRepository.ts';

interface Parts {
  readonly db: Database;
  readonly classes: ClassRepository;
  readonly classrooms: Pick<Classrooms, 'one'>;
}

export interface NewClass {
  /** Made by the sender: the same again sets up nothing. */
  readonly id: string;
  readonly name: string;
  readonly demo: boolean;
  /** A class beside which it is made; the one opened last where none is said. */
  readonly beside?: number;
  /** Without a picture, each gets the next one no other child has. */
  readonly children: readonly { readonly name: string; readonly picture?: Picture }[];
}

/** Number time of a new class; the made-up school keeps it at nine too. */
const NUMBER_TIME = '09:00';
/** Loudness of a new class's chime, per cent: soft. */
const CHIME = 40;

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/**
 * Makes a class with its children and a school day to start from, all or nothing, and opens it. A class made beside another
 * begins with the conventions of the one open before: one choice holds everywhere.
 */
export const createClassSetUp = ({ db, classes, classrooms }: Parts) =>
  db.transaction((fresh: NewClass): void => {
    const known = classes.maybeBySender(fresh.id);
    if (known !== undefined) {
      classes.open(known);
      return;
    }
    const besideId = fresh.beside ?? classes.openId();
    const before = besideId === 0 ? undefined : classrooms.one(besideId).settings.one();
    const { name, demo } = fresh;
    const thresholds = { goOn: 80, withGroup: 50 };
    const id = classes.add(fresh.id, { name, demo, numberTime: NUMBER_TIME, thresholds, chime: CHIME });
    classes.open(id);
    const { settings, children, day } = classrooms.one(id);
    // Made-up children answer as the usual conventions have it, in the class's language.
    if (before !== undefined) settings.save(demo ? { ...settings.one(), locale: before.locale } : before);
    children.add(fresh.children);
    const { locale } = before ?? DEFAULT_CONVENTIONS;
    day.save(
      DAY_EVENTS.map((event) => ({
        name: capital(wordsOf(`clock.dayEvents.${event}`, locale)),
        picture: EVENT_PICTURES[event],
        at: SCHOOL_DAY[event],
      })),
    );
  });
export type ClassSetUp = ReturnType<typeof createClassSetUp>;
