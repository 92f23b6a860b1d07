export { HELPS, lookOf, type ClockLook, type HelpOnPaper } from './clocks/look.ts';
export { DRAWN_ON, MIDDLE_DOT } from './clocks/face.ts';
export {
  FORM_LETTERS,
  SHEET_SIZES,
  SHEET_TYPES,
  type SheetContent,
  type SheetCopy,
  type SheetSize,
  type SheetType,
} from './content.ts';
export { fitsOnOne } from './flow.ts';
export { TICKET } from './heading.ts';
export { WRITINGS, type Writing } from './kinds/block.ts';
export { PAPER_KINDS, asPrinted, isPaperItem, type PaperItem, type PaperKind } from './kinds/index.ts';
export { layPages, leavesOf, pagesOf, roomFor, type SheetSetting } from './lay.ts';
export { codeText, readCode, type PageCode } from './page/code.ts';
export { INKS, type Box, type Ink, type Line, type Mark, type PagePoint } from './page/mark.ts';
export { PAPER_MM, SAFE_MARGIN } from './page/paper.ts';
export { CAP_HEIGHT, brokenLines, fitted, textWidth, type Weight } from './page/type.ts';
export { type Page, type Zone } from './page/zone.ts';
