import { computed, inject, provide, watchEffect, type ComputedRef, type InjectionKey } from 'vue';
import { HALF_SIZE, outlineRadius, type NumeralStyle, type Outline } from '../../core/face/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions } from '../../core/conventions/index.ts';

/** How every clock of a screen looks: as the real one on the wall. */
export interface Face {
  readonly numerals: NumeralStyle;
  readonly outline: Outline;
}
const FACE: InjectionKey<ComputedRef<Face>> = Symbol('face');

/** Gives all clocks below the face of these conventions. */
export const provideFace = (conventions: () => Conventions | undefined): void =>
  provide(
    FACE,
    computed(() => conventions() ?? DEFAULT_CONVENTIONS),
  );

/** The face of this screen. */
export const useFace = (): ComputedRef<Face> =>
  inject(
    FACE,
    computed(() => DEFAULT_CONVENTIONS),
  );

/** Half of the room a face takes, in face units. */
export const roomOf = (outline: Outline): number => Math.max(HALF_SIZE[outline].x, HALF_SIZE[outline].y);

/** How far the farthest point of a face is from its middle, in face units: the corner of a square. */
export const reachOf = (outline: Outline): number =>
  Math.max(...Array.from({ length: 72 }, (_, i) => outlineRadius(outline, i * 5)));

/** Style properties that colour the hands below an element. */
export const handColourStyle = ({ handColours }: Conventions): Record<string, string> => {
  const usual = DEFAULT_CONVENTIONS.handColours;
  return {
    '--hour-hand': handColours.hour,
    '--minute-hand': handColours.minute,
    // Digits of the hour and the minutes wear the colours of the house hands; other colours may be too pale to read.
    '--hour-text': handColours.hour === usual.hour ? 'var(--carrot-text)' : 'var(--ink)',
    '--minute-text': handColours.minute === usual.minute ? 'var(--pine)' : 'var(--ink)',
  };
};

/** Colours the hands of the whole page as the class's real clock has them. */
export const colourHands = (conventions: () => Conventions | undefined): void => {
  watchEffect(() => {
    for (const [name, value] of Object.entries(handColourStyle(conventions() ?? DEFAULT_CONVENTIONS)))
      document.documentElement.style.setProperty(name, value);
  });
};
