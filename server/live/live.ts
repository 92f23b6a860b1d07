import { createChannel, createSession, type Session } from 'better-sse';
import type { Request, Response } from 'express';
import type { BoardRelay } from '../board/boardRelay.ts';
import type {
  AnswerRow,
  BoardCommand,
  BoardState,
  Draft,
  Drafts,
  PileNews,
  RoomNews,
  StationEvents,
  TeacherEvents,
} from '../../contract/index.ts';
import { readAnswer } from '../../core/answers/index.ts';
import type { Answer } from '../../core/items/index.ts';
import { thinned } from '../../core/strokes/index.ts';
import type { IsFileThere } from '../db/presence.ts';
import type { Visitor } from '../access/visitor.ts';
import { safely } from '../common/safely.ts';
import { ownerOf, tabletOwner, type OpenStreams } from './openStreams.ts';
import { remoteBoard } from '../remote/remoteView.ts';
import type { RoundRunner } from '../rounds/runRound.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import type { Seats } from '../station/seats.ts';
import { stationRound } from '../station/stationRound.ts';
import type { SetAsideList } from '../tablets/setAside.ts';

/** What a screen of the teacher's hears: all, nothing of the record while results are covered, or where the board is. */
type Hears = 'all' | 'board' | 'remote';
interface ScreenState {
  readonly hears: Hears;
  /** The browser it is a window of; of a remote, that of its board. */
  readonly screen: string | undefined;
}
/** A screen of the teacher's that listens. */
export type Listener = Session<ScreenState>;
/** Who comes to listen. */
export interface Joining {
  readonly visitor: Visitor;
  readonly screen: string | undefined;
}

interface TabletState {
  readonly tabletId: number;
  /** The seat its page has taken, or will; none at the pictures. */
  readonly seat: string | undefined;
  /** Ends the connection. */
  readonly close: () => void;
}
type TabletSession = Session<TabletState>;

/** Milliseconds between two looks at which tablets fell silent, and whether the data file is there. */
const LOOK_ROUND_MS = 1000;
/** Milliseconds a browser waits before it connects again after a lost stream. */
const RETRY_MS = 1000;

/** What a remote hears of. */
const REMOTE_HEARS: ReadonlySet<keyof TeacherEvents> = new Set(['board', 'settings', 'view', 'command', 'classroom']);
/** What a board hears nothing of while results are covered. */
const OF_RESULTS: ReadonlySet<keyof TeacherEvents> = new Set(['record', 'pile']);

/** Points of a drawing in the making that are shown: enough for a tile on the wall, and a message of a few kilobytes. */
const POINTS_SHOWN = 200;
const shown = (answer: Answer): Answer =>
  answer.kind === 'strokes' ? { kind: 'strokes', strokes: thinned(answer.strokes, POINTS_SHOWN) } : answer;

interface Parts {
  readonly runner: RoundRunner;
  readonly settings: SettingsRepository;
  readonly relay: BoardRelay;
  readonly seats: Seats;
  readonly setAside: Pick<SetAsideList, 'count'>;
  readonly streams: OpenStreams;
  /** Wrong tries of devices that try code after code. */
  readonly tries: () => number;
  readonly isFileThere: IsFileThere;
  readonly isClockWrong: () => boolean;
}

/**
 * The live streams of one class: one for the teacher's screens, one for the tablets. Every stream begins with the current state, so a
 * reconnect catches up at once.
 */
