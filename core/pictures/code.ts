import { shuffled, type Rng } from '../common/index.ts';
import type { Picture } from './pictures.ts';

/** Pictures a class's code is made of: few, and unlike each other at a glance. */
export const CODE_PICTURES = [
  'radish',
  'snail',
  'watering-can',
  'sunflower',
  'bee',
  'pumpkin',
  'boot',
  'mushroom',
  'wren',
] as const satisfies readonly Picture[];
export type CodePicture = (typeof CODE_PICTURES)[number];

/** Pictures in a code, all different: 3024 codes. */
export const CODE_LENGTH = 4;

/** A new code: different pictures in order. */
export const newCode = (rng: Rng): CodePicture[] => shuffled(rng, CODE_PICTURES).slice(0, CODE_LENGTH);
