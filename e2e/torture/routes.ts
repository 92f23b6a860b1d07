import { v4 as newId } from 'uuid';
import type { Classroom, Tablets } from '../../contract/index.ts';
import { defaultChoices } from '../../core/planning/index.ts';
import { composeForms, contentOf, usualRecipe } from '../../core/sheets/index.ts';

/** A request that is right, or was when it was made up. */
export interface Route {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** As the server's code writes it, `:id` and all. */
  readonly route: string;
  readonly path: string;
  readonly body?: unknown;
  /** Whoever is let in to it is out, or covered, after. */
  readonly leaves?: boolean;
}

/** What requests are made up from. */
export interface Known {
  readonly classroom: Classroom;
  readonly tablets: Tablets;
  readonly roundId: string;
  readonly seat: string;
}

const SET = { kind: 'set', shown: 180 };
const ANSWER = { kind: 'hands', hour: 90, minute: 0 };

/** A file of classes with one child and one answer. */
const SMALL_FILE = {
  ...{ format: 'hoppel-classes', version: 1, schema: 20, madeAt: '2026-11-24T09:00:00.000Z', templates: [] },
  classes: [
    {
      class: [
        {
          ...{ id: 900, sender_id: 'a small class', name: 'Fern Room', number_time: '09:00', demo: 0 },
          ...{ go_on: 80, with_group: 50, chime: 40, plan_seq: null },
        },
      ],
      child: [
        {
          ...{ id: 900, class_id: 900, name: 'Ada', picture: 'frog', position: 1 },
          ...{ absent_on: null, moved_away: 0, home_language: null },
        },
      ],
      lesson: [{ id: 900, class_id: 900, note: '' }],
      answer: [
        {
          ...{ seq: 1, id: newId(), child_id: 900, lesson_id: 900, round_id: null, round_index: null, pile_id: null },
          ...{
            task: null,
            attempt: 1,
            item: SET,
            answer: ANSWER,
            read: ANSWER,
            reader: 1,
            verdict: 'right',
            findings: [],
          },
          ...{ source: 'tablet', stored_at: '2026-11-24T09:00:00.000Z', day: '2026-11-24' },
        },
      ],
    },
  ],
};

