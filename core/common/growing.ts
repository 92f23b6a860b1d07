/**
 * Sums over a list that mostly grows at its end, such as the answers of a child: what was summed is kept beside the list, and only what
 * came since is added. A list that was changed before its end is summed anew. That is seen by the element that was added last, so each
 * element stands in a list once, and none is put in the place of another.
 * @param begin the sums of an empty list @param add adds an element to the sums, in place
 * @returns gives the sums of a list; they belong to it and change when it has grown, so who hands them on hands on a copy
 */
export const createGrowing = <One extends object, Sums>(
  begin: () => Sums,
  add: (sums: Sums, one: One, place: number) => void,
): ((list: readonly One[]) => Sums) => {
  const known = new WeakMap<readonly One[], { readonly sums: Sums; upTo: number; last: One | undefined }>();
  return (list) => {
    let at = known.get(list);
    // Behind a list that is shorter now stands nothing.
    if (at === undefined || (at.upTo > 0 && list[at.upTo - 1] !== at.last)) {
      at = { sums: begin(), upTo: 0, last: undefined };
      known.set(list, at);
    }
    for (; at.upTo < list.length; at.upTo++) add(at.sums, list[at.upTo]!, at.upTo);
    at.last = list[at.upTo - 1];
    return at.sums;
  };
};
