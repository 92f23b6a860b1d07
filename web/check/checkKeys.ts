/** Keys of the check desk, as they stand on its buttons. */
export const CHECK_KEYS = {
  else: '0',
  empty: '-',
  illegible: '?',
  rest: 'A',
  next: 'N',
  away: 'M',
  otherForm: 'F',
  wrong: 'X',
  view: 'V',
} as const;
export type CheckAct = keyof typeof CHECK_KEYS;
