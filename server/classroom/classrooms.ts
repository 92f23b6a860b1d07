import type { Request } from 'express';
import { littleByLittle } from '../common/littleByLittle.ts';
import { createClassroom, type Classroom, type ClassroomParts } from './classroom.ts';

/** Finds the class a request is about: today the one open, for every screen and tablet alike. */
export type FindClassroom = (req: Request) => Classroom;

/** The classes of this data file, each made when it is first asked for. */
export const createClassrooms = (parts: ClassroomParts) => {
  const { classes } = parts;
  const known = new Map<number, Classroom>();
  let ended = false;
  const one = (classId: number): Classroom => {
    const found = known.get(classId);
    if (found !== undefined) return found;
    const made = createClassroom(parts, classId);
    known.set(classId, made);
    // Whoever still asks while the server ends is answered, and told nothing after.
    if (ended) made.live.end();
    return made;
  };
  const opened = (): Classroom => one(classes.openId());
  return {
    one,
    opened,
    /** The class a child belongs to, open or not. @throws HoppelError unknown-child */
    ofChild: (childId: number): Classroom => one(classes.ofChild(childId)),
    /**
     * Opens another class by some work; every screen looks at it from then on, and the tablets of the one before start from their
     * pictures.
     */
    openBy: (work: () => void): void => {
      const before = opened();
      work();
      const after = opened();
      const view = before.relay.view();
      const screens = before.live.release();
      // The board that stands there is the same one.
      if (view !== null) after.relay.show(view);
      after.live.adopt(screens);
    },
    /** Nothing of it is held in memory any more: it was deleted. */
    forget: (classId: number): void => {
      known.delete(classId);
    },
    /** Makes ready what the first page needs, while others are served. */
    warm: async (): Promise<void> => {
      const { judged, classView, desk } = opened();
      for (const one of [judged, classView, desk]) await littleByLittle(one.warm(), () => ended);
    },
    end: async (): Promise<void> => {
      ended = true;
      for (const { live } of known.values()) live.end();
      for (const { room } of known.values()) await room.stop();
    },
  };
};
export type Classrooms = ReturnType<typeof createClassrooms>;
