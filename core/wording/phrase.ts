/** A piece of clock language: a key of the word files in `messages/`, and what to fill in. */
export interface Phrase {
  readonly key: string;
  readonly values: Readonly<Record<string, string | number>>;
}

/** Fills a pattern's `{name}` places. @throws RangeError when a value is missing */
export const fill = (pattern: string, values: Phrase['values']): string =>
  pattern.replace(/\{(\w+)\}/g, (_, name: string) => {
    const value = values[name];
    if (value === undefined) throw new RangeError(`"${pattern}" has no value for ${name}`);
    return String(value);
  });
