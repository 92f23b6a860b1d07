/** What is used of papaparse. Its own types bring those of Node with them, which core must not know. */
declare module 'papaparse' {
  interface ParseOptions {
    readonly delimiter: string;
    readonly skipEmptyLines?: 'greedy';
    /** Rows read at most. */
    readonly preview?: number;
  }
  interface WriteOptions {
    readonly delimiter: string;
    readonly newline: string;
  }
  const Papa: {
    readonly parse: <Row>(text: string, options: ParseOptions) => { readonly data: Row[] };
    readonly unparse: (rows: readonly (readonly string[])[], options: WriteOptions) => string;
  };
  export default Papa;
}
