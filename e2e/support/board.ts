import type { Page } from './page.ts';

/** What a person does at a board, on a page that shows one. */
export const atBoard = (page: Page, url: string) => {
  const clockAt = async (): Promise<number> => Number(await page.attribute('.board .geared', 'aria-valuenow'));
  return {
    /** Opens the board at a segment of lesson 8; 1 shows o'clock times, the first is 9:00. */
    open: async (path = '/board/8?segment=1&clock'): Promise<void> => {
      await page.driver.get(url + path);
      await page.find('.board .geared');
    },
    /** Minutes after twelve that the clock's hands show. */
    clockAt,
    standsAt: (minutes: number): Promise<unknown> =>
      page.until(`the clock stands at ${minutes}`, async () => (await clockAt()) === minutes),
    lenses: async (): Promise<string> => page.attribute('.board', 'data-lenses'),
    /** Opens a tray by its key and gives one of its tiles. */
    tile: async (trayKey: string, tile: string) => {
      await page.press(trayKey);
      await page.find('.board .tray');
      // What the class does itself lies behind what it watches.
      if ((await page.all(`.board [data-tile="${tile}"]`)).length === 0)
        await (await page.find('[data-pill="show do"]')).click();
      return page.find(`.board [data-tile="${tile}"]`);
    },
    covered: async (): Promise<number> => (await page.all('.board .lid')).length,
    dock: (act: string) => page.find(`.dock [data-act="${act}"]`),
  };
};
