import { createRequire } from 'node:module';
import { expect } from '@jest/globals';
import type { Browser } from './browser.ts';

const { AxeBuilder } = createRequire(import.meta.url)(
  '@axe-core/webdriverjs',
) as typeof import('@axe-core/webdriverjs');

/** Expects that axe finds no fault on the page as it stands. */
export const expectNoFault = async (driver: Browser['driver']): Promise<void> => {
  const { violations } = await new AxeBuilder(driver).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
};
