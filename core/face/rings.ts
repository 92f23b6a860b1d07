/** Where a ring of bricks lies, in face units from the middle. */
export interface Ring {
  readonly inner: number;
  readonly outer: number;
}

/** Face units between two rings, and half of it on each side of a brick. */
export const RING_GAP = 3;
/** A ring is as deep, and less where there are many: the middle stays free for what stands there. */
const DEPTH = 23;
const FREE = 24;
const RIM = 100;

/** So many rings of bricks on a face, the outermost first. @param count 1 or more */
export const ringsOnFace = (count: number): Ring[] => {
  const depth = Math.min(DEPTH, (RIM - FREE - RING_GAP * (count - 1)) / count);
  return Array.from({ length: count }, (_, ring) => {
    const outer = RIM - ring * (depth + RING_GAP);
    return { inner: outer - depth, outer };
  });
};
