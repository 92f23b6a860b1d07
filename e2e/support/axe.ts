import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect } from '@jest/globals';
import type { Browser } from './browser.ts';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

interface Violation {
  readonly id: string;
  readonly nodes: readonly { readonly html: string }[];
}

/** Expects that axe finds no fault on the page as it stands. @param where said before each fault */
export const expectNoFault = async (driver: Browser['driver'], where = ''): Promise<void> => {
  // Run in the page itself, and only faults told in full: the same rules in a third of the time. There are no frames.
  if (!(await driver.executeScript<boolean>('return window.axe !== undefined'))) await driver.executeScript(AXE);
  const violations = await driver.executeAsyncScript<readonly Violation[] | string>(
    `const done = arguments[0];
     axe.run(document, { resultTypes: ['violations'] }).then(({ violations }) => done(violations), (fault) => done(String(fault)));`,
  );
  if (typeof violations === 'string') throw new Error(`axe could not look at the page: ${violations}`);
  expect(violations.map(({ id, nodes }) => `${where}${id}: ${nodes[0]?.html}`)).toEqual([]);
};
