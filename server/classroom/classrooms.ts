import type { Request } from 'express';
import type { Ticks } from '../clock.ts';
import { littleByLittle } from '../common/littleByLittle.ts';
import { createJudging } from '../record/judgedAnswers.ts';
import type { Pairing } from '../remote/pairing.ts';
import { createClassroom, type Classroom, type ClassroomParts } from './classroom.ts';
import { createScreens, type Screen } from './screens.ts';

/** Finds the class a request is about: that of its tablet, its remote or its screen. */
export type FindClassroom = (req: Request) => Classroom;

interface Parts extends Omit<ClassroomParts, 'judging'> {
  readonly ticks: Ticks;
  /** Remotes follow their board to another class. */
  readonly pairing: Pick<Pairing, 'follow'>;
}

/** The classes of this data file, each made when it is first asked for, and the screens that look at them. */
export const createClassrooms = (parts: Parts) => {
  const { classes, pairing } = parts;
  const known = new Map<number, Classroom>();
  const screens = createScreens(parts.ticks);
  const judging = createJudging();
  let ended = false;
  const one = (classId: number): Classroom => {
    const found = known.get(classId);
    if (found !== undefined) return found;
    const made = createClassroom({ ...parts, judging }, classId);
    known.set(classId, made);
    // Whoever still asks while the server ends is answered, and told nothing after.
    if (ended) made.live.end();
    return made;
  };
  const opened = (): Classroom => one(classes.openId());
  /** The class a screen looks at; where it is gone, or the screen has no name, the one that was opened last. */
  const ofScreen = (screen: Screen | undefined): Classroom => {
    if (screen === undefined || !classes.isListed(screen.classId)) return opened();
    screens.heard(screen);
    // It was away for so long that its class had been closed meanwhile.
    if (!classes.isOpen(screen.classId)) classes.setOpen(screen.classId, true);
    return one(screen.classId);
  };
  /** Some screens of a class look at another one: their board and their remotes go with them. */
  const move = (before: Classroom, after: Classroom, isMeant: (screen: string | undefined) => boolean): void => {
    pairing.follow(({ screen, classId }) => classId === before.id && isMeant(screen), after.id);
    after.live.adopt(before.live.release(isMeant));
  };
  const moveBoard = (before: Classroom, after: Classroom, screen: string | undefined): void => {
    const view = before.relay.leave(screen);
    if (view === null) return;
    after.relay.show(view, screen);
    before.live.viewChanged();
  };
  /** Nobody looks at a class any more: its tablets start from their pictures. */
  const close = ({ id, live }: Classroom): void => {
    classes.setOpen(id, false);
    live.close();
  };
  return {
    one,
    opened,
    ofScreen,
    /** Those that some screen looks at, the one opened last first. */
    openOnes: (): Classroom[] => {
      const first = classes.openId();
      return classes
        .openOnes()
        .sort((a, b) => Number(b === first) - Number(a === first))
        .map(one);
    },
    /** The class a screen looked at when it was heard of last. */
    classOf: (screen: string | undefined): number => screens.classOf(screen) ?? classes.openId(),
    /** The class a child belongs to, open or not. @throws HoppelError unknown-child */
    ofChild: (childId: number): Classroom => one(classes.ofChild(childId)),
    /**
     * A screen looks at another class from now on, opened by some work. The class before stays open as long as another screen looks at
     * it; a class that is gone takes no screen with it.
     * @returns the class the screen looks at now
     */
    openBy: (screen: Screen | undefined, work: () => void): Classroom => {
      const before = ofScreen(screen);
      work();
      const after = opened();
      if (screen !== undefined) screens.heard({ id: screen.id, classId: after.id });
      if (before !== after) {
        moveBoard(before, after, screen?.id);
        move(before, after, (name) => name === screen?.id);
        if (!classes.isListed(before.id) || !screens.othersAt(before.id, screen?.id)) close(before);
      }
      for (const gone of [...known.values()].filter(({ id }) => id !== after.id && !classes.isListed(id))) {
        move(gone, after, () => true);
        screens.forgetClass(gone.id);
        close(gone);
      }
      // The list of classes is another for every screen; tablets know nothing of it.
      for (const { live } of known.values()) live.classesChanged();
      return after;
    },
    /** Nothing of it is held in memory any more: it was deleted. */
    forget: (classId: number): void => {
      const gone = known.get(classId);
      known.delete(classId);
      gone?.live.end();
      void gone?.room.stop();
    },
    /** Judges what was answered before, while others are served. */
    warm: async (): Promise<void> => {
      for (const { judged, children } of classes.openOnes().map(one))
        await littleByLittle(judged.warm(children.all().map(({ id }) => id)), () => ended);
    },
    end: async (): Promise<void> => {
      ended = true;
      for (const { live } of known.values()) live.end();
      parts.streams.endAll();
      for (const { room } of known.values()) await room.stop();
    },
  };
};
export type Classrooms = ReturnType<typeof createClassrooms>;
