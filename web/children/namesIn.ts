/** The names in a text as it is typed or pasted: one a line, or separated by commas, semicolons or tabs. Numbers before a name go. */
export const namesIn = (text: string): string[] =>
  text
    .split(/[\n\r,;\t]/)
    .map((name) =>
      name
        .replace(/^\s*\d+[.)]?\s+/, '')
        .trim()
        .slice(0, 40),
    )
    .filter((name) => name !== '');
