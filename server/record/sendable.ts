import type { Reason as SentReason } from '../../contract/index.ts';
import type { Reason } from '../../core/diagnosis/index.ts';

/** Answers of a reason that are sent: enough to see what it is. */
const SHOWN = 4;

/** Of each task the latest answer, the latest first. */
const latestOfEach = (fitting: Reason['fitting']): SentReason['fitting'] =>
  [...new Map([...fitting].reverse().map((one) => [JSON.stringify(one.item), one])).values()].slice(0, SHOWN);

/** A reason as it is sent: some answers that show it, and how many there are. */
export const sendableReason = (reason: Reason): SentReason => ({
  need: reason.need,
  share: reason.share,
  rule: reason.rule ?? null,
  fitsWithRule: reason.fitsWithRule,
  fitting: latestOfEach(reason.fitting),
  for: reason.for.length,
  against: reason.against.length,
  beside: reason.beside.map((one) => ({ ...one })),
  masksDrawing: reason.masksDrawing,
});
