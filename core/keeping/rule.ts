/** How many backups are kept: the newest of each of so many days, weeks and months that have one. */
export const KEPT = { days: 7, weeks: 4, months: 12 } as const;
/** No backup is kept that is so many days older than the newest: what is deleted is gone from them all after that. */
export const OLDEST_DAYS = 366;

/** When a backup was made, on the clock of the place: its day, YYYY-MM-DD, and what orders those of one day. */
export interface Made {
  readonly day: string;
  /** Milliseconds since 1970. */
  readonly at: number;
}

const DAY_MS = 24 * 60 * 60 * 1000;
/** The Monday of a day's week, counted in days. */
const weekOf = (day: string): number => {
  const days = Math.floor(Date.parse(day) / DAY_MS);
  // 1970 began on a Thursday.
  return days - ((days + 3) % 7);
};
const monthOf = (day: string): string => day.slice(0, 7);

/** The newest of each period, of the newest periods that have one. */
const newestOfEach = <M extends Made>(newestFirst: readonly M[], periodOf: (made: M) => unknown, most: number): M[] => {
  const kept = new Map<unknown, M>();
  for (const made of newestFirst) {
    const period = periodOf(made);
    if (!kept.has(period) && kept.size < most) kept.set(period, made);
  }
  return [...kept.values()];
};

/**
 * The backups a rule keeps, newest first: those of seven days, four weeks and twelve months, each the newest of its own. Periods with none
 * do not count, so that a school's holidays cost no backup; but none of more than a year. The newest of all is always among them.
 */
export const keptBackups = <M extends Made>(all: readonly M[]): M[] => {
  const newest = Math.max(...all.map(({ at }) => at));
  const newestFirst = all.filter(({ at }) => newest - at <= OLDEST_DAYS * DAY_MS).sort((a, b) => b.at - a.at);
  const kept = new Set([
    ...newestOfEach(newestFirst, ({ day }) => day, KEPT.days),
    ...newestOfEach(newestFirst, ({ day }) => weekOf(day), KEPT.weeks),
    ...newestOfEach(newestFirst, ({ day }) => monthOf(day), KEPT.months),
  ]);
  return newestFirst.filter((made) => kept.has(made));
};
