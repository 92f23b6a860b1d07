import { seedFromText } from './rng.ts';

/** The same value as text whatever order its fields have. */
const plain = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(plain);
  if (typeof value !== 'object' || value === null) return value;
  const fields = Object.entries(value)
    .filter(([, field]) => field !== undefined)
    .sort(([one], [other]) => (one < other ? -1 : 1));
  return Object.fromEntries(fields.map(([name, field]) => [name, plain(field)]));
};

/**
 * Names a state by what is in it: two states with the same version are the same, but for one chance in four thousand million. Whoever changes
 * a state says which one was seen, so that nobody's change is written over unseen.
 * @param value anything JSON can say
 */
export const versionOf = (value: unknown): string => {
  const text = JSON.stringify(plain(value)) ?? '';
  return `${seedFromText(text).toString(36)}-${text.length.toString(36)}`;
};
