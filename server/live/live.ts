import { createChannel, createSession, type Session } from 'better-sse';
import type { Request, Response } from 'express';
import type { BoardRelay } from '../board/boardRelay.ts';
import type { BoardCommand, BoardState, StationEvents, TeacherEvents } from '../../contract/index.ts';
import type { RoundRunner } from '../rounds/runRound.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import { stationRound } from '../station/stationRound.ts';

interface StationSession {
  childId: number | undefined;
}

/** Milliseconds a browser waits before it connects again after a lost stream. */
const RETRY_MS = 1000;

/**
 * The classroom's live streams: one for the teacher's screens, one for the tablets. Every event carries the whole
 * state it is about and every stream begins with the current state, so a reconnect catches up at once.
 */
export const createLive = (runner: RoundRunner, settings: SettingsRepository, relay: BoardRelay) => {
  const teachers = createChannel();
  const stations = createChannel<Record<string, unknown>, StationSession>();
  const sessions = new Set<Session<StationSession>>();
  let ended = false;

  const listening = (): number[] =>
    [...new Set([...sessions].flatMap(({ state }) => (state.childId === undefined ? [] : [state.childId])))].sort(
      (a, b) => a - b,
    );
  const board = (): BoardState => runner.board(listening());

  const tellTeachers = <E extends keyof TeacherEvents>(event: E, data: TeacherEvents[E]): void => {
    teachers.broadcast(data, event);
  };
  const tellStations = <E extends keyof StationEvents>(event: E, data: StationEvents[E]): void => {
    stations.broadcast(data, event);
  };

  return {
    board,
    /** Says no more: streams that end from now on end with the server, whose data file may be closed already. */
    end: (): void => {
      ended = true;
    },
    roundChanged: (): void => {
      const state = board();
      tellTeachers('board', state);
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
      const state = board();
      tellTeachers('board', state);
      tellTeachers('settings', settings.one());
      tellTeachers('classroom', null);
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
    },
    joinStation: async (req: Request, res: Response, childId: number | undefined): Promise<void> => {
      const session = await createSession<StationSession>(req, res, { retry: RETRY_MS, state: { childId } });
      stations.register(session);
      sessions.add(session);
      session.once('disconnected', () => {
        sessions.delete(session);
        if (!ended) tellTeachers('board', board());
      });
      session.push(settings.one(), 'settings');
      session.push(stationRound(board().round), 'round');
      tellTeachers('board', board());
    },
  };
};
export type Live = ReturnType<typeof createLive>;
