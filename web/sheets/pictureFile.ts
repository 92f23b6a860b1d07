import { svgFile, type Page } from '../../core/sheets/index.ts';
import andikaBold from '../../node_modules/@fontsource/andika/files/andika-latin-700-normal.woff2?url';
import andika from '../../node_modules/@fontsource/andika/files/andika-latin-400-normal.woff2?url';

/** Pixels a millimetre: 300 to an inch, as a picture that is to be printed needs. */
const SCALE = 300 / 25.4;

const asData = async (url: string): Promise<string> => {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return `data:font/woff2;base64,${btoa(text)}`;
};

/** A page as a PNG of 300 dots an inch. A picture knows no fonts of the page it is made on: they are put into it. */
export const pngOf = async (page: Pick<Page, 'width' | 'height' | 'marks'>): Promise<Blob> => {
  const [regular, bold] = await Promise.all([andika, andikaBold].map(asData));
  const fonts = [
    [400, regular],
    [700, bold],
  ].map(([weight, data]) => `@font-face{font-family:Andika;font-weight:${weight};src:url(${data})}`);
  const svg = svgFile(page).replace(
    '>',
    `><style>${fonts.join('')}</style><rect width="100%" height="100%" fill="#fff"/>`,
  );
  const image = new Image();
  image.src = `data:image/svg+xml;base64,${btoa(unescape(encodeURIComponent(svg)))}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(page.width * SCALE);
  canvas.height = Math.round(page.height * SCALE);
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, failed) =>
    canvas.toBlob(
      (blob) => (blob === null ? failed(new Error('the picture could not be made')) : done(blob)),
      'image/png',
    ),
  );
};

/** Lets the browser keep a file. */
export const save = (blob: Blob, name: string): void => {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
};
