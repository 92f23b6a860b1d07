import { nextTick, onUnmounted } from 'vue';
import type { Router } from 'vue-router';

/** Where something stands in the page: its place among its siblings, from the body down. */
const placeOf = (element: Element): string => {
  const steps: string[] = [];
  for (let at: Element | null = element; at !== null && at !== document.body; at = at.parentElement)
    steps.unshift(`${at.localName}:nth-child(${[...(at.parentElement?.children ?? [])].indexOf(at) + 1})`);
  return ['body', ...steps].join(' > ');
};
/** What it is called, so that nothing else is taken for it. */
const nameOf = (element: Element): string => element.getAttribute('aria-label') ?? element.textContent;

/** Milliseconds a screen may take until what had the keys is there again. */
const PATIENCE_MS = 3000;

/** Whoever comes back to a screen has the keys where they were when it was left; a screen that is new begins at its top. */
export const giveFocusBack = (router: Router): void => {
  const left = new Map<string, { readonly place: string; readonly name: string }>();
  router.beforeEach((_to, from) => {
    const at = document.activeElement;
    if (at === null || at === document.body) left.delete(from.fullPath);
    else left.set(from.fullPath, { place: placeOf(at), name: nameOf(at) });
  });
  router.afterEach((to) => {
    const wanted = left.get(to.fullPath);
    if (wanted === undefined) return;
    const until = performance.now() + PATIENCE_MS;
    const look = (): void => {
      // Somebody who is on to something else keeps it.
      if (document.activeElement !== document.body || router.currentRoute.value.fullPath !== to.fullPath) return;
      const found = document.querySelector<HTMLElement>(wanted.place);
      if (found !== null && nameOf(found) === wanted.name) found.focus({ preventScroll: true });
      else if (performance.now() < until) requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  });
};

/** What had the keys last outside of windows and menus, which go away. */
let outside: HTMLElement | undefined;
/** Looks where the keys go, for windows that are opened from a menu. */
export const watchFocus = (): void =>
  document.addEventListener('focusin', ({ target }) => {
    if (target instanceof HTMLElement && target.closest('.v-overlay') === null) outside = target;
  });

/** A window gives the keys back to where they were before it, once it is closed. */
export const useFocusBack = () => {
  const now = (): HTMLElement | undefined => {
    const at = document.activeElement;
    if (!(at instanceof HTMLElement) || at === document.body) return undefined;
    return at.closest('.v-overlay') === null ? at : outside;
  };
  let before = now();
  const giveBack = async (): Promise<void> => {
    await nextTick();
    if (document.activeElement === document.body && before?.isConnected === true) before.focus({ preventScroll: true });
  };
  onUnmounted(giveBack);
  return {
    /** For a window that is always there: it is opened now. */
    remember: (): void => void (before = now()),
    giveBack,
  };
};
