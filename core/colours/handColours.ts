import {
  differenceCiede2000,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  modeLab65,
  modeLrgb,
  modeRgb,
  modeXyz65,
  parse,
  useMode,
  wcagContrast,
  type Color,
} from 'culori/fn';
import type { Hand } from '../clock/index.ts';

// The ways of writing a colour that contrast, difference and the loss of cones are counted in.
for (const mode of [modeRgb, modeLrgb, modeXyz65, modeLab65]) useMode(mode as typeof modeRgb);

/** Ways of seeing colours: as most people do, without the red, the green or the blue cones of the eye. */
export const VISIONS = ['usual', 'red-blind', 'green-blind', 'blue-blind'] as const;
export type Vision = (typeof VISIONS)[number];

/** Full loss of one kind of cone, simulated after Machado, Oliveira and Fernandes (2009) by culori. */
const SEEN: Readonly<Record<Vision, (colour: Color) => Color | undefined>> = {
  usual: (colour) => colour,
  'red-blind': (colour) => filterDeficiencyProt(1)(colour),
  'green-blind': (colour) => filterDeficiencyDeuter(1)(colour),
  'blue-blind': (colour) => filterDeficiencyTrit(1)(colour),
};

/** What is wrong with a pair of hand colours. */
export type HandColourProblem =
  /** A hand too pale on a white face; contrast as WCAG 2 counts it, 1 to 21. */
  | { readonly kind: 'pale'; readonly hand: Hand; readonly contrast: number }
  /** Two hands too alike for an eye that sees so; difference as CIEDE2000, 0 for the same colour to about 100. */
  | { readonly kind: 'alike'; readonly vision: Vision; readonly difference: number };

/** Contrast a shape needs on white (WCAG 2.2, success criterion 1.4.11). */
const LEAST_CONTRAST = 3;
/** Difference at which two large shapes are told apart at a glance, ten times a just noticeable one or so. */
const LEAST_DIFFERENCE = 15;

const WHITE = '#ffffff';
const colour = (hex: string): Color => {
  const found = parse(hex);
  if (found === undefined) throw new RangeError(`${hex} is not a colour`);
  return found;
};

/**
 * What is wrong with the colours of the hands; empty when both stand out on white and from each other, for every eye.
 * Only the first way of seeing in which they are alike is named. @throws RangeError for what is not a colour
 */
export const handColourProblems = (hands: Readonly<Record<Hand, string>>): HandColourProblem[] => {
  const problems: HandColourProblem[] = [];
  for (const hand of ['hour', 'minute'] as const) {
    const contrast = wcagContrast(colour(hands[hand]), WHITE);
    if (contrast < LEAST_CONTRAST) problems.push({ kind: 'pale', hand, contrast });
  }
  const difference = differenceCiede2000();
  for (const vision of VISIONS) {
    const apart = difference(SEEN[vision](colour(hands.hour))!, SEEN[vision](colour(hands.minute))!);
    if (apart < LEAST_DIFFERENCE) return [...problems, { kind: 'alike', vision, difference: apart }];
  }
  return problems;
};
