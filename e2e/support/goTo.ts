import type { Page } from './page.ts';
import { answerOf } from './waiting.ts';

/**
 * Goes to another view of the teacher's, or another side of the one that is open, as a link does: the page is not loaded anew, which
 * takes as long as what is tested there. The tab of another view must say another name than that of the one that is left.
 */
export const goTo = async ({ driver }: Page, path: string): Promise<void> => {
  const left = await driver.executeScript<{ view: string; title: string }>(
    `const left = { view: location.pathname, title: document.title };
     history.pushState({ ...history.state, current: arguments[0] }, '', arguments[0]);
     dispatchEvent(new PopStateEvent('popstate', { state: history.state }));
     return left;`,
    path,
  );
  await answerOf(
    driver,
    `never at ${path}`,
    'return location.pathname === arguments[0].view || document.title !== arguments[0].title || null',
    left,
  );
};
