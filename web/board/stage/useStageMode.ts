import { onScopeDispose } from 'vue';
import { LENSES } from '../../../core/face/index.ts';
import { useStageStore, type StageActs, type StageView, type Tray } from '../../stores/stage.ts';
import { toggleFullscreen } from './fullscreen.ts';
import { LENS_KEYS } from '../lenses/lensKeys.ts';
import { useBoardKeys } from './useBoardKeys.ts';

interface Mode {
  /** What a remote is told. */
  readonly view: () => StageView;
  /** What a remote may ask for here. */
  readonly acts: () => StageActs;
  /** Turns the clock by a number of minutes. */
  readonly step: (minutes: number) => void;
  /** Keys of this part of the board alone; they come before the common ones. */
  readonly keys: () => Readonly<Record<string, () => void>>;
  readonly leave: () => void;
  /** May two clocks stand side by side? */
  readonly pair?: boolean;
  /** Trays that can be opened here; all unless said otherwise. */
  readonly trays?: readonly Tray[];
}

const ALL: readonly Tray[] = ['lenses', 'show', 'round', 'clock'];
/** Keys of the trays. */
const TRAY_KEYS: Partial<Record<Tray, string>> = { lenses: 'v', show: 'p', round: 'g', clock: 'k' };

/** Makes a part of the board the one that has the keys and the remote. */
export const useStageMode = ({ view, acts, step, keys, leave, pair = false, trays = ALL }: Mode): void => {
  const stage = useStageStore();
  stage.view = view;
  stage.acts = acts;
  onScopeDispose(() => {
    // The part that comes next may have set its own already.
    if (stage.view === view) stage.view = () => ({ mode: 'clock', title: '', place: null, say: '' });
    if (stage.acts === acts) stage.acts = () => ({});
  });
  const common = (): Record<string, () => void> => ({
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
  useBoardKeys(() => ({ step, keys: { ...common(), ...keys() } }));
};
