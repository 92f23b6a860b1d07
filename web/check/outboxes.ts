import { ref, shallowRef } from 'vue';
import { v4 as newId } from 'uuid';
import { PileNews, type PileDeed, type ProblemCode } from '../../contract/index.ts';
import { Refused, post } from '../api/client.ts';
import { waitingStorage } from '../api/place.ts';
import { createPileOutbox, pilesLeft, type Sent } from './pileOutbox.ts';

/** This page of the browser, over a reload too. */
const TAB = 'hoppel-tab';
const tabOf = (): string => {
  const known = sessionStorage.getItem(TAB) ?? newId();
  sessionStorage.setItem(TAB, known);
  return known;
};

/** What keeps every mark of a pile out for a while: another class is open, or another data file. They wait for their own. */
const PASSES: ReadonlySet<ProblemCode> = new Set(['unknown-pile', 'no-class']);

const send =
  (pileId: string) =>
  async (deeds: readonly PileDeed[]): Promise<Sent> => {
    try {
      return { kept: await post(PileNews, `/piles/${pileId}/deeds`, { deeds }) };
    } catch (error) {
      if (!(error instanceof Refused) || error.status >= 500 || PASSES.has(error.code)) return 'later';
      return { refused: error.code };
    }
  };

const open = (pileId: string) => {
  /** What the server kept last, and why it refused something last. */
  const kept = shallowRef<PileNews>();
  const refused = ref<{ readonly code: ProblemCode }>();
  const outbox = createPileOutbox({
    pileId,
    tab: tabOf(),
    storage: waitingStorage(),
    send: send(pileId),
    onKept: (news) => (kept.value = news),
    onRefused: (code) => (refused.value = { code }),
    later: (work, ms) => setTimeout(work, ms),
  });
  void outbox.flush();
  return { ...outbox, kept, refused };
};
export type OpenOutbox = ReturnType<typeof open>;

const outboxes = new Map<string, OpenOutbox>();
/** The outbox of a pile: one for as long as this page is open, whatever screen is looked at, so that what waits is sent. */
export const outboxOf = (pileId: string): OpenOutbox => {
  const known = outboxes.get(pileId) ?? open(pileId);
  outboxes.set(pileId, known);
  return known;
};

/** Sends what a page that was closed too early left behind. */
export const takeUpPiles = (): void => pilesLeft(waitingStorage()).forEach(outboxOf);
