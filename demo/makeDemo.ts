import type { Database } from 'better-sqlite3';
import { v5 as uuidOf } from 'uuid';
import type { Lesson } from '../contract/index.ts';
import { seededRng, seedFromText } from '../core/common/index.ts';
import { CLOCK_PARTS, type Item } from '../core/items/index.ts';
import type { Day } from '../core/planning/index.ts';
import { simulateAnswer } from '../core/simulation/index.ts';
import { createAnswerRepository } from '../server/answers/answerRepository.ts';
import { createRecorder } from '../server/answers/recordAnswer.ts';
import { createChildRepository } from '../server/children/childRepository.ts';
import { createClassroomRepository } from '../server/classroom/classroomRepository.ts';
import { createClassSetUp } from '../server/classroom/setUpClass.ts';
import { createLessonRepository } from '../server/lessons/lessonRepository.ts';
import { createRoundRepository } from '../server/rounds/roundRepository.ts';
import { AWAY_AT_TICKET, CLOVER_ROOM, TODAYS_LESSON } from './clover.ts';

/** Namespace of the ids of simulated answers: the same class always has the same ids. */
const NAMESPACE = '5a0f6c1e-2f0f-4a58-9d3c-7c1f3f6b0c11';

/** Chosen so that about six in ten are secure after the ticket and every kind of result can be seen. */
const SEED = 'hare';

/** What was asked in each past lesson, from its own segments. */
const itemsAsked = ({ key, segments }: Lesson): Item[] => {
  const timesIn = (kind: string) => segments.find((segment) => segment.kind === kind)?.times ?? [];
  switch (key) {
    case 'why-clocks':
    case 'parts':
      return CLOCK_PARTS.map((part) => ({ kind: 'name-part', part }));
    case 'hour-hand-on':
      return timesIn('together').map((shown) => ({ kind: 'hour-hand', shown }));
    case 'hour-hand-between':
      return [...timesIn('together'), ...timesIn('warm-up')].map((shown) => ({ kind: 'hour-hand', shown }));
    case 'oclock-meet':
      return [
        ...timesIn('together').map((shown): Item => ({ kind: 'read', shown })),
        ...timesIn('together')
          .slice(0, 2)
          .map((shown): Item => ({ kind: 'set', shown })),
      ];
    case 'oclock-first-ticket':
      return timesIn('ticket').map((shown) => ({ kind: 'read', shown }));
    default:
      return [];
  }
};

/** Fills an empty data file with Clover Room, part-way through its unit, laid around a day. */
export const makeDemo = (db: Database, today: Day): void => {
  const children = createChildRepository(db);
  const lessons = createLessonRepository(db);
  const answers = createAnswerRepository(db);
  const rounds = createRoundRepository(db);
  const classroom = createClassroomRepository(db);
  createClassSetUp({ db, classroom, children, lessons })({
    name: 'Clover Room',
    demo: true,
    children: CLOVER_ROOM,
    anchor: { day: today, number: TODAYS_LESSON },
    seed: 'Clover Room',
  });
  const past = lessons.all().filter(({ number }) => number < TODAYS_LESSON);
  const listed = children.all();
  db.transaction(() => {
    for (const lesson of past) {
      const now = () => new Date(`${lesson.day}T09:12:00`);
      const recorder = createRecorder({ answers, children, lessons, rounds, now });
      for (const { name, behaves } of CLOVER_ROOM) {
        if (lesson.kind === 'check' && name === AWAY_AT_TICKET) continue;
        const rng = seededRng(seedFromText(`${SEED} ${name} ${lesson.number}`));
        const childId = listed.find((child) => child.name === name)!.id;
        itemsAsked(lesson).forEach((item, i) => {
          const id = uuidOf(`${lesson.number} ${name} ${i}`, NAMESPACE);
          const row = { id, childId, lessonId: lesson.id, roundId: null, roundIndex: null, attempt: 1 };
          recorder.keep(row, item, simulateAnswer(behaves, item, rng), 'simulated');
        });
      }
    }
    const today7 = lessons.all().find(({ number }) => number === TODAYS_LESSON)!;
    for (const item of ['geared-clock', 'paper-clocks']) lessons.tick(today7.id, item, true);
  })();
};
