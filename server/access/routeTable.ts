import { coveredClassroom, type Cover } from './coveredFields.ts';

/**
 * Who may ask for what. `anybody`: every device that reaches the server. `tablet`: one that came in by the class's pictures. `remote`:
 * the teacher, and a device of hers that was let in to steer the board. `board`: the teacher, also while results are covered, for the
 * board goes on. `teacher`: she alone.
 */
export type Who = 'anybody' | 'tablet' | 'remote' | 'board' | 'teacher';

/** How much may be sent: a message, a child's drawing, a file; `as-it-comes` where the route reads it itself, piece by piece. */
export type BodySize = 'message' | 'drawing' | 'file' | 'as-it-comes';

export interface RouteRow {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** Under /api, as Express writes it. */
  readonly path: string;
  readonly who: Who;
  readonly body: BodySize;
  /** A stream that stays open. */
  readonly isStream: boolean;
  /** Does its reply take long to work out? It is answered by the thread that reads, where there is one. */
  readonly isLong: boolean;
  /** What is left of its reply while results are covered; all of it where nothing is said. */
  readonly covered?: Cover;
}

type Written = readonly [route: string, body?: BodySize | 'stream', covered?: Cover];

const rows = (who: Who, written: readonly Written[]): RouteRow[] =>
  written.map(([route, body = 'message', covered]) => {
    const [method, path] = route.split(' ') as [RouteRow['method'], string];
    const isStream = body === 'stream';
    const isLong = LONG.has(route);
    return { method, path, who, body: isStream ? 'message' : body, isStream, isLong, ...(covered && { covered }) };
  });

/** Routes that read much and work long, and change nothing. */
const LONG: ReadonlySet<string> = new Set([
  'GET /plan/plan.pdf',
  'GET /sheets/:id/key.pdf',
  'GET /sheets/:id/qti.zip',
  'GET /sheets/printings/:number/sheet.pdf',
  'GET /sheets/printings/:number/key.pdf',
  'GET /sheets/things/:thing.pdf',
  'GET /exchange/answers.csv',
  'GET /exchange/mastery.csv',
  'GET /exchange/overview.csv',
  'GET /exchange/statements.json',
  'GET /exchange/overview.pdf',
  'GET /exchange/families.pdf',
  'GET /exchange/families/:childId.pdf',
  'GET /exchange/piles/:id/results.csv',
  'GET /lessons/:id/desk',
  'GET /groups',
  'GET /groups/cards.pdf',
  'GET /record/class',
  'GET /record/children/:id',
  'GET /record/children/:id/history',
  'GET /record/likely',
  'GET /record/forecast',
  'GET /record/skills/:skill',
]);

