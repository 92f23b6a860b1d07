import { createRequire } from 'node:module';
import { expect } from '@jest/globals';
import type { Browser } from './browser.ts';

const { AxeBuilder } = createRequire(import.meta.url)(
  '@axe-core/webdriverjs',
) as typeof import('@axe-core/webdriverjs');

/** Expects that axe finds no fault on the page as it stands. */
export const expectNoFault = async (driver: Browser['driver']): Promise<void> => {
  // Run in the page itself, and only faults told in full: the same rules in less than half the time. There are no frames.
  const axe = new AxeBuilder(driver).setLegacyMode(true).options({ resultTypes: ['violations'] });
  const { violations } = await axe.analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
};
