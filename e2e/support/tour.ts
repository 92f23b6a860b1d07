import { v4 as newId } from 'uuid';
import { CLOVER_ROOM } from '../../demo/clover.ts';
import { seededRng } from '../../core/common/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import { simulateAnswer } from '../../core/simulation/index.ts';
import { bareTablet, type BareTablet } from './bareTablet.ts';

interface RoundSeen {
  readonly id: string;
  readonly index: number;
  readonly version: number;
  readonly phase: string;
  readonly entries: readonly { readonly item: { readonly shown: DialTime } }[];
}

/** Drives a running Hoppel through its public interface, as the board and tablets do. */
export const tourOf = (url: string) => {
  let tablet: BareTablet | undefined;
  const send = async (path: string, body: unknown): Promise<void> => {
    const reply = await fetch(`${url}/api${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (!reply.ok) throw new Error(`${path}: ${reply.status} ${await reply.text()}`);
  };
  const round = async (): Promise<RoundSeen> =>
    ((await (await fetch(`${url}/api/board`)).json()) as { round: RoundSeen }).round;
  return {
    begin: (lessonId: number): Promise<void> => send('/rounds', { id: newId(), lessonId }),
    /** Moves on until the round is in a phase of an item. */
    moveTo: async (index: number, phase: string): Promise<void> => {
      for (let now = await round(); now.index !== index || now.phase !== phase; now = await round())
        await send(`/rounds/${now.id}/moves`, { move: 'next', version: now.version });
    },
    /** Moves on to the end of the round, past all that is asked again. */
    finish: async (): Promise<void> => {
      for (let now = await round(); now.phase !== 'done'; now = await round())
        await send(`/rounds/${now.id}/moves`, { move: 'next', version: now.version });
    },
    move: async (): Promise<void> => {
      const now = await round();
      await send(`/rounds/${now.id}/moves`, { move: 'next', version: now.version });
    },
    /** Three of four children of Clover Room answer the item of now on tablets, as simulated children do. */
    answer: async (seed: number): Promise<void> => {
      const { id, index, entries } = await round();
      const rng = seededRng(seed);
      tablet ??= await bareTablet(url);
      for (const [i, { behaves }] of CLOVER_ROOM.entries()) {
        if (i % 4 === 3) continue;
        const answer = simulateAnswer(behaves, { kind: 'set', shown: entries[index]!.item.shown }, rng);
        await tablet.answer({ childId: i + 1, answer, to: { setting: 'round', roundId: id, index } });
      }
    },
  };
};
