/** Every colour of Hoppel, named by what it is for. Contrast is measured against paper unless said otherwise. */
export const COLOURS = {
  paper: '#FBF7EF',
  raised: '#FFFFFF',
  sand: '#F4EDE0',
  sandLight: '#F8F2E7',
  line: '#E3DACB',
  pebble: '#8B8271', // outlines, 3.5
  ink: '#22303C', // 12.6
  quiet: '#5B6873', // 5.4
  carrot: '#C8521B', // the hour hand: shapes only
  carrotText: '#B8480F', // 5.3
  pine: '#17604F', // the minute hand, 7.4
  plum: '#6A4A86', // what can be acted on; white on it 7.2
  plumTint: '#F0EAF4', // suggestion, selected row
  plumChosen: '#E6DCEE',
  plumDeep: '#4F3468',
  sun: '#E9B23C', // now and today only, with ink on it
  berry: '#B3364A', // real errors only, never on a child's answer
  moss7: '#4A6838',
  moss6: '#5E7B49',
  moss5: '#7F9E63',
  moss4: '#A5BD89',
  moss3: '#B9CCA2',
  moss2: '#CBD9B9',
  moss1: '#F3F6EC',
  halfTurn: '#BFDCD0',
  roomInside: '#FAD6BD',
  roomBeyond: '#FDE9DC',
  dawnLeft: '#E7EEDF',
  dawnMiddle: '#F8F0DD',
  dawnRight: '#FBE6D2',
  hillFar: '#E1E9D2',
  hillNear: '#CFDDB8',
} as const;

/** Spaces, corners and the one shadow. */
const MEASURES = {
  corner: '12px',
  'corner-board': '20px',
  shadow: '0 1px 2px rgba(74,58,30,.06), 0 10px 28px -8px rgba(74,58,30,.16)',
  'ease-hop': 'cubic-bezier(.2,.8,.3,1)',
} as const;

const dashed = (name: string): string => name.replace(/[A-Z]|\d+/g, (part) => `-${part.toLowerCase()}`);

/** Makes every token a CSS custom property of the page: `plumTint` is `--plum-tint`, `moss7` is `--moss-7`. */
export const installTokens = (root: HTMLElement): void => {
  for (const [name, value] of [...Object.entries(COLOURS), ...Object.entries(MEASURES)])
    root.style.setProperty(`--${dashed(name)}`, value);
};
