export { formByNeed } from './choosing/byNeed.ts';
export { composeForms, countsOf, formsOfTasks, type Composed } from './choosing/compose.ts';
export {
  rulesBroken,
  swapBreaks,
  swapSuggestions,
  whyTimes,
  withTaskMoved,
  withTimeAt,
  withTimeOff,
  withTimeOn,
} from './choosing/editing.ts';
export { hardnessOf, otherForm } from './choosing/forms.ts';
export {
  CLOCK_CHOICES,
  FORM_WAYS,
  MOST_TASKS,
  SHEET_ORDER,
  isAboutOneTime,
  kindsOf,
  timeOfTask,
  timesOnSheet,
  type FormWay,
  type SheetRecipe,
} from './choosing/recipe.ts';
export { rightPlace } from './choosing/tasks.ts';
export { timesAllowed, type RecipeProblem } from './choosing/times.ts';
export { HELPS, lookOf, type ClockLook, type HelpOnPaper } from './clocks/look.ts';
export {
  PAPER_PARTS,
  contentOf,
  sheetOfLesson,
  sheetOfTasks,
  sourceOf,
  tasksOfPart,
  usualRecipe,
  type LessonOnPaper,
  type PaperPart,
  type RecipedSheet,
} from './ofLesson.ts';
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
export { keyEntry, type KeyEntry, type LikelyWrong } from './key/key.ts';
export { layKey, type KeyHeading } from './key/layKey.ts';
export { shownAnswer, type ShownAnswer } from './key/shown.ts';
export { askedOnPaper } from './kinds/asked.ts';
export { WRITINGS, type Writing } from './kinds/block.ts';
export { isInBoxes } from './kinds/writing.ts';
export { PAPER_KINDS, asPrinted, isPaperItem, type PaperItem, type PaperKind } from './kinds/index.ts';
export { layPages, leavesOf, pagesOf, roomFor, type SheetSetting } from './lay.ts';
export { codeText, readCode, type PageCode } from './page/code.ts';
export { INKS, type Box, type ClockOnPaper, type Ink, type Line, type Mark, type PagePoint } from './page/mark.ts';
export { PAPER_MM, SAFE_MARGIN } from './page/paper.ts';
export { CAP_HEIGHT, textWidth, type Weight } from './page/type.ts';
export { familyPage, familyWords, type FamilySetting } from './reports/family.ts';
export { overviewPages, type OverviewRow, type OverviewSetting } from './reports/overview.ts';
export { THINGS, layThing, type Thing } from './things/index.ts';
export { RULER } from './things/testPage.ts';
export { type DayEntry, type ThingSetting } from './things/thing.ts';
export { clockPicture, partPicture, singleFace, svgElement, svgFile } from './single.ts';
export { boundsOf } from './page/bounds.ts';
export { type Page, type Zone } from './page/zone.ts';
export { bestTime, formsThatTell, type FindingWishes, type FormsStep } from './choosing/finding.ts';
