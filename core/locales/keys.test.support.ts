/** Every key of a word file, as it is asked for: `clock.place.on`. */
export const keysOf = (words: object, prefix = ''): string[] =>
  Object.entries(words).flatMap(([key, value]) =>
    typeof value === 'object' && value !== null ? keysOf(value, `${prefix}${key}.`) : [`${prefix}${key}`],
  );

/** The keys below a group, without its name. */
export const keysUnder = (keys: readonly string[], group: string): string[] =>
  keys.filter((key) => key.startsWith(`${group}.`)).map((key) => key.slice(group.length + 1));
