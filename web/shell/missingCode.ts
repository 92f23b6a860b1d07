import type { Router } from 'vue-router';

/** How browsers say that a part of the program could not be had. */
const MISSING = /dynamically imported module|Importing a module script failed|Unable to preload/i;
/** Where the address is kept that was loaded anew, so that no page does so twice. */
const TRIED = 'hoppel-loaded-anew';

/**
 * The code of a view is asked for when it is opened first. Where it cannot be had since a newer Hoppel has come, its address is loaded
 * anew; where the server is away, which the screen says, the view before stays.
 */
export const watchForMissingCode = (router: Router): void => {
  router.afterEach(() => sessionStorage.removeItem(TRIED));
  router.onError(async (error: unknown, to) => {
    if (!(error instanceof Error) || !MISSING.test(error.message)) return console.error(error);
    const { href } = router.resolve(to);
    if (sessionStorage.getItem(TRIED) === href) return;
    const isThere = await fetch(href, { method: 'HEAD', cache: 'no-store' }).then(
      ({ ok }) => ok,
      () => false,
    );
    if (!isThere) return;
    sessionStorage.setItem(TRIED, href);
    location.assign(href);
  });
};
