/** Nothing is certain: what is said to be sure is at most so much. */
const SUREST = 0.99;

/** How sure a reason is, as it is said: 0..0.99. @param share probability 0..1 */
export const sureness = (share: number): number => Math.min(share, SUREST);
