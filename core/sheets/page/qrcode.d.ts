/** The part of qrcode that makes codes and knows neither a browser nor Node; its own types bring in those of Node. */
declare module 'qrcode/lib/core/qrcode.js' {
  export const create: (
    text: string,
    options: { readonly errorCorrectionLevel: 'M' },
  ) => { readonly modules: { readonly size: number; readonly data: Uint8Array } };
}
