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