/** Every route there is. The server is built behind it: what has no row here is not found, whatever code there is for it. */
export const ROUTES: readonly RouteRow[] = [
  ...rows('anybody', [
    // Each brings what lets it in, and whoever tries is slowed down.
    ['POST /station/door'],
    ['POST /remote/join'],
    ['GET /entry'],
    ['POST /entry'],
    // Whoever knows its address, which nobody guesses; the teacher can withdraw it.
    ['GET /calendar/:address.ics'],
  ]),
  ...rows('tablet', [
    ['GET /station/live', 'stream'],
    ['GET /station'],
    ['POST /station/seats'],
    ['PUT /station/seats/:seat'],
    ['DELETE /station/seats/:seat'],
    ['PUT /station/draft', 'drawing'],
    ['PUT /station/set-aside/:id', 'drawing'],
    ['POST /station/rest'],
    ['POST /answers', 'drawing'],
  ]),
  ...rows('remote', [
    ['GET /live', 'stream'],
    ['GET /classroom', 'message', coveredClassroom],
    ['GET /board'],
    ['POST /board/commands'],
  ]),
  ...rows('board', [
    ['PUT /board/view'],
    ['DELETE /board/view/:boardId'],
    ['GET /remote'],
    ['POST /rounds'],
    ['POST /rounds/:id/moves'],
    ['POST /rounds/:id/taps'],
    ['GET /rounds/:id/answers/:index'],
    ['PUT /rounds/:id/order'],
    ['PUT /rounds/:id/pace'],
    ['PUT /rounds/:id/away'],
    ['DELETE /entry'],
  ]),
  ...rows('teacher', [
    ['POST /entry/cover'],
    ['PUT /entry/passphrase'],
    ['POST /entry/without'],
    ['GET /entry/devices'],
    ['DELETE /entry/devices/:id'],
    ['POST /entry/tries-seen'],
    ['POST /classes'],
    ['POST /classes/made-up'],
    ['POST /classes/made-up/away'],
    ['PUT /classes/open'],
    ['PUT /classes/opened'],
    ['POST /classes/opened/erase'],
    ['POST /children'],
    ['PUT /children/order'],
    ['PUT /children/:id'],
    ['GET /children/:id/stored'],
    ['GET /children/:id/stored.json'],
    ['DELETE /children/:id'],
    ['PUT /day/routine'],
    ['PUT /day/moments'],
    ['PUT /day/chime'],
    ['POST /plan', 'file'],
    ['POST /plan/changes', 'file'],
    ['POST /plan/undo', 'file'],
    ['POST /plan/redo', 'file'],
    ['POST /plan/days-off', 'file'],
    ['POST /plan/unit-file', 'file'],
    ['GET /plan/unit.json'],
    ['GET /plan/unit.ics'],
    ['GET /plan/calendar'],
    ['POST /plan/calendar'],
    ['DELETE /plan/calendar'],
    ['GET /plan/plan.pdf'],
    ['GET /tablets'],
    ['POST /tablets/code'],
    ['PUT /tablets/lan'],
    ['DELETE /tablets/passes/:id'],
    ['DELETE /tablets/remotes/:id'],
    ['DELETE /tablets/seats/:childId'],
    ['POST /tablets/sets'],
    ['DELETE /tablets/sets/:id'],
    ['GET /tablets/set-aside'],
    ['POST /tablets/set-aside/again'],
    ['POST /tablets/set-aside/let-go'],
    ['POST /tablets/stand-ins'],
    ['DELETE /tablets/stand-ins'],
    ['GET /templates'],
    ['POST /templates', 'file'],
    ['DELETE /templates/:id'],
    ['GET /sheets'],
    ['POST /sheets/own-forms', 'file'],
    ['POST /sheets/file', 'file'],
    ['PUT /sheets/:id', 'file'],
    ['GET /sheets/:id'],
    ['GET /sheets/:id/key.pdf'],
    ['GET /sheets/:id/sheet.json'],
    ['GET /sheets/:id/qti.zip'],
    ['POST /sheets/:id/printings', 'file'],
    ['GET /sheets/printings/:number/sheet.pdf'],
    ['GET /sheets/printings/:number/key.pdf'],
    ['GET /sheets/things/:thing.pdf'],
    ['GET /piles'],
    ['POST /piles', 'file'],
    ['GET /piles/:id'],
    ['GET /piles/:id/summary'],
    ['POST /piles/:id/deeds', 'file'],
    ['GET /exchange/answers.csv'],
    ['GET /exchange/mastery.csv'],
    ['GET /exchange/overview.csv'],
    ['GET /exchange/statements.json'],
    ['GET /exchange/overview.pdf'],
    ['GET /exchange/families.pdf'],
    ['GET /exchange/families/:childId.pdf'],
    ['GET /exchange/piles/:id/results.csv'],
    ['GET /lessons/:id/desk'],
    ['PUT /lessons/:id/ready/:item'],
    ['PUT /lessons/:id/note'],
    ['PUT /lessons/:id/decision'],
    ['GET /groups'],
    ['GET /groups/cards.pdf'],
    ['POST /groups/again'],
    ['PUT /groups'],
    ['PUT /groups/pairs'],
    ['GET /record/class'],
    ['POST /record/corrections'],
    ['GET /record/children/:id'],
    ['GET /record/children/:id/history'],
    ['POST /record/children/:id/notes'],
    ['DELETE /record/children/:id/notes/:note'],
    ['GET /record/likely'],
    ['GET /record/forecast'],
    ['GET /record/skills/:skill'],
    ['PUT /settings'],
    ['GET /health'],
    ['GET /backups'],
    ['POST /backups'],
    ['GET /backups/now.sqlite'],
    ['GET /backups/:name'],
    ['POST /backups/:name/restore'],
    ['GET /moving/class.json'],
    ['GET /moving/all.json'],
    ['POST /moving/arrivals', 'as-it-comes'],
    ['POST /moving/arrivals/:id/take', 'file'],
    ['DELETE /moving/arrivals/:id'],
    ['POST /rehearsal'],
    ['GET /rehearsal'],
    ['POST /rehearsal/answers'],
    ['POST /rehearsal/ticket'],
    ['DELETE /rehearsal'],
  ]),
];
