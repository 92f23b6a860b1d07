/**
 * Tells where the server runs what nobody foresaw; thirty tablets go on meanwhile. Where the window that showed it is gone nothing is told:
 * that it cannot be told would be told too, and so for ever, with no time left for anybody.
 */
export const tellUnforeseen = (): void => {
  for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined);
  const tell = (what: unknown): void => console.error('Something nobody foresaw:', what);
  process.on('uncaughtException', tell);
  process.on('unhandledRejection', tell);
};
