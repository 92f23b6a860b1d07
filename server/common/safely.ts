/**
 * Work whose failing must stop nothing else: at the edge of a stream, a timer or a connection, where nobody is left to be told, or one of
 * many. What it throws is logged, and the room goes on.
 * @param what names it in the log
 * @returns what the work gives; nothing where it failed
 */
export const safely =
  <A extends unknown[], T>(what: string, work: (...given: A) => T) =>
  (...given: A): T | undefined => {
    try {
      return work(...given);
    } catch (error) {
      console.error(`${what}:`, error);
      return undefined;
    }
  };
