import { defineStore } from 'pinia';
import { computed, reactive, ref, shallowRef } from 'vue';
import type { BoardView, RemoteWish } from '../../contract/index.ts';
import {
  handAngles,
  readHands,
  turnNearestTo,
  wrapToDial,
  type Hand,
  type HandAngles,
} from '../../core/clock/index.ts';
import { type DemonstrationKind } from '../../core/demonstrations/index.ts';
import { ACTIVITIES, contrastOf, type ActivityKind, type Show } from '../../core/activities/index.ts';
import { toggleLens, type Lens, type NumeralStyle, type Outline } from '../../core/face/index.ts';
import type { StepPart } from '../../core/wording/index.ts';

/** What is laid out beside the clock to choose from. */
export type Tray = 'lenses' | 'show' | 'round' | 'clock' | 'remote' | 'tablets';

/** What a board has for reading and setting, on its own. */
export const BOARD_TOOLS = ['quiz', 'empty-clock', 'which-of'] as const;
export type BoardTool = (typeof BOARD_TOOLS)[number];

/** What is done with the board outside a round. */
export type Activity =
  | { readonly kind: 'clock' }
  | { readonly kind: 'demonstration'; readonly show: DemonstrationKind }
  | { readonly kind: ActivityKind | BoardTool };

/** What a board tells a remote about itself. */
export type StageView = Pick<BoardView, 'mode' | 'title' | 'place' | 'say'> &
  Partial<Pick<BoardView, 'phase' | 'children' | 'demonstration' | 'opened'>>;

/** A card that can be opened: a part of the time, or the whole time of the second of two clocks. */
export type Card = StepPart | 'second';

const NOTHING: StageView = { mode: 'clock', title: '', place: null, say: '' };

/** What stands on the board: one clock, looked at through lenses, whatever is done with it. */
export const useStageStore = defineStore('stage', () => {
  /** Unwrapped minutes after twelve. */
  const minutes = ref(0);
  /** The clock beside it, where there are two. */
  const second = ref(0);
  /** Hands that are not geared, once the clock was unhooked. */
  const free = reactive<{ angles: HandAngles | undefined }>({ angles: undefined });
  const lenses = ref<readonly Lens[]>([]);
  const opened = ref<ReadonlySet<Card>>(new Set());
  const tray = ref<Tray>();
  const activity = shallowRef<Activity>({ kind: 'clock' });
  /** Which times are gone through, and where in them it stands. */
  const started = ref<string>();
  const place = ref(0);
  const sayOnBoard = ref(false);
  /** The questions while reading stand beside the clock. */
  const hasQuestions = ref(false);
  const secondHand = ref(false);
  /** What the lens of other faces shows, and a shape other than the class's own clock. */
  const otherNumerals = ref<NumeralStyle>('ticks');
  const outline = ref<Outline>();

  const time = computed(() => wrapToDial(Math.round(minutes.value)));
  /** Cards of the first clock that are open. */
  const openParts = computed(
    (): ReadonlySet<StepPart> => new Set([...opened.value].filter((card) => card !== 'second')),
  );
  const toggle = (lens: Lens): void => {
    lenses.value = toggleLens(lenses.value, lens);
    if (lens !== 'two-clocks') return;
    second.value = contrastOf(time.value);
    opened.value = new Set();
  };
  /** Opens a tray, or closes it when it is open. */
  const pull = (which: Tray): void => {
    tray.value = tray.value === which ? undefined : which;
  };
  const begin = (next: Activity): void => {
    tray.value = undefined;
    free.angles = undefined;
    // A demonstration is about both hands, unless one is taken away in it.
    if (next.kind === 'demonstration') lenses.value = lenses.value.filter((lens) => !lens.endsWith('-alone'));
    activity.value = next;
  };
  const isActivity = (show: Show): show is ActivityKind => (ACTIVITIES as readonly Show[]).includes(show);
  /** Begins what can be shown, by its name. */
  const beginShow = (show: Show | BoardTool): void => {
    if ((BOARD_TOOLS as readonly string[]).includes(show)) begin({ kind: show as BoardTool });
    else if (isActivity(show as Show)) begin({ kind: show as ActivityKind });
    else begin({ kind: 'demonstration', show: show as DemonstrationKind });
  };
  /** Back to the clock itself. */
  const toClock = (): void => begin({ kind: 'clock' });
  /** Takes the hands off their gears, or puts them back: to the nearest time there is. */
  const unhook = (): void => {
    opened.value = new Set();
    if (free.angles === undefined) free.angles = handAngles(time.value);
    else {
      minutes.value = turnNearestTo(minutes.value, readHands(free.angles).time);
      free.angles = undefined;
    }
  };
  const turnFree = (hand: Hand, angle: number): void => {
    if (free.angles !== undefined) free.angles = { ...free.angles, [hand]: angle };
  };
  /** As a board that was just opened. */
  const reset = (): void => {
    minutes.value = 0;
    second.value = 0;
    free.angles = undefined;
    lenses.value = [];
    opened.value = new Set();
    tray.value = undefined;
    activity.value = { kind: 'clock' };
    started.value = undefined;
    place.value = 0;
    sayOnBoard.value = false;
    hasQuestions.value = false;
    secondHand.value = false;
    otherNumerals.value = 'ticks';
    outline.value = undefined;
    view.value = NOTHING;
    wish.value = undefined;
  };

  /** What of the things to show is laid out: what is watched, or what the class does itself. */
  const showGroup = ref<'watch' | 'do'>('watch');
  /** What the dock of the board that is shown offers, by its names. */
  const dockLabels = shallowRef<readonly string[]>([]);
  /** What the board that is shown tells of itself. */
  const view = shallowRef<StageView>(NOTHING);
  /** What a remote wished last of the board that is shown. */
  const wish = shallowRef<RemoteWish>();
  return {
    showGroup,
    dockLabels,
    minutes,
    second,
    free,
    lenses,
    opened,
    tray,
    activity,
    started,
    place,
    sayOnBoard,
    hasQuestions,
    secondHand,
    otherNumerals,
    outline,
    time,
    openParts,
    toggle,
    pull,
    begin,
    beginShow,
    toClock,
    unhook,
    turnFree,
    reset,
    view,
    wish,
  };
});
export type StageStore = ReturnType<typeof useStageStore>;
