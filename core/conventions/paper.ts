import type { Conventions, English } from './conventions.ts';

export type PaperSize = 'a4' | 'letter';

/** The paper in use where an English is spoken. */
const USUAL_PAPER: Readonly<Record<English, PaperSize>> = { 'en-US': 'letter', 'en-GB': 'a4' };

/** The paper a class prints on. */
export const paperOf = ({ paper, english }: Pick<Conventions, 'paper' | 'english'>): PaperSize =>
  paper === 'usual' ? USUAL_PAPER[english] : paper;
