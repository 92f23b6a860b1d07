/** Children that may be secure: the likeliest count, and where it lies with a chance as near to eight in ten as whole children allow. */
export interface Band {
  readonly low: number;
  readonly middle: number;
  readonly high: number;
}

/** How sure a band is. */
export const BAND_SHARE = 0.8;

/**
 * The narrowest band round the likeliest count that holds about eight in ten draws: one more child is taken in only while that comes nearer.
 * @param counts how many draws came to 0, 1, 2 ... children
 */
export const bandOf = (counts: readonly number[]): Band => {
  const total = counts.reduce((sum, count) => sum + count, 0);
  let half = 0;
  const middle = Math.max(
    0,
    counts.findIndex((count) => (half += count) >= total / 2),
  );
  let [low, high] = [middle, middle];
  let held = (counts[middle] ?? 0) / total;
  while (held < BAND_SHARE) {
    const [below, above] = [counts[low - 1] ?? -1, counts[high + 1] ?? -1];
    const more = Math.max(below, above) / total;
    if (more < 0 || held + more - BAND_SHARE > BAND_SHARE - held) break;
    if (below > above) low -= 1;
    else high += 1;
    held += more;
  }
  return { low, middle, high };
};
