import { useEventListener } from '@vueuse/core';
import { ref } from 'vue';

type Way = 'ArrowRight' | 'ArrowLeft' | 'ArrowUp' | 'ArrowDown';
const WAYS: ReadonlySet<string> = new Set<Way>(['ArrowRight', 'ArrowLeft', 'ArrowUp', 'ArrowDown']);

/** Does the child go by keys now, or by touching? */
export const usesKeys = ref(false);

/** What can be reached, in the order it stands on the page. */
const reachable = (): HTMLElement[] =>
  [...document.querySelectorAll<HTMLElement>('main :is(a[href], button, [tabindex="0"])')].filter(
    (one) => one.getClientRects().length > 0,
  );

/** Up and down: the nearest one there, things beside each other counting double. */
const nearest = (from: HTMLElement, all: readonly HTMLElement[], down: boolean): HTMLElement | undefined => {
  const at = from.getBoundingClientRect();
  const middle = { x: at.x + at.width / 2, y: at.y + at.height / 2 };
  const far = (one: HTMLElement): number => {
    const box = one.getBoundingClientRect();
    const [x, y] = [box.x + box.width / 2 - middle.x, box.y + box.height / 2 - middle.y];
    return (down ? y > 1 : y < -1) ? Math.abs(y) + 2 * Math.abs(x) : Infinity;
  };
  const best = all.reduce((found, one) => (far(one) < far(found) ? one : found), from);
  return best === from ? undefined : best;
};

/**
 * Arrow keys and Enter alone reach everything, as a switch sends them: arrows go from one thing to the next, Enter uses it. On a
 * clock or a hand the arrows turn it, and Enter goes on to the next thing.
 */
export const useSwitchKeys = (): void => {
  useEventListener(document, 'pointerdown', () => (usesKeys.value = false), { capture: true });
  useEventListener(document, 'keydown', () => (usesKeys.value = true), { capture: true });
  useEventListener(document, 'keydown', (event) => {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return;
    const all = reachable();
    if (all.length === 0) return;
    const active = document.activeElement as HTMLElement;
    const place = all.indexOf(active);
    const role = active.getAttribute('role');
    const turns = role === 'slider' || role === 'application';
    const step = (by: number): HTMLElement => all[(place + by + all.length) % all.length]!;
    let target: HTMLElement | undefined;
    if (event.key === 'Enter' && turns) target = step(1);
    else if (WAYS.has(event.key) && !turns) {
      const back = event.key === 'ArrowLeft' || event.key === 'ArrowUp';
      // The first key comes to the task itself, not to "bye".
      if (place < 0) target = back ? all.at(-1) : (all.find((one) => one.closest('.body') !== null) ?? all[0]);
      else if (event.key === 'ArrowUp' || event.key === 'ArrowDown')
        target = nearest(active, all, event.key === 'ArrowDown') ?? step(back ? -1 : 1);
      else target = step(back ? -1 : 1);
    }
    if (target === undefined) return;
    event.preventDefault();
    target.focus();
  });
};
