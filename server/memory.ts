import { setFlagsFromString } from 'node:v8';

/**
 * V8 lets objects that are gone grow to three times those that live before it looks for them; here to 1.6 times, which 600 tablets at
 * once are answered as quickly with. Said here and not to `node`, which does not start with a flag it does not know; this is passed over.
 */
export const lookForWhatIsGone = (): void => setFlagsFromString('--heap-growing-percent=60');
