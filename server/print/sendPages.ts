import type { Response } from 'express';
import type { Page } from '../../core/sheets/index.ts';

/** A file's name from its title, without what file systems mind. */
export const fileName = (title: string, ending: string): string =>
  `${title.replace(/[^\p{L}\p{N} -]/gu, '').trim() || 'sheet'}.${ending}`;

/** Sends pages as a PDF that opens in a tab and can be saved from there. Drawing it is loaded when it is asked for first. */
export const sendPages = async (
  res: Response,
  pages: Iterable<Page>,
  { title, language, at }: { title: string; language: string; at: Date },
): Promise<void> => {
  const { streamPages } = await import('./streamPages.ts');
  res.attachment(fileName(title, 'pdf')).type('pdf');
  res.set('Content-Disposition', String(res.get('Content-Disposition')).replace('attachment', 'inline'));
  await streamPages(res, pages, { title, language, at });
};
