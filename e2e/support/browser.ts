import { createRequire } from 'node:module';
import type { WebDriver } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome.js';
import { openContext } from './chromium.ts';

type Http = typeof import('selenium-webdriver/http.js');
const { Executor, HttpClient } = createRequire(import.meta.url)('selenium-webdriver/http') as Http;

/** How many times slower than this machine its pages run: `HOPPEL_SLOWED=5` tries the tests themselves for impatience. */
const SLOWED = Number(process.env.HOPPEL_SLOWED ?? 1);

/** A window with its own empty profile; `quit` ends it and forgets the profile. */
export interface Browser {
  readonly driver: WebDriver & chrome.Driver;
  /** What its pages download goes to a folder. */
  downloadTo(folder: string): Promise<void>;
  /** @throws Error when one of its pages said that something went wrong, beside a request that was refused or lost */
  quit(): Promise<void>;
}

interface Options {
  readonly width?: number;
  readonly height?: number;
  /** Everything moves as it does for most; otherwise as for those who wish less motion, which is quicker where motion is not tested. */
  readonly motion?: boolean;
  /** Logs what it asks of the network; costly where much is asked. */
  readonly requestLog?: boolean;
  /** A certificate it was told to trust, PEM. */
  readonly trusted?: string;
}

/** A request that is refused or lost is said by the browser itself; tests that want one ask for it. */
const OF_THE_NETWORK = /Failed to load resource|net::ERR_/;

/** What pages of a window said was wrong. */
const faultsSaid = async (driver: WebDriver): Promise<string[]> => {
  const said = await driver.manage().logs().get('browser');
  return said.flatMap(({ level, message }) =>
    level.name === 'SEVERE' && !OF_THE_NETWORK.test(message) ? [message] : [],
  );
};

/** Opens a window whose page is exactly so large; its own frame would take a part of it otherwise. */
export const startBrowser = async ({
  width = 1280,
  height = 800,
  motion = false,
  requestLog = false,
  trusted,
}: Options = {}): Promise<Browser> => {
  const { chromium, targetId, downloadTo, close } = await openContext(trusted);
  const options = new chrome.Options();
  options.debuggerAddress(`127.0.0.1:${chromium.browser}`);
  options.set('goog:loggingPrefs', { browser: 'ALL', performance: requestLog ? 'ALL' : 'OFF' });
  const driver = chrome.Driver.createSession(
    options,
    new Executor(new HttpClient(`http://127.0.0.1:${chromium.driver}/`)),
  ) as WebDriver & chrome.Driver;
  await driver.switchTo().window(targetId);
  await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  });
  // Several windows are open at once, each as if it were the one in front.
  await driver.sendDevToolsCommand('Emulation.setFocusEmulationEnabled', { enabled: true });
  await driver.sendDevToolsCommand('Emulation.setEmulatedMedia', {
    features: [{ name: 'prefers-reduced-motion', value: motion ? 'no-preference' : 'reduce' }],
  });
  if (SLOWED > 1) await driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  return {
    driver,
    downloadTo,
    quit: async () => {
      const faults = await faultsSaid(driver);
      await driver.quit();
      await close();
      if (faults.length > 0) throw new Error(`a page said: ${faults.join('\n')}`);
    },
  };
};