export const createLive = ({
  runner,
  settings,
  relay,
  seats,
  setAside,
  streams,
  tries,
  isFileThere,
  isClockWrong,
}: Parts) => {
  const screens = createChannel<Record<string, unknown>, ScreenState>();
  const covered = createChannel<Record<string, unknown>, ScreenState>();
  const remotes = createChannel<Record<string, unknown>, ScreenState>();
  const channels = { all: screens, board: covered, remote: remotes } as const;
  const stations = createChannel<Record<string, unknown>, TabletState>();
  const tablets = new Set<TabletSession>();
  let ended = false;

  /** Children whose tablets listen now and were heard of not long ago, in ascending order. */
  const listening = (): number[] => {
    const open = new Set([...tablets].map(({ state }) => state.seat));
    return seats
      .heard()
      .flatMap(({ childId, seat }) => (open.has(seat) ? [childId] : []))
      .sort((a, b) => a - b);
  };
  const board = (): BoardState => runner.board(listening());
  const room = (): RoomNews => ({
    setAside: setAside.count(),
    tries: tries(),
    remotes: remotes.sessionCount,
    fileGone: !isFileThere(),
    clockWrong: isClockWrong(),
  });

  const tellTeachers = <E extends keyof TeacherEvents>(event: E, data: TeacherEvents[E]): void => {
    screens.broadcast(data, event);
    if (!OF_RESULTS.has(event)) covered.broadcast(data, event);
    if (!REMOTE_HEARS.has(event)) return;
    remotes.broadcast(event === 'board' ? remoteBoard(data as BoardState) : data, event);
  };
  const tellStations = <E extends keyof StationEvents>(event: E, data: StationEvents[E]): void => {
    stations.broadcast(data, event);
  };

  /** What children set or draw in the task of now, by child; gone with the task. */
  const drafts = new Map<number, Omit<Draft, 'childId'>>();
  let draftsOf = '';
  const allDrafts = (): Drafts | null => {
    const round = runner.today();
    if (round === null) return null;
    const place = `${round.id} ${round.index}`;
    if (place !== draftsOf) drafts.clear();
    draftsOf = place;
    const list = [...drafts].map(([childId, draft]): Draft => ({ childId, ...draft }));
    return { roundId: round.id, index: round.index, drafts: list };
  };
  let told = '';
  const seatsChanged = (): void => {
    told = listening().join();
    tellTeachers('board', board());
    tellTeachers('tablets', null);
  };
  let toldRoom = JSON.stringify(room());
  const roomChanged = (): void => {
    toldRoom = JSON.stringify(room());
    tellTeachers('room', room());
    tellTeachers('tablets', null);
  };
  /** A tablet looks again for what it may know; it is not told more where it is shut out. */
  const letGo = (sessions: readonly TabletSession[]): void => {
    for (const session of sessions) {
      session.push(null, 'classroom');
      session.push(null, 'away');
      session.state.close();
    }
  };

  /** A tablet that fell silent does not say so. */
  const lookRound = setInterval(
    safely('looking round', () => {
      if (listening().join() !== told) seatsChanged();
      // Tries come from outside the room and are forgotten by themselves.
      if (JSON.stringify(room()) !== toldRoom) roomChanged();
    }),
    LOOK_ROUND_MS,
  );
  lookRound.unref();

  /**
   * A stream has begun: only now can it be ended, for what is ended before its head is sent is no stream to a browser.
   * @returns false where the server has ended meanwhile, and the stream with it
   */
  const opened = (res: Response, owner: string): boolean => {
    if (ended) res.end();
    else streams.opened(owner, res);
    return !ended;
  };
  const register = (screen: Listener): void => {
    const { hears } = screen.state;
    channels[hears].register(screen);
    const state = board();
    screen.push(hears === 'remote' ? remoteBoard(state) : state, 'board');
    screen.push(settings.one(), 'settings');
    screen.push(relay.view(), 'view');
    if (hears === 'remote') return;
    screen.push(allDrafts(), 'drafts');
    screen.push(room(), 'room');
  };

  return {
    board,
    listening,
    seatsChanged,
    /** Ids of tablets that listen, at the pictures or with a child. */
    tabletsListening: (): ReadonlySet<number> => new Set([...tablets].map(({ state }) => state.tabletId)),
    /** A child sets or draws: what it has now goes to the wall. What is late, for a task before, is let go. */
    draft: (childId: number, roundId: string, index: number, answer: Answer): void => {
      const now = allDrafts();
      if (now === null || now.roundId !== roundId || now.index !== index) return;
      // Read once here, however many screens look at it: of the whole drawing, not of what is shown of it.
      const draft = { answer: shown(answer), read: readAnswer(answer, settings.one()) };
      drafts.set(childId, draft);
      tellTeachers('draft', { childId, roundId, index, ...draft });
    },
    /** Children of some seats were sent off: their tablets go back to the pictures. */
    sendAway: (gone: readonly string[]): void => {
      for (const session of tablets)
        if (session.state.seat !== undefined && gone.includes(session.state.seat)) session.push(null, 'away');
      seatsChanged();
    },
    /** Tablets whose pass was withdrawn hear nothing more. @param tabletId all of them unless one is named */
    shutOut: (tabletId?: number): void => {
      letGo([...tablets].filter(({ state }) => tabletId === undefined || state.tabletId === tabletId));
      tellTeachers('tablets', null);
    },
    /** Sets were handed or taken back: tablets look again for what is to be practised. */
    practiceChanged: (): void => {
      tellTeachers('tablets', null);
      tellStations('classroom', null);
    },
    /** Answers that could not be taken, or devices that are let in or try to come in, are others now. */
    roomChanged: roomChanged,
    /** Tablets send once more what was refused. */
    sendAgain: (): void => tellStations('again', null),
    /** Says no more, with its class or the server, whose data file may be closed soon. */
    end: (): void => {
      ended = true;
      clearInterval(lookRound);
    },
    roundChanged: (): void => {
      const state = board();
      tellTeachers('board', state);
      tellTeachers('drafts', allDrafts());
      tellStations('round', stationRound(state.round));
    },
    /** One answer was kept. */
    answered: (row: AnswerRow): void => {
      const news = runner.newsOf(row);
      if (news !== undefined) tellTeachers('answer', news);
      tellTeachers('record', { lessonId: row.lessonId });
    },
    /** Something was marked in a pile: its places, and answers that are new in the record. */
    piled: (news: PileNews, rows: readonly AnswerRow[]): void => {
      tellTeachers('pile', news);
      for (const row of rows) {
        const answer = runner.newsOf(row);
        if (answer !== undefined) tellTeachers('answer', answer);
      }
      // What was taken back may be of the round on the board.
      if (rows.length < news.places.length) tellTeachers('board', board());
      if (news.places.length > 0) tellTeachers('record', { lessonId: rows[0]?.lessonId ?? null });
    },
    /** Several answers came or went. */
    answersChanged: (lessonId: number | null): void => {
      tellTeachers('board', board());
      tellTeachers('record', { lessonId });
    },
    /** Class, children, plan or day changed: everybody fetches again. */
    classroomChanged: (): void => {
      tellTeachers('classroom', null);
      tellStations('classroom', null);
    },
    /** Which classes there are, or which one a screen looks at, is another: nothing a tablet shows. */
    classesChanged: (): void => tellTeachers('classroom', null),
    /** Who sits with whom is another: nothing a tablet shows. */
    groupsChanged: (checkId: number | null): void => {
      tellTeachers('classroom', null);
      tellTeachers('record', { lessonId: checkId });
    },
    viewChanged: (): void => tellTeachers('view', relay.view()),
    command: (command: BoardCommand): void => tellTeachers('command', command),
    recordChanged: (lessonId: number | null): void => tellTeachers('record', { lessonId }),
    settingsChanged: (): void => {
      tellTeachers('settings', settings.one());
      tellStations('settings', settings.one());
    },
    /** No screen looks at this class any more: its tablets start from their pictures. */
    close: (): void => {
      seats.clear();
      letGo([...tablets]);
    },
    /** Screens go to another class, with their remotes. @param isMeant those that do @returns their streams */
    release: (isMeant: (screen: string | undefined) => boolean): Listener[] =>
      Object.values(channels).flatMap((channel) => {
        const going = ([...channel.activeSessions] as Listener[]).filter(({ state }) => isMeant(state.screen));
        going.forEach((screen) => channel.deregister(screen));
        return going;
      }),
    /** Screens that looked at another class look at this one: its board and settings hold. */
    adopt: (looking: readonly Listener[]): void => {
      looking.forEach(register);
      tellTeachers('tablets', null);
    },
    joinTeacher: async (req: Request, res: Response, { visitor, screen: name }: Joining): Promise<void> => {
      const remote = visitor.is === 'remote' ? visitor.remote : undefined;
      const hears = remote !== undefined ? 'remote' : visitor.is === 'covered' ? 'board' : 'all';
      const state: ScreenState = { hears, screen: remote === undefined ? name : remote.screen };
      const screen = await createSession<ScreenState>(req, res, { retry: RETRY_MS, state });
      if (!opened(res, ownerOf(visitor))) return;
      register(screen);
      if (remote === undefined) return;
      // Whether it listens stands under Tablets, and a board may leave something to it.
      roomChanged();
      screen.once(
        'disconnected',
        safely('a remote that went', () => {
          if (!ended) roomChanged();
        }),
      );
    },
    joinStation: async (req: Request, res: Response, tabletId: number, seat: string | undefined): Promise<void> => {
      const state: TabletState = { tabletId, seat, close: () => res.end() };
      const session = await createSession<TabletState>(req, res, { retry: RETRY_MS, state });
      if (!opened(res, tabletOwner(tabletId))) return;
      stations.register(session);
      tablets.add(session);
      if (seat !== undefined) seats.hear(tabletId, seat);
      session.once(
        'disconnected',
        safely('a tablet that went', () => {
          tablets.delete(session);
          if (!ended) seatsChanged();
        }),
      );
      session.push(settings.one(), 'settings');
      session.push(stationRound(runner.today()), 'round');
      seatsChanged();
    },
  };
};
export type Live = ReturnType<typeof createLive>;
