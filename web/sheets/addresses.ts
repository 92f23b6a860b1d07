import { apiAddress } from '../api/place.ts';
import type { Thing } from '../../core/sheets/index.ts';

/** Where a printing comes out as a PDF. */
export const sheetAddress = (printing: number): string => apiAddress(`/sheets/printings/${printing}/sheet.pdf`);
export const keyAddress = (printing: number): string => apiAddress(`/sheets/printings/${printing}/key.pdf`);
/** Where the key of a sheet does that is kept, printed or not. */
export const keyOfSheet = (id: string): string => apiAddress(`/sheets/${id}/key.pdf`);
/** Where a thing to lay out does. @param lessonId for its words */
export const thingAddress = (thing: Thing, lessonId?: number): string =>
  apiAddress(`/sheets/things/${thing}.pdf${lessonId === undefined ? '' : `?lesson=${lessonId}`}`);
