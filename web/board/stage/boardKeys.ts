import { LENSES } from '../../../core/face/index.ts';
import type { StageStore, Tray } from '../../stores/stage.ts';
import { LENS_KEYS } from '../lenses/lensKeys.ts';
import { toggleFullscreen } from './fullscreen.ts';

/** What keys do; letters are lower case. */
export type Keys = Readonly<Record<string, () => void>>;

const TRAY_KEYS: Partial<Record<Tray, string>> = { lenses: 'v', show: 'p', round: 'g', clock: 'k' };

/**
 * Keys every board has.
 * @param trays that can be opened on it
 * @param pair may two clocks stand side by side?
 */
export const boardKeys = (
  stage: StageStore,
  trays: readonly Tray[],
  { pair, leave }: { readonly pair: boolean; readonly leave: () => void },
): Keys => ({
  ...Object.fromEntries(trays.map((tray) => [TRAY_KEYS[tray]!, () => stage.pull(tray)])),
  ...Object.fromEntries(
    LENSES.filter((lens) => trays.includes('lenses') && (pair || lens !== 'two-clocks')).map((lens) => [
      LENS_KEYS[lens],
      () => stage.toggle(lens),
    ]),
  ),
  x: () => (stage.secondHand = !stage.secondHand),
  y: () => (stage.sayOnBoard = !stage.sayOnBoard),
  f: toggleFullscreen,
  Escape: () => {
    if (stage.tray === undefined) leave();
    else stage.tray = undefined;
  },
});
