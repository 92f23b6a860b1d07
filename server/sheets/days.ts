/** A day as it stands in the head of a sheet: "Tue, Nov 24", as the class's language writes it. */
export const shortDay = (day: string, locale: string): string =>
  new Intl.DateTimeFormat(locale, { timeZone: 'UTC', weekday: 'short', day: 'numeric', month: 'short' }).format(
    new Date(`${day}T00:00:00Z`),
  );
