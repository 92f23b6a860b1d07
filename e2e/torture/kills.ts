import Database from 'better-sqlite3';
import { setTimeout as wait } from 'node:timers/promises';
import { v4 as newId } from 'uuid';
import type { PostAnswer } from '../../contract/index.ts';
import { timeOf } from '../../core/clock/index.ts';
import type { Rng } from '../../core/common/index.ts';
import { rightAnswers, type Item } from '../../core/items/index.ts';
import { bareTablet, type BareTablet } from '../support/bareTablet.ts';
import type { Hoppel } from '../support/hoppel.ts';

/** What became of answers sent to a server that was cut off again and again. */
export interface Killed {
  readonly kills: number;
  /** Answers of which a tablet was told that they are kept. */
  readonly acknowledged: number;
  /** Of these, such as are not in the data file. */
  readonly lost: number;
  /** Rows of the data file that no answer sent belongs to, or the second one of an answer. */
  readonly doubled: number;
  /** Answers refused though nothing was wrong with them. */
  readonly refused: number;
}

const TABLETS = 8;
/** Milliseconds from the first answer that is kept to the cut: at least, and more by chance. */
const CUT_AFTER = { least: 50, more: 700 };
/** Milliseconds the first answer may take after a start. */
const FIRST_MS = 10_000;

const answerOf = (childId: number, hour: number): PostAnswer => {
  const item: Item = { kind: 'set', shown: timeOf(hour) };
  return {
    id: newId(),
    childId,
    answer: rightAnswers(item)[0]!,
    to: { setting: 'alone', lessonId: 8, item, attempt: 1 },
  };
};

/**
 * Tablets send one answer after the other while the server is killed in the middle of it, and started again; what was not acknowledged
 * they send once more, as real ones do.
 */
export const killUnderLoad = async (hoppel: Hoppel, kills: number, rng: Rng): Promise<Killed> => {
  const tablets = await Promise.all(
    Array.from({ length: TABLETS }, async (_, i) => ({ childId: i + 1, tablet: await bareTablet(hoppel.url) })),
  );
  const sent = new Set<string>();
  const acknowledged = new Set<string>();
  let refused = 0;
  let isKept: () => void = () => undefined;
  /** @returns false when the server was not reached */
  const send = async (tablet: BareTablet, answer: PostAnswer): Promise<boolean> => {
    sent.add(answer.id);
    try {
      const { status } = await tablet.send('POST', '/answers', answer);
      if (status === 200 || status === 201) {
        acknowledged.add(answer.id);
        isKept();
      } else refused += 1;
      return true;
    } catch {
      // The connection broke: whether it was kept nobody knows here.
      return false;
    }
  };
  /** The answer each tablet did not hear of. */
  const waiting = new Map<BareTablet, PostAnswer>();
  const work = async ({ childId, tablet }: (typeof tablets)[number]): Promise<void> => {
    await tablet.sit(childId).catch(() => undefined);
    for (;;) {
      const answer = waiting.get(tablet) ?? answerOf(childId, 1 + Math.floor(rng() * 12));
      waiting.set(tablet, answer);
      if (!(await send(tablet, answer))) return;
      waiting.delete(tablet);
    }
  };
  for (let kill = 0; kill < kills; kill++) {
    const first = new Promise<void>((kept) => (isKept = kept));
    const working = tablets.map(work);
    await Promise.race([first, wait(FIRST_MS)]);
    await wait(CUT_AFTER.least + rng() * CUT_AFTER.more);
    await hoppel.kill();
    await Promise.all(working);
    await hoppel.start();
  }
  for (const { childId, tablet } of tablets) {
    await tablet.sit(childId);
    const last = waiting.get(tablet);
    if (last !== undefined) await send(tablet, last);
  }
  await hoppel.stop();
  const db = new Database(hoppel.data, { readonly: true });
  const stored = db.prepare<[], string>("SELECT id FROM answer WHERE source = 'tablet'").pluck().all();
  db.close();
  const kept = new Set(stored);
  return {
    kills,
    acknowledged: acknowledged.size,
    lost: [...acknowledged].filter((id) => !kept.has(id)).length,
    doubled: stored.length - kept.size + stored.filter((id) => !sent.has(id)).length,
    refused,
  };
};
