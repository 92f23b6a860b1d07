/** What the Sheets screen shows: a lesson's ticket or practice, things to print, or what was made before. */
export const SHEET_TABS = ['ticket', 'alone', 'things', 'made'] as const;
export type SheetTab = (typeof SHEET_TABS)[number];
