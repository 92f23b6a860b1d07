import type { Conventions } from '../conventions/index.ts';
import type { PaperSize } from './locale.ts';
import { localeOf } from './locales.ts';

/** The paper a class prints on. */
export const paperOf = ({ paper, locale }: Pick<Conventions, 'paper' | 'locale'>): PaperSize =>
  paper === 'usual' ? localeOf(locale).paper : paper;
