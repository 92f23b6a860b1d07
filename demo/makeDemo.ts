import type { Database } from 'better-sqlite3';
import { v5 as uuidOf } from 'uuid';
import type { Lesson, UnitChoices } from '../contract/index.ts';
import { seededRng, seedFromText } from '../core/common/index.ts';
import type { Item } from '../core/items/index.ts';
import { defaultChoices, schoolDayFrom, type Day } from '../core/planning/index.ts';
import { simulateAnswer } from '../core/simulation/index.ts';
import { createClassRepository } from '../server/classes/classRepository.ts';
import { createClassSetUp } from '../server/classes/setUpClass.ts';
import { createClassrooms } from '../server/classroom/classrooms.ts';
import { createKnocking } from '../server/common/knocking.ts';
import { createOpenStreams } from '../server/live/openStreams.ts';
import { createTabletRepository } from '../server/tablets/tabletRepository.ts';
import { AWAY_AT_TICKET, CLOVER_ROOM, TODAYS_LESSON } from './clover.ts';
import { DEMO_CLASS } from './demoClass.ts';

/** Namespace of the ids of simulated answers: a class laid around the same day always has the same ids. */
const NAMESPACE = '5a0f6c1e-2f0f-4a58-9d3c-7c1f3f6b0c11';

/** Chosen so that about six in ten are secure after the ticket and every kind of result can be seen. */
const SEED = 'hare';

/** Segments whose answers are in the record; the rest of a lesson is talk. */
const RECORDED = new Set(['together', 'alone', 'ticket']);

/** What was asked in each past lesson: its own tasks, and two times set on the first day of o'clock. */
const itemsAsked = ({ key, segments }: Lesson): Item[] => {
  const asked = segments.flatMap(({ kind, items }) => (RECORDED.has(kind) ? items : []));
  const toSet = key === 'oclock-meet' ? segments.find(({ kind }) => kind === 'together')!.times.slice(0, 2) : [];
  return [...asked, ...toSet.map((shown): Item => ({ kind: 'set', shown }))];
};

/** Makes Clover Room in a data file, part-way through its unit, laid around a day, and opens it; where that one is there, it is opened again. */
export const makeDemo = (db: Database, today: Day): void => {
  // The unit was made on its first day, so that none of it was past then.
  const firstDay = schoolDayFrom(today, 1 - TODAYS_LESSON);
  let moment = new Date(`${firstDay}T07:30:00`);
  const classes = createClassRepository(db);
  const tablets = createTabletRepository(db);
  const classrooms = createClassrooms({
    db,
    classes,
    tablets,
    now: () => moment,
    ticks: () => 0,
    streams: createOpenStreams(),
    pairing: { follow: () => undefined },
    knocking: createKnocking(() => 0),
    remoteTries: () => 0,
    behaviours: {},
    isFileThere: () => true,
    isClockWrong: () => false,
  });
  const id = DEMO_CLASS + schoolDayFrom(today, 0);
  const known = classes.maybeBySender(id);
  if (known !== undefined) return classes.open(known);
  createClassSetUp({ db, classes, classrooms })({
    id,
    name: 'Clover Room',
    demo: true,
    children: CLOVER_ROOM,
  });
  const { planner, lessons, children, recorder } = classrooms.opened();
  planner.make(uuidOf(`unit ${id}`, NAMESPACE), defaultChoices(firstDay, 'Clover Room') as UnitChoices);
  const past = lessons.all().filter(({ number }) => number < TODAYS_LESSON);
  const listed = children.all();
  db.transaction(() => {
    for (const lesson of past) {
      moment = new Date(`${lesson.day}T09:12:00`);
      for (const { name, behaves } of CLOVER_ROOM) {
        if (lesson.number === TODAYS_LESSON - 1 && name === AWAY_AT_TICKET) continue;
        const rng = seededRng(seedFromText(`${SEED} ${name} ${lesson.number}`));
        const childId = listed.find((child) => child.name === name)!.id;
        itemsAsked(lesson).forEach((item, i) => {
          const answerId = uuidOf(`${id} ${lesson.number} ${name} ${i}`, NAMESPACE);
          const row = { id: answerId, childId, lessonId: lesson.id, roundId: null, roundIndex: null, attempt: 1 };
          recorder.keep(row, item, simulateAnswer(behaves, item, rng), 'simulated');
        });
      }
    }
    const lessonNow = lessons.all().find(({ number }) => number === TODAYS_LESSON)!;
    for (const item of ['geared-clock', 'paper-clocks']) lessons.tick(lessonNow.id, item, true);
  })();
};
