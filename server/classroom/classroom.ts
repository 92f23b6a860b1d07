import type { Database } from 'better-sqlite3';
import { createAnswerRepository } from '../answers/answerRepository.ts';
import { createCorrecting } from '../answers/correctAnswer.ts';
import { createRecorder } from '../answers/recordAnswer.ts';
import { createBoardRelay } from '../board/boardRelay.ts';
import { createChildRepository } from '../children/childRepository.ts';
import type { ClassRepository, ClassRow } from '../classes/classRepository.ts';
import type { Now, Ticks } from '../clock.ts';
import type { IsFileThere } from '../db/presence.ts';
import { createDayRepository } from '../day/dayRepository.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { createExchange } from '../exchange/exchange.ts';
import { createGroupRepository } from '../groups/groupRepository.ts';
import { createGrouping } from '../groups/grouping.ts';
import { createPairRepository } from '../groups/pairRepository.ts';
import { createDesk } from '../lessons/desk.ts';
import { createStanding } from '../lessons/standing.ts';
import { createWarmUps } from '../lessons/warmUps.ts';
import { createLessonRepository } from '../lessons/lessonRepository.ts';
import { createLive } from '../live/live.ts';
import type { Knocking } from '../common/knocking.ts';
import type { OpenStreams } from '../live/openStreams.ts';
import { createCalendarRepository } from '../plan/calendarRepository.ts';
import { createPlanRepository } from '../plan/planRepository.ts';
import { createPlanner } from '../plan/planner.ts';
import { createForecastBase } from '../record/forecastBase.ts';
import { createClassView } from '../record/classView.ts';
import { createJudgedAnswers, type Judging } from '../record/judgedAnswers.ts';
import { createChildData } from '../privacy/childData.ts';
import { createPileRepository } from '../piles/pileRepository.ts';
import { createNoteRepository } from '../notes/noteRepository.ts';
import { createNoting } from '../notes/noting.ts';
import { createPiles } from '../piles/piles.ts';
import { createRoundRepository } from '../rounds/roundRepository.ts';
import { createRoundRunner } from '../rounds/runRound.ts';
import { createSheetRepository } from '../sheets/sheetRepository.ts';
import { createSheets } from '../sheets/sheets.ts';
import { createSettingsChoice } from '../settings/chooseSettings.ts';
import { createSettingsRepository } from '../settings/settingsRepository.ts';
import { createRoom, type Behaviours } from '../standIns/room.ts';
import { createDoor } from '../station/door.ts';
import { createPractice } from '../station/practice.ts';
import { createSeats } from '../station/seats.ts';
import { createHandedSets } from '../station/handedSets.ts';
import { createSetAside } from '../tablets/setAside.ts';
import type { TabletRepository } from '../tablets/tabletRepository.ts';
import { createClassroomState } from './classroomState.ts';

export interface ClassroomParts {
  readonly db: Database;
  readonly classes: ClassRepository;
  readonly tablets: TabletRepository;
  readonly now: Now;
  readonly ticks: Ticks;
  readonly streams: OpenStreams;
  /** Tablets that try pictures, whichever class's. */
  readonly knocking: Knocking;
  /** Wrong tries at the remote's code. */
  readonly remoteTries: () => number;
  /** How stand-ins for the children of the made-up class behave, by name. */
  readonly behaviours: Behaviours;
  readonly isFileThere: IsFileThere;
  /** Does the computer's clock say a year that cannot be? */
  readonly isClockWrong: () => boolean;
  /** Judges answers of every class. */
  readonly judging: Judging;
}

/**
 * One class: what is kept of it, and what is only held in memory (its streams, seats and round, the stand-ins in its room). Nothing in
 * it knows of another class, so that several can be open at once.
 * @param classId 0, which no class has, before one was set up: all is empty then
 */
export const createClassroom = (parts: ClassroomParts, classId: number) => {
  const {
    db,
    classes,
    tablets,
    now,
    ticks,
    streams,
    knocking,
    remoteTries,
    behaviours,
    isFileThere,
    isClockWrong,
    judging,
  } = parts;
  /** @throws HoppelError no-class before one was set up */
  const row = (): ClassRow => {
    const found = classes.maybe(classId);
    if (found === undefined) throw new HoppelError('no-class');
    return found;
  };
  const children = createChildRepository(db, classId);
  const plans = createPlanRepository(db, classId);
  const answers = createAnswerRepository(db, classId);
  const lessons = createLessonRepository(db, classId, { plans, answers });
  const rounds = createRoundRepository(db, classId);
  const settings = createSettingsRepository(db, classId);
  const day = createDayRepository(db, classId);
  const sets = createHandedSets(db, classId);
  const groups = createGroupRepository(db);
  const notes = createNoteRepository(db);
  const planner = createPlanner({ db, row, plans, lessons, settings, now });
  const recorder = createRecorder({ db, answers, children, lessons, rounds, settings, now });
  const runner = createRoundRunner({ db, rounds, lessons, children, answers, recorder, plans, now });
  const judged = createJudgedAnswers(answers, judging);
  const correcting = createCorrecting({ answers, children, judged, now });
  const seats = createSeats(ticks);
  const relay = createBoardRelay();
  const setAside = createSetAside(now);
  const door = createDoor({ db, classId, tablets, knocking, now });
  const tries = (): number => knocking.persistent() + remoteTries();
  const sheetsKept = createSheetRepository(db, classId);
  const standing = createStanding({ lessons, children, judged });
  const pairs = createPairRepository(db, classId);
  const grouping = createGrouping({ lessons, children, judged, standing, groups, pairs, now });
  const warmUps = createWarmUps({ row, lessons, children, judged, planner, now });
  const desk = createDesk({ db, row, lessons, children, judged, planner, standing, grouping, warmUps, now });
  const classView = createClassView({ answers, children, judged, lessons, groups, sets, notes, settings, now });
  const piles = createPiles({
    db,
    piles: createPileRepository(db, classId),
    sheets: sheetsKept,
    lessons,
    children,
    answers,
    rounds,
    recorder,
    correcting,
    judged,
    desk,
    classView,
    now,
  });
  const live = createLive({ runner, settings, relay, seats, setAside, streams, tries, isFileThere, isClockWrong });
  return {
    id: classId,
    row,
    now,
    /** @throws HoppelError no-class */
    change: (change: Parameters<ClassRepository['change']>[1]): void => classes.change(classId, change),
    children,
    lessons,
    answers,
    settings,
    chooseSettings: createSettingsChoice({ db, settings, planner, now }),
    day,
    childData: createChildData(db, classId),
    sets,
    planner,
    calendar: createCalendarRepository(db, classId),
    recorder,
    correcting,
    noting: createNoting({ notes, children, now }),
    runner,
    relay,
    seats,
    live,
    setAside,
    tablets,
    door,
    streams,
    tries,
    room: createRoom(behaviours),
    practice: createPractice({ lessons, answers, judged, sets, now }),
    judged,
    grouping,
    sheets: createSheets({ row, sheets: sheetsKept, lessons, children, judged, settings, now }),
    piles,
    exchange: createExchange({
      row,
      key: () => classes.key(classId),
      answers,
      children,
      lessons,
      settings,
      classView,
      piles,
      now,
    }),
    desk,
    classView,
    forecastBase: createForecastBase({ lessons, children, judged, grouping, now }),
    state: createClassroomState({ classes, classId, children, lessons, settings, planner, grouping, day, now }),
  };
};
export type Classroom = ReturnType<typeof createClassroom>;
