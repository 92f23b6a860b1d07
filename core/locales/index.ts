export {
  NUMBER_FORMS,
  oneSpelling,
  partsOfPattern,
  patternFilled,
  waysOf,
  withoutFinalStop,
  type NumberForm,
  type SaidPart,
} from './grammar.ts';
export { type Grammar, type Locale, type PaperSize } from './locale.ts';
export { LOCALES, chainOf, localeOf } from './locales.ts';
export { paperOf } from './paper.ts';
export { FALLBACKS, lookUp, wordsFrom, wordsOf, type WordFiles } from './words.ts';