/** A right request to every route but streams. */
export const routesOf = ({ classroom, tablets, roundId, seat }: Known): Route[] => {
  const version = classroom.plan?.version ?? 0;
  const lesson = 8;
  const made = (method: Route['method'], route: string, path: string, body?: unknown): Route => ({
    method,
    route,
    path,
    ...(body !== undefined && { body }),
  });
  const get = (route: string, path = route): Route => made('GET', route, path);
  const post = (route: string, body: unknown, path = route): Route => made('POST', route, path, body);
  const put = (route: string, body: unknown, path = route): Route => made('PUT', route, path, body);
  const remove = (route: string, path = route): Route => made('DELETE', route, path);
  const boardId = newId();
  const view = {
    boardId,
    seq: 1,
    done: null,
    mode: 'clock',
    minutes: 180,
    lenses: [],
    opened: [],
    title: '',
    place: null,
    say: '',
    sayOnBoard: false,
    phase: null,
    children: [],
    demonstration: null,
  };
  const sheetId = newId();
  const recipe = usualRecipe('ticket', classroom.settings, ['oclock']);
  const composed = composeForms(recipe, []);
  const forms = 'forms' in composed ? composed.forms : [];
  const onSheet = contentOf(recipe, { title: 'Ticket', iCan: '' }, forms);
  const sheet = { version: 1, lessonId: null, part: null, source: null, childIds: [], recipe, content: onSheet };
  const template = newId();
  const pileId = newId();
  const [{ key, skills, segments } = { key: 'blank', skills: [], segments: [] }] = classroom.lessons;
  const content = { key, skills, segments };
  return [
    get('/classroom'),
    get('/calendar/:address.ics', '/calendar/nothing.ics'),
    get('/plan/calendar'),
    post('/plan/calendar', {}),
    remove('/plan/calendar'),
    post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada', 'Bram'] }),
    post('/classes/made-up/away', {}),
    post('/classes/made-up', {}),
    put('/classes/open', { classId: classroom.classes[0]!.id }),
    put('/classes/opened', { name: 'Clover Room' }),
    post('/children', { names: ['Zoe'] }),
    put('/children/order', { ids: classroom.children.map(({ id }) => id) }),
    put('/children/:id', { absent: true, homeLanguage: 'de' }, '/children/3'),
    put('/day/routine', { entries: classroom.day.routine.map(({ name, picture, at }) => ({ name, picture, at })) }),
    put('/day/moments', { moments: classroom.day.moments }),
    put('/day/chime', { chime: 30 }),
    post('/plan', { id: newId(), choices: defaultChoices('2026-11-30', 'x') }),
    post('/plan/changes', { id: newId(), version, change: { kind: 'title', lessonId: lesson, title: 'Clocks' } }),
    post('/plan/undo', { version }),
    post('/plan/redo', { version }),
    post('/plan/days-off', { text: 'BEGIN:VCALENDAR\nEND:VCALENDAR', from: '2026-11-01', to: '2026-12-31' }),
    post('/plan/unit-file', { id: newId(), text: '{}' }),
    get('/plan/unit.json'),
    get('/plan/unit.ics'),
    get('/plan/plan.pdf'),
    get('/board'),
    put('/board/view', view),
    remove('/board/view/:boardId', `/board/view/${boardId}`),
    post('/board/commands', { id: newId(), boardId, wish: { do: 'next' } }),
    get('/tablets'),
    post('/tablets/code', {}),
    put('/tablets/lan', { lan: false }),
    remove('/tablets/passes/:id', `/tablets/passes/${tablets.passes[0]?.tabletId ?? 1}`),
    remove('/tablets/remotes/:id', '/tablets/remotes/0123456789abcdef'),
    remove('/tablets/seats/:childId', '/tablets/seats/3'),
    post('/tablets/sets', { id: newId(), childIds: [3], source: { what: 'times', kinds: ['set'], times: [180] } }),
    remove('/tablets/sets/:id', `/tablets/sets/${newId()}`),
    get('/tablets/set-aside'),
    post('/tablets/set-aside/again', {}),
    post('/tablets/set-aside/let-go', { ids: [newId()] }),
    post('/tablets/stand-ins', { pace: 1 }),
    remove('/tablets/stand-ins'),
    get('/remote'),
    post('/remote/join', { code: '000000' }),
    get('/templates'),
    post('/templates', { id: template, lesson: content }),
    remove('/templates/:id', `/templates/${newId()}`),
    get('/sheets'),
    post('/sheets/own-forms', { recipe: { ...recipe, forms: 'own' }, childIds: [classroom.children[0]!.id] }),
    post('/sheets/file', { id: newId(), text: '{}' }),
    put('/sheets/:id', sheet, `/sheets/${sheetId}`),
    get('/sheets/:id', `/sheets/${sheetId}`),
    get('/sheets/:id/key.pdf', `/sheets/${sheetId}/key.pdf`),
    get('/sheets/:id/sheet.json', `/sheets/${sheetId}/sheet.json`),
    get('/sheets/:id/qti.zip', `/sheets/${sheetId}/qti.zip`),
    post(
      '/sheets/:id/printings',
      { id: newId(), version: 1, copies: [{ childId: null, form: 0 }] },
      `/sheets/${sheetId}/printings`,
    ),
    get('/sheets/printings/:number/sheet.pdf', '/sheets/printings/1/sheet.pdf'),
    get('/sheets/printings/:number/key.pdf', '/sheets/printings/1/key.pdf'),
    get('/sheets/things/:thing.pdf', `/sheets/things/paper-clock.pdf?lesson=${lesson}`),
    get('/piles'),
    post('/piles', { id: pileId, source: { kind: 'tasks', items: [SET] } }),
    get('/piles/:id', `/piles/${pileId}`),
    get('/piles/:id/summary', `/piles/${pileId}/summary`),
    post(
      '/piles/:id/deeds',
      { deeds: [{ what: 'mark', id: newId(), childId: 2, task: 0, item: SET, answer: ANSWER }] },
      `/piles/${pileId}/deeds`,
    ),
    get('/exchange/answers.csv'),
    get('/exchange/mastery.csv'),
    get('/exchange/overview.csv'),
    get('/exchange/statements.json'),
    get('/exchange/overview.pdf'),
    get('/exchange/families.pdf'),
    get('/exchange/families/:childId.pdf', '/exchange/families/3.pdf'),
    get('/exchange/piles/:id/results.csv', `/exchange/piles/${pileId}/results.csv`),
    get('/lessons/:id/desk', `/lessons/${lesson}/desk`),
    put('/lessons/:id/ready/:item', { ticked: true }, `/lessons/${lesson}/ready/tablets`),
    put('/lessons/:id/note', { note: 'half past again' }, `/lessons/${lesson}/note`),
    get('/record/forecast'),
    get('/groups'),
    get('/groups/cards.pdf'),
    post('/groups/again', { checkId: 7 }),
    put('/groups', {
      checkId: 7,
      groups: [{ id: 1, name: null, childIds: [classroom.children[0]!.id], held: [], isLocked: false }],
      absent: [],
    }),
    put('/groups/pairs', { childIds: [classroom.children[0]!.id, classroom.children[1]!.id], sits: 'apart' }),
    put('/lessons/:id/decision', { id: newId(), decision: 'go-on' }, `/lessons/${lesson}/decision`),
    post('/rounds', { id: newId(), lessonId: lesson }),
    post('/rounds/:id/moves', { move: 'next', version: 0 }, `/rounds/${roundId}/moves`),
    post('/rounds/:id/taps', { index: 0, taps: [{ id: newId(), childId: 2, got: true }] }, `/rounds/${roundId}/taps`),
    get('/rounds/:id/answers/:index', `/rounds/${roundId}/answers/0?child=2`),
    put('/rounds/:id/order', { order: [1], version: 0 }, `/rounds/${roundId}/order`),
    put(
      '/rounds/:id/pace',
      { thinkSeconds: 5, countdown: false, repeatMissed: true, prompt: 'words' },
      `/rounds/${roundId}/pace`,
    ),
    put('/rounds/:id/away', { away: [4] }, `/rounds/${roundId}/away`),
    get('/record/class'),
    post('/record/corrections', { id: newId(), answerId: newId(), says: 'had' }),
    get('/record/children/:id', '/record/children/3'),
    get('/record/children/:id/history', '/record/children/3/history'),
    post('/record/children/:id/notes', { id: newId(), text: 'Turns the clock by itself.' }, '/record/children/3/notes'),
    remove('/record/children/:id/notes/:note', `/record/children/3/notes/${newId()}`),
    get('/record/likely', '/record/likely?children=1,2'),
    get('/record/skills/:skill', '/record/skills/half-past-read'),
    put('/settings', classroom.settings),
    get('/children/:id/stored', `/children/${classroom.children[0]!.id}/stored`),
    get('/children/:id/stored.json', `/children/${classroom.children[0]!.id}/stored.json`),
    remove('/children/:id', '/children/999999'),
    post('/classes/opened/erase', { name: 'another' }),
    get('/entry'),
    post('/entry', { passphrase: 'not it at all' }),
    { ...remove('/entry'), leaves: true },
    { ...post('/entry/cover', {}), leaves: true },
    put('/entry/passphrase', { before: 'not it at all', passphrase: 'nine blue clocks' }),
    post('/entry/without', { before: 'not it at all' }),
    get('/entry/devices'),
    remove('/entry/devices/:id', '/entry/devices/0123456789abcdef'),
    post('/entry/tries-seen', {}),
    get('/health'),
    get('/backups'),
    post('/backups', {}),
    get('/backups/now.sqlite'),
    get('/backups/:name', '/backups/hoppel-20261124T073000Z-daily.sqlite'),
    post('/backups/:name/restore', {}, '/backups/hoppel-20261124T073000Z-daily.sqlite/restore'),
    get('/moving/class.json'),
    get('/moving/all.json'),
    post('/moving/arrivals', SMALL_FILE),
    post('/moving/arrivals/:id/take', { classes: [{ as: 'own', number: 1 }] }, `/moving/arrivals/${newId()}/take`),
    remove('/moving/arrivals/:id', `/moving/arrivals/${newId()}`),
    post('/rehearsal', { id: newId(), lessonId: lesson }),
    get('/rehearsal'),
    post('/rehearsal/answers', { roundId, index: 0, seconds: 30 }),
    post('/rehearsal/ticket', {}),
    remove('/rehearsal'),
    post('/station/door', { code: tablets.code }),
    get('/station'),
    post('/station/seats', { childId: 3, seat }),
    put('/station/seats/:seat', {}, `/station/seats/${seat}`),
    remove('/station/seats/:seat', `/station/seats/${seat}`),
    put('/station/draft', { seat, roundId, index: 0, answer: ANSWER }),
    put('/station/set-aside/:id', { childId: 3, code: 'malformed', answer: {} }, `/station/set-aside/${newId()}`),
    post('/station/rest', { seat, asked: [{ item: SET, verdict: 'right' }] }),
    post('/answers', {
      id: newId(),
      childId: 3,
      answer: ANSWER,
      to: { setting: 'alone', lessonId: lesson, item: SET, attempt: 1 },
    }),
  ];
};
