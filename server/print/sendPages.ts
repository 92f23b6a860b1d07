import type { Response } from 'express';
import type { LocaleTag } from '../../core/conventions/index.ts';
import type { Page } from '../../core/sheets/index.ts';
import { fileName } from '../common/fileName.ts';

/** Sends pages as a PDF that opens in a tab and can be saved from there. Drawing it is loaded when it is asked for first. */
export const sendPages = async (
  res: Response,
  pages: Iterable<Page>,
  { title, language, at }: { title: string; language: LocaleTag; at: Date },
): Promise<void> => {
  const { streamPages } = await import('./streamPages.ts');
  res.attachment(fileName(title, 'pdf')).type('pdf');
  res.set('Content-Disposition', String(res.get('Content-Disposition')).replace('attachment', 'inline'));
  await streamPages(res, pages, { title, language, at });
};
