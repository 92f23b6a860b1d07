import { it } from '@jest/globals';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import type { Browser } from './browser.ts';

const FOLDER = resolve(import.meta.dirname, '../../dist/failures');

/**
 * Steps of one journey, each a test of its own that goes on where the one before stopped. When a step fails, a
 * picture of every browser is kept and the steps after it fail at once, for there is nothing to go on from.
 */
export const journey = (browsers: () => Readonly<Record<string, Browser>>) => {
  let broken: string | undefined;
  return (name: string, walk: () => Promise<void>): void => {
    it(name, async () => {
      if (broken !== undefined) throw new Error(`the journey stopped at "${broken}"`);
      try {
        await walk();
      } catch (error) {
        broken = name;
        mkdirSync(FOLDER, { recursive: true });
        for (const [who, { driver }] of Object.entries(browsers()))
          writeFileSync(
            join(FOLDER, `${name.replace(/\W+/g, '-').slice(0, 60)}-${who}.png`),
            await driver.takeScreenshot(),
            'base64',
          );
        throw error;
      }
    });
  };
};
