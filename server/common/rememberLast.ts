/**
 * What was worked out last, as long as nothing it goes by has changed.
 * @param stamp another text whenever the result may be another
 */
export const rememberLast = <T>(stamp: () => string, make: () => T): (() => T) => {
  let last: { readonly stamp: string; readonly made: T } | undefined;
  return () => {
    const now = stamp();
    if (last?.stamp !== now) last = { stamp: now, made: make() };
    return last.made;
  };
};
