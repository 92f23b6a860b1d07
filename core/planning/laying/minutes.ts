/**
 * Whole minutes that add up exactly to a lesson's length, in the proportion of the shares given, each at least one
 * (largest remainders: what rounding down leaves goes to the largest fractions, the earlier first).
 * @param shares positive numbers, one a segment
 * @param total whole minutes, at least as many as there are shares
 * @throws RangeError when there are more shares than minutes
 */
export const apportion = (shares: readonly number[], total: number): number[] => {
  if (total < shares.length) throw new RangeError(`${total} minutes cannot hold ${shares.length} segments`);
  const sum = shares.reduce((all, share) => all + share, 0);
  const ideal = shares.map((share) => (share * total) / sum);
  const minutes = ideal.map((one) => Math.max(1, Math.floor(one)));
  const spare = (): number => total - minutes.reduce((all, one) => all + one, 0);
  const byRemainder = ideal.map((_, i) => i).sort((a, b) => ideal[b]! - minutes[b]! - (ideal[a]! - minutes[a]!));
  for (let i = 0; spare() > 0; i = (i + 1) % byRemainder.length) minutes[byRemainder[i]!]! += 1;
  // Segments lifted to one minute may have taken too much: the longest give it back.
  while (spare() < 0) minutes[minutes.indexOf(Math.max(...minutes))]! -= 1;
  return minutes;
};
