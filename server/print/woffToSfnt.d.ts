declare module 'woff2sfnt-sfnt2woff' {
  const converter: {
    /** The font in a WOFF file, unpacked. */
    readonly toSfnt: (woff: Buffer) => Buffer;
  };
  export default converter;
}
