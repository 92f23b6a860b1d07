import { computed, ref, shallowRef } from 'vue';
import { HANDS, handAngles, normaliseAngle, type DialTime, type Hand } from '../../../core/clock/index.ts';
import type { Conventions } from '../../../core/conventions/index.ts';
import type { Answer, Item } from '../../../core/items/index.ts';
import { helpFor, type Help } from '../../../core/asking/index.ts';
import { readAndMark, type Verdict } from '../../../core/marking/index.ts';

/** Degrees between two marks: a minute hand put on is put on a mark. */
const MARK = 6;
/** Degrees an hour hand is moved by: a twelfth of the way between two numerals is more than a finger can tell. */
const HOUR_STEP = 2.5;

/** A face onto which both hands are put, in either order, or the hour hand alone; checked when that is wished. */
export const useEmptyClock = (conventions: () => Conventions, only: () => Hand | undefined) => {
  const hands = shallowRef<Partial<Record<Hand, number>>>({});
  /** The hand that is put on next. */
  const first = (): Hand => only() ?? conventions().drawnFirst;
  const chosen = ref<Hand>(first());
  /** A dot on the rim, where a hand is to be drawn: with the drawing steps a hand comes in two. */
  const dot = ref<number>();
  const checked = shallowRef<{ readonly verdict: Verdict; readonly help: Help | undefined }>();
  const other = (hand: Hand): Hand => HANDS.find((one) => one !== hand)!;

  const put = (hand: Hand, angle: number): void => {
    const step = hand === 'minute' ? MARK : HOUR_STEP;
    hands.value = { ...hands.value, [hand]: normaliseAngle(Math.round(angle / step) * step) };
    checked.value = undefined;
  };
  /** The hand is on: the other one follows, where it is not on yet. */
  const letGo = (): void => {
    if (only() === undefined && hands.value[other(chosen.value)] === undefined) chosen.value = other(chosen.value);
  };
  const judge = (item: Item, answer: Answer): void => {
    const { read, verdict } = readAndMark(item, answer, conventions());
    checked.value = { verdict, help: verdict === 'right' ? undefined : helpFor(item, read, conventions()) };
  };
  return {
    hands,
    chosen,
    dot,
    checked,
    isWhole: computed(() => HANDS.every((hand) => hands.value[hand] !== undefined || (only() ?? hand) !== hand)),
    choose: (hand: Hand): void => {
      chosen.value = hand;
      dot.value = undefined;
    },
    put,
    letGo,
    /** By keys: from straight up on, a mark at a time. */
    step: (by: number): void => put(chosen.value, (hands.value[chosen.value] ?? 0) + by * MARK),
    wipe: (): void => {
      hands.value = {};
      dot.value = undefined;
      checked.value = undefined;
      chosen.value = first();
    },
    /** Holds what is there against a time; a hand that is missing is not there. */
    check: (shown: DialTime): void => {
      const { hour, minute } = hands.value;
      if (hour === undefined) return;
      if (only() === 'hour') return judge({ kind: 'set-hour-hand', shown }, { kind: 'hour-angle', angle: hour });
      if (minute !== undefined) judge({ kind: 'set-free', shown }, { kind: 'hands', hour, minute });
    },
    /** Shows where they belong. */
    show: (time: DialTime): void => {
      const { hour, minute } = handAngles(time);
      hands.value = only() === 'hour' ? { hour } : { hour, minute };
      checked.value = { verdict: 'right', help: undefined };
    },
  };
};
export type EmptyClockState = ReturnType<typeof useEmptyClock>;
