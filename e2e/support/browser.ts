import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, type WebDriver } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome.js';

const CHROMIUM = process.env.CHROMIUM_BIN ?? '/usr/bin/chromium';
const DRIVER = process.env.CHROMEDRIVER_BIN ?? '/usr/bin/chromedriver';
/** How many times slower than this machine its pages run: `HOPPEL_SLOWED=5` tries the tests themselves for impatience. */
const SLOWED = Number(process.env.HOPPEL_SLOWED ?? 1);

/** A headless Chromium with its own empty profile; `quit` ends it and removes the profile. */
export interface Browser {
  readonly driver: WebDriver & chrome.Driver;
  quit(): Promise<void>;
}

interface Options {
  readonly width?: number;
  readonly height?: number;
  /** Everything moves as it does for most; otherwise as for those who wish less motion, which is quicker where motion is not tested. */
  readonly motion?: boolean;
  /** Names that lead to this machine, as other devices on the classroom network call it. */
  readonly names?: readonly string[];
  /** Logs what it asks of the network; costly where much is asked. */
  readonly requestLog?: boolean;
}

/** Starts a browser whose page is exactly so large; the window's own frame would take a part of it otherwise. */
export const startBrowser = async ({
  width = 1280,
  height = 800,
  motion = false,
  names = [],
  requestLog = false,
}: Options = {}): Promise<Browser> => {
  const profile = mkdtempSync(join(tmpdir(), 'hoppel-browser-'));
  const options = new chrome.Options();
  options.setChromeBinaryPath(CHROMIUM);
  options.addArguments(
    '--headless=new',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-dev-shm-usage',
    '--disable-quic',
    '--no-first-run',
    // A page lives for seconds: what its scripts gain by being compiled well they do not earn back.
    '--js-flags=--no-opt --no-maglev --min-semi-space-size=64 --max-semi-space-size=64',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--hide-scrollbars',
    '--force-device-scale-factor=1',
    `--user-data-dir=${profile}`,
    ...(motion ? [] : ['--force-prefers-reduced-motion']),
    ...(names.length > 0 ? [`--host-resolver-rules=${names.map((name) => `MAP ${name} 127.0.0.1`).join(',')}`] : []),
  );
  options.set('goog:loggingPrefs', { browser: 'ALL', performance: requestLog ? 'ALL' : 'OFF' });
  const driver = (await new Builder()
    .forBrowser('chrome')
    .setChromeOptions(options)
    .setChromeService(new chrome.ServiceBuilder(DRIVER))
    .build()) as WebDriver & chrome.Driver;
  await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  });
  if (SLOWED > 1) await driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  return {
    driver,
    quit: async () => {
      await driver.quit();
      rmSync(profile, { recursive: true, force: true });
    },
  };
};
