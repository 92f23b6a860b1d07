/** Draws an SVG on a page; it ships without types. */
declare module 'svg-to-pdfkit' {
  const draw: (
    doc: InstanceType<typeof import('pdfkit')>,
    svg: string,
    x: number,
    y: number,
    options: { readonly width: number; readonly height: number; readonly assumePt: boolean },
  ) => void;
  export default draw;
}
