/** How many backups are kept: the newest of each of so many days, weeks and months that have one. */
export const KEPT = { days: 7, weeks: 4, months: 12 } as const;
/**
 * No backup is kept that is so many days older than the oldest of the seven days made last: what is deleted is gone from them all about a
 * year later. Not older than the newest of all, for one start with a wrong clock would then take a year's backups away.
 */
export const OLDEST_DAYS = 366;

/** When a backup was made, on the clock of the place: its day, YYYY-MM-DD, and what orders those of one day. */
export interface Made {
  readonly day: string;
  /** Milliseconds since 1970. */
  readonly at: number;
  /** Grows with each backup that is made, whatever the clock says. */
  readonly order: number;
}

const DAY_MS = 24 * 60 * 60 * 1000;
/** The Monday of a day's week, counted in days. */
const weekOf = (day: string): number => {
  const days = Math.floor(Date.parse(day) / DAY_MS);
  // 1970 began on a Thursday.
  return days - ((days + 3) % 7);
};
const monthOf = (day: string): string => day.slice(0, 7);

/** The first of each period, of the first periods there are. */
const firstOfEach = <M extends Made>(sorted: readonly M[], periodOf: (made: M) => unknown, most: number): M[] => {
  const kept = new Map<unknown, M>();
  for (const made of sorted) {
    const period = periodOf(made);
    if (!kept.has(period) && kept.size < most) kept.set(period, made);
  }
  return [...kept.values()];
};

/** The rule by the calendar: the newest of each of seven days, four weeks and twelve months, none from before `oldest`. */
const keptByDate = <M extends Made>(all: readonly M[], oldest: number): M[] => {
  const newestFirst = all.filter(({ at }) => at >= oldest).sort((a, b) => b.at - a.at || b.order - a.order);
  return [
    ...firstOfEach(newestFirst, ({ day }) => day, KEPT.days),
    ...firstOfEach(newestFirst, ({ day }) => weekOf(day), KEPT.weeks),
    ...firstOfEach(newestFirst, ({ day }) => monthOf(day), KEPT.months),
  ];
};

/**
 * The backups a rule keeps, the one made last first: those of seven days, four weeks and twelve months, each the newest of its own. Periods
 * with none do not count, so that a school's holidays cost no backup.
 *
 * A clock may have been wrong when one was made, and nothing tells which of two clocks was right. So the seven days made last stay
 * whatever they are dated; nothing goes for its age before seven days say so; and while one is dated after the one made last, nothing
 * goes at all until seven days were made since. Then those dated ahead are left out of the rule, and stay.
 */
export const keptBackups = <M extends Made>(all: readonly M[]): M[] => {
  const lastFirst = all.toSorted((a, b) => b.order - a.order);
  const [last] = lastFirst;
  if (last === undefined) return [];
  const isAhead = ({ day }: M): boolean => day > last.day;
  const since = lastFirst.slice(0, lastFirst.findIndex(isAhead));
  const isSettled = !lastFirst.some(isAhead) || new Set(since.map(({ day }) => day)).size >= KEPT.days;
  if (!isSettled) return lastFirst;
  const lastDays = firstOfEach(lastFirst, ({ day }) => day, KEPT.days);
  const oldest =
    lastDays.length < KEPT.days ? -Infinity : Math.min(...lastDays.map(({ at }) => at)) - OLDEST_DAYS * DAY_MS;
  const dated = lastFirst.filter((made) => !isAhead(made));
  const kept = new Set([...lastDays, ...keptByDate(dated, oldest)]);
  return lastFirst.filter((made) => isAhead(made) || kept.has(made));
};
