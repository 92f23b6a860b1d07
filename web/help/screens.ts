/** A key, or several that do the same kind of thing, and the word file's key for what it does. */
export interface HelpRow {
  readonly keys: readonly string[];
  readonly does: string;
}
const row = (does: string, ...keys: string[]): HelpRow => ({ keys, does });

const ANYWHERE = [row('help', '?', 'F1'), row('cover', 'F2'), row('around', 'Tab')];
const PATH = [
  row('path', '←', '→'),
  row('moveLesson', 'Alt ←', 'Alt →'),
  row('today', 'T'),
  row('undo', 'Ctrl Z'),
  row('redo', 'Ctrl ⇧ Z'),
];
const LIST = [row('order', '↑', '↓')];
const CLOCK = [row('minute', '←', '→'), row('five', '⇧ ←', '⇧ →'), row('half', 'Alt ←', 'Alt →')];

/** The keys of each screen, by the name of its route; the board's come from the board itself. */
export const HELP_ROWS = {
  desk: [...LIST, ...PATH, ...ANYWHERE],
  lesson: [...LIST, ...PATH, ...ANYWHERE],
  class: [...PATH, ...ANYWHERE],
  child: [...PATH, ...ANYWHERE],
  stored: [...PATH, ...ANYWHERE],
  sheets: [
    row('print', 'P'),
    row('undoSheet', 'Ctrl Z'),
    row('redoSheet', 'Ctrl ⇧ Z'),
    row('letGo', 'Esc'),
    ...ANYWHERE,
  ],
  checks: ANYWHERE,
  check: [
    row('markRight', 'Space', '1'),
    row('markOffer', '2', '3', '… 8'),
    row('markElse', '0'),
    row('markEmpty', '-', '?'),
    row('markRest', 'A'),
    row('markNext', 'N', 'Enter'),
    row('markAway', 'M', 'F'),
    row('markWrong', 'X'),
    row('markUndo', '⌫'),
    row('markView', 'V'),
    row('markMove', '←', '→', '↑', '↓'),
    row('help', 'F1'),
    row('cover', 'F2'),
  ],
  tablets: [...PATH, ...ANYWHERE],
  settings: [...PATH, ...ANYWHERE],
  children: [...LIST, ...PATH, ...ANYWHERE],
  day: [...PATH, ...ANYWHERE],
  unit: [...PATH, ...ANYWHERE],
  passphrase: [...PATH, ...ANYWHERE],
  backups: [...PATH, ...ANYWHERE],
  moving: [...PATH, ...ANYWHERE],
  'bring-in': ANYWHERE,
  welcome: ANYWHERE,
  remote: ANYWHERE,
  board: [
    ...CLOCK,
    row('cards', '1', '2', '3'),
    row('secondHand', 'X'),
    row('sayOn', 'Y'),
    row('full', 'F'),
    row('leave', 'Esc'),
    ...ANYWHERE,
  ],
} as const satisfies Readonly<Record<string, readonly HelpRow[]>>;
export type HelpedScreen = keyof typeof HELP_ROWS;

/** @param route name of a route */
export const isHelped = (route: unknown): route is HelpedScreen => typeof route === 'string' && route in HELP_ROWS;
