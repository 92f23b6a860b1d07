import { useEventListener } from '@vueuse/core';
import { stepOfKey } from '../../clock/stepOfKey.ts';

/** What the board's keys do; keys without an entry do nothing. Letters are lower case. */
export interface BoardKeys {
  readonly step: (minutes: number) => void;
  readonly keys: Readonly<Record<string, () => void>>;
}

/** Elements that need these keys themselves. */
const usesKeys = (target: EventTarget | null, key: string): boolean => {
  if (!(target instanceof HTMLElement)) return false;
  if (target.closest('input, textarea, select, [role="menu"], .v-overlay__content') !== null) return true;
  return (key === ' ' || key === 'Enter') && target.closest('button, a') !== null;
};

/** The whole board listens, so that no part of it has to be focused first. */
export const useBoardKeys = (map: () => BoardKeys): void => {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || usesKeys(event.target, event.key)) return;
    const step = stepOfKey(event);
    const act =
      step === undefined ? map().keys[event.key.length === 1 ? event.key.toLowerCase() : event.key] : undefined;
    if (step === undefined && act === undefined) return;
    event.preventDefault();
    if (step !== undefined) map().step(step);
    else act?.();
  });
  // A button reached by keyboard keeps its Space; one that was only tapped gives it back to the board. A click made
  // by a key has no count.
  useEventListener(window, 'click', (event: MouseEvent) => {
    if (event.detail > 0 && document.activeElement instanceof HTMLButtonElement) document.activeElement.blur();
  });
};
