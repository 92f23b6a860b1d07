export {
  REVEAL_STEPS,
  ROUND_MOVES,
  ROUND_PHASES,
  ROUND_START,
  THINK_SECONDS,
  isRevealed,
  moveRound,
  type RoundMove,
  type RoundPhase,
  type RoundPlace,
} from './round.ts';
export { TAP_STATES, tapStateBefore, tapsToKeep, type Tap, type TapState } from './taps.ts';
