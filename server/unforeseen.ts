/**
 * Prints what nobody foresaw where the server runs; thirty tablets go on meanwhile. Once the window that showed it is closed, printing fails:
 * each failure would be a new fault to print, without end, so it is passed over.
 */
export const tellUnforeseen = (): void => {
  for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined);
  const tell = (what: unknown): void => console.error('Something nobody foresaw:', what);
  process.on('uncaughtException', tell);
  process.on('unhandledRejection', tell);
};
