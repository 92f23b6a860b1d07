import { ref, shallowRef } from 'vue';
import { v4 as newId } from 'uuid';
import { StationChild, type StationRound } from '../../../contract/index.ts';
import type { Answer } from '../../../core/items/index.ts';
import { post, tell } from '../../api/client.ts';
import type { KeptThings } from './kept.ts';
import { codeOf, type Link } from './link.ts';

interface Options {
  readonly kept: KeptThings;
  readonly link: Link;
  /** Somebody else sits here from now on, or nobody. */
  readonly onChange: () => void;
}

const answeredKey = ({ id, index }: { readonly id: string; readonly index: number }): string => `${id}/${index}`;

/** Who sits at this tablet, and what it has answered in rounds. */
export const createSeat = ({ kept, link, onChange }: Options) => {
  /** Who sits here, and what is to be practised. */
  const child = shallowRef<StationChild>();
  /** A child that sits at another tablet. */
  const taken = ref<number>();
  /** This child's own answers to rounds. */
  const own = ref(new Map<string, Answer>());
  let seat: string | undefined;

  const follow = ({ roundId, answered }: StationChild): void => {
    if (roundId !== null)
      for (const { index, answer } of answered) own.value.set(answeredKey({ id: roundId, index }), answer);
  };
  /** A child sits down, or the one who sits here is looked after anew. @returns false when it sits elsewhere or nobody knows */
  const sit = async (childId: number): Promise<boolean> => {
    const before = await kept.get('seat');
    seat ??= before?.childId === childId ? before.seat : newId();
    const isNew = child.value?.childId !== childId;
    if (isNew) own.value = new Map();
    taken.value = undefined;
    try {
      const fresh = await post(StationChild, '/station/seats', { childId, seat });
      follow(fresh);
      child.value = fresh;
      await kept.set('seat', { seat, childId });
      await kept.set('child', fresh);
    } catch (error) {
      const code = codeOf(error);
      if (code === 'child-taken') taken.value = childId;
      link.needsCode.value = code === 'code-needed';
      const known = await kept.get('child');
      if (code !== undefined || known?.childId !== childId) return false;
      // No network: what was fetched before is enough to go on.
      child.value = known;
      link.connected.value = false;
    }
    if (isNew) onChange();
    return true;
  };
  /** The child is gone, and with it all this tablet knew of it. */
  const forget = async (): Promise<void> => {
    child.value = undefined;
    own.value = new Map();
    seat = undefined;
    await kept.forgetChild();
    onChange();
  };
  return {
    child,
    taken,
    /** The seat, while a child sits at it. */
    id: (): string | undefined => (child.value === undefined ? undefined : seat),
    sit,
    forget,
    /** Another tablet may have taken the child while this one was silent. */
    lookAfter: async (): Promise<void> => {
      const here = child.value?.childId;
      if (here !== undefined && !(await sit(here)) && taken.value === here) await forget();
    },
    bye: async (): Promise<void> => {
      const left = seat;
      await forget();
      // Lost, it does no harm: a silent seat is free for others after a while.
      if (left !== undefined)
        await tell('DELETE', `/station/seats/${left}`, undefined, { keepalive: true }).catch(() => undefined);
    },
    /** This child's answer to what a round asks; none yet. */
    answerTo: (round: StationRound): Answer | undefined => own.value.get(answeredKey(round)),
    hasAnswered: (round: StationRound, answer: Answer): void => void own.value.set(answeredKey(round), answer),
  };
};
