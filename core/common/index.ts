export { createGrowing } from './growing.ts';
export { versionOf } from './version.ts';
export { pick, seededRng, seedFromText, shuffled, type Rng } from './rng.ts';
