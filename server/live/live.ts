import { createChannel, createSession, type Session } from 'better-sse';
import type { Request, Response } from 'express';
import type { BoardRelay } from '../board/boardRelay.ts';
import type { BoardCommand, BoardState, Draft, Drafts, StationEvents, TeacherEvents } from '../../contract/index.ts';
import type { Answer } from '../../core/items/index.ts';
import type { RoundRunner } from '../rounds/runRound.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import type { Seats } from '../station/seats.ts';
import { stationRound } from '../station/stationRound.ts';

interface StationSession {
  /** The seat this tablet has taken, or will. */
  seat: string | undefined;
}

/** Milliseconds between two looks at which tablets fell silent. */
const LOOK_ROUND_MS = 2000;
/** Milliseconds a browser waits before it connects again after a lost stream. */
const RETRY_MS = 1000;

/**
 * The classroom's live streams: one for the teacher's screens, one for the tablets. Every event carries the whole
 * state it is about and every stream begins with the current state, so a reconnect catches up at once.
 */
export const createLive = (runner: RoundRunner, settings: SettingsRepository, relay: BoardRelay, seats: Seats) => {
  const teachers = createChannel();
  const stations = createChannel<Record<string, unknown>, StationSession>();
  const sessions = new Set<Session<StationSession>>();
  let ended = false;

  /** Children whose tablets listen now and were heard of not long ago, in ascending order. */
  const listening = (): number[] => {
    const open = new Set([...sessions].map(({ state }) => state.seat));
    return seats
      .heard()
      .flatMap(({ childId, seat }) => (open.has(seat) ? [childId] : []))
      .sort((a, b) => a - b);
  };
  const board = (): BoardState => runner.board(listening());

  const tellTeachers = <E extends keyof TeacherEvents>(event: E, data: TeacherEvents[E]): void => {
    teachers.broadcast(data, event);
  };
  const tellStations = <E extends keyof StationEvents>(event: E, data: StationEvents[E]): void => {
    stations.broadcast(data, event);
  };

  /** What children set or draw in the task of now, by child; gone with the task. */
  const drafts = new Map<number, Answer>();
  let draftsOf = '';
  const allDrafts = (): Drafts | null => {
    const { round } = board();
    if (round === null) return null;
    const place = `${round.id} ${round.index}`;
    if (place !== draftsOf) drafts.clear();
    draftsOf = place;
    const list = [...drafts].map(([childId, answer]): Draft => ({ childId, answer }));
    return { roundId: round.id, index: round.index, drafts: list };
  };
  let told = '';
  const seatsChanged = (): void => {
    told = listening().join();
    tellTeachers('board', board());
    tellTeachers('tablets', null);
  };

  /** A tablet that fell silent does not say so. */
  const lookRound = setInterval(() => {
    if (listening().join() !== told) seatsChanged();
  }, LOOK_ROUND_MS);

  return {
    board,
    listening,
    seatsChanged,
    /** A child sets or draws: what it has now goes to the wall. What is late, for a task before, is let go. */
    draft: (childId: number, roundId: string, index: number, answer: Answer): void => {
      const now = allDrafts();
      if (now === null || now.roundId !== roundId || now.index !== index) return;
      drafts.set(childId, answer);
      tellTeachers('draft', { childId, roundId, index, answer });
    },
    /** A tablet's child was sent off: it goes back to the pictures. */
    sendAway: (seat: string): void => {
      for (const session of sessions) if (session.state.seat === seat) session.push(null, 'away');
      seatsChanged();
    },
    /** Sets were handed or taken back: tablets look again for what is to be practised. */
    practiceChanged: (): void => {
      tellTeachers('tablets', null);
      tellStations('classroom', null);
    },
    /** Says no more: streams that end from now on end with the server, whose data file may be closed already. */
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
    answersChanged: (lessonId: number | null): void => {
      tellTeachers('board', board());
      tellTeachers('record', { lessonId });
    },
    /** Class, children, plan or day changed: everybody fetches again. */
    classroomChanged: (): void => {
      tellTeachers('classroom', null);
      tellStations('classroom', null);
    },
    /** Another class is open: its board and settings hold, and every tablet starts from its pictures. */
    classOpened: (): void => {
      seats.clear();
      const state = board();
      tellTeachers('board', state);
      tellTeachers('settings', settings.one());
      tellTeachers('classroom', null);
      tellTeachers('tablets', null);
      tellStations('away', null);
      tellStations('round', stationRound(state.round));
      tellStations('settings', settings.one());
      tellStations('classroom', null);
    },
    viewChanged: (): void => tellTeachers('view', relay.view()),
    command: (command: BoardCommand): void => tellTeachers('command', command),
    recordChanged: (lessonId: number | null): void => tellTeachers('record', { lessonId }),
    settingsChanged: (): void => {
      tellTeachers('settings', settings.one());
      tellStations('settings', settings.one());
    },
    joinTeacher: async (req: Request, res: Response): Promise<void> => {
      const session = await createSession(req, res, { retry: RETRY_MS });
      teachers.register(session);
      session.push(board(), 'board');
      session.push(settings.one(), 'settings');
      session.push(relay.view(), 'view');
      session.push(allDrafts(), 'drafts');
    },
    joinStation: async (req: Request, res: Response, seat: string | undefined): Promise<void> => {
      const session = await createSession<StationSession>(req, res, { retry: RETRY_MS, state: { seat } });
      stations.register(session);
      sessions.add(session);
      if (seat !== undefined) seats.hear(seat);
      session.once('disconnected', () => {
        sessions.delete(session);
        if (!ended) seatsChanged();
      });
      session.push(settings.one(), 'settings');
      session.push(stationRound(board().round), 'round');
      seatsChanged();
    },
  };
};
export type Live = ReturnType<typeof createLive>;
