// Reads a workbook beside the page: whatever is in it, the page goes on.
import { workbookText } from './workbook.ts';

self.addEventListener('message', ({ data }: MessageEvent<Uint8Array>) => {
  try {
    self.postMessage({ text: workbookText(data) });
  } catch {
    self.postMessage({ text: undefined });
  }
});
