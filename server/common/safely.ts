/**
 * Work at the edge of a stream, a timer or a connection, where nobody is left to be told: what it throws is logged, and the room goes on.
 * @param what names it in the log
 */
export const safely =
  <A extends unknown[]>(what: string, work: (...given: A) => void) =>
  (...given: A): void => {
    try {
      work(...given);
    } catch (error) {
      console.error(`${what}:`, error);
    }
  };
