import { useEventListener } from '@vueuse/core';
import { CHECK_KEYS, type CheckAct } from './checkKeys.ts';
import type { Marking } from './useMarking.ts';

/** What may be written in, and what has keys of its own while it is open. */
const OWN_KEYS = 'input, textarea, select, [role="dialog"], [role="menu"], [role="slider"], [role="application"]';
/** What Space and Enter press. What is marked in is no such thing: there they mark. */
const PRESSED = 'button, a, [role="button"], summary, label';
const MARKS = '[data-marks]';

interface Options {
  /** Switches between the grid and the page. */
  readonly onPage: () => void;
  /** Is the pile looked at, and nothing over it? */
  readonly isOpen: () => boolean;
}

/**
 * The keys of the check desk. A key that is held down marks once: none can go on to the next child by itself.
 */
export const useCheckKeys = (marking: Marking, { onPage, isOpen }: Options): void => {
  const named: Readonly<Record<CheckAct, () => void>> = {
    else: () => marking.showElse(true),
    empty: () => marking.markHere({ kind: 'no-answer', why: 'empty' }),
    illegible: () => marking.markHere({ kind: 'no-answer', why: 'illegible' }),
    rest: marking.restRight,
    next: marking.next,
    away: marking.toggleAway,
    otherForm: marking.otherForm,
    wrong: () => marking.markHere({ kind: 'observed', got: false }, true),
    view: onPage,
  };
  const acts = new Map<string, () => void>([
    [' ', () => marking.offer(0)],
    ['Enter', marking.goOn],
    ['Backspace', marking.undo],
    ...(Object.keys(CHECK_KEYS) as CheckAct[]).map((act) => [CHECK_KEYS[act].toLowerCase(), named[act]] as const),
  ]);
  const MOVES = { ArrowLeft: 'left', ArrowRight: 'right', ArrowUp: 'up', ArrowDown: 'down' } as const;
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
    const at = event.target as Element;
    if (!isOpen() || at.closest(OWN_KEYS) !== null) return;
    // While something else is put in, what is offered is not there to be chosen.
    if (marking.isElse.value) {
      if (event.key === 'Escape') marking.showElse(false);
      return;
    }
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    const pressing = at.closest(PRESSED);
    if ((key === ' ' || key === 'Enter') && pressing !== null && !pressing.matches(MARKS)) return;
    const move = MOVES[key as keyof typeof MOVES];
    const act = /^[1-8]$/.test(key) ? () => marking.offer(Number(key) - 1) : acts.get(key);
    if (move === undefined && act === undefined) return;
    event.preventDefault();
    // Held down, arrows go on; nothing else does.
    if (move !== undefined) marking.step(move);
    else if (!event.repeat) act!();
  });
};
