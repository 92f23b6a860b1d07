import type { Round, StationRound } from '../../contract/index.ts';
import { isRevealed } from '../../core/rounds/index.ts';

/** What a tablet may know of a round. */
export const stationRound = (round: Round | null): StationRound | null =>
  round && {
    id: round.id,
    lessonId: round.lessonId,
    index: round.index,
    count: round.entries.length,
    phase: round.phase,
    item: round.entries[round.index]!.item,
    prompt: round.prompt,
    closed: round.closed,
    revealed: isRevealed(round, round.index),
  };
