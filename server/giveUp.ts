/** One clear sentence and exit code 1, for whatever keeps Hoppel from starting. */
export const giveUp = (sentence: string): never => {
  console.error(`Hoppel cannot start: ${sentence}`);
  process.exit(1);
};
