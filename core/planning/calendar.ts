/** A calendar day, YYYY-MM-DD. */
export type Day = string;

const DAY_MS = 86_400_000;
const utc = (day: Day): number => Date.parse(`${day}T00:00:00Z`);

/** The day so many days later (or earlier, when negative). */
export const addDays = (day: Day, days: number): Day => new Date(utc(day) + days * DAY_MS).toISOString().slice(0, 10);

/** Is this a real calendar day written YYYY-MM-DD? */
export const isDay = (text: string): boolean =>
  /^\d{4}-\d\d-\d\d$/.test(text) && !Number.isNaN(utc(text)) && addDays(text, 0) === text;

/** Day of the week, 0 Sunday .. 6 Saturday. */
export const weekday = (day: Day): number => new Date(utc(day)).getUTCDay();

/** School days are Monday to Friday. */
export const isSchoolDay = (day: Day): boolean => weekday(day) >= 1 && weekday(day) <= 5;

/** The school day that lies so many school days away; 0 gives the day itself or the next school day. */
export const schoolDayFrom = (day: Day, steps: number): Day => {
  let current = day;
  while (!isSchoolDay(current)) current = addDays(current, 1);
  for (let left = Math.abs(steps); left > 0; left--)
    do current = addDays(current, Math.sign(steps));
    while (!isSchoolDay(current));
  return current;
};
