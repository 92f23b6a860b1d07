/** Text, and the hands of clocks: near-black, so that any printer can print them. */
export const INK = '#22303c';
/** Text beside it. */
export const QUIET = '#5b6873';
/** Rims and marks of clocks. */
export const MARKS = '#8b8271';
