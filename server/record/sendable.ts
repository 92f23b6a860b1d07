import type { Reason as SentReason } from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import type { Reason } from '../../core/diagnosis/index.ts';
import { partingPair } from '../../core/misconceptions/index.ts';

/** Answers of a reason that are sent: enough to see what it is. */
const SHOWN = 4;

/** Of each task the latest answer, the latest first. */
const latestOfEach = (fitting: Reason['fitting']): SentReason['fitting'] => {
  const latest = new Map<string, Reason['fitting'][number]>();
  // Of thousands the last few are enough.
  for (let place = fitting.length - 1; place >= 0 && latest.size < SHOWN; place--) {
    const task = JSON.stringify(fitting[place]!.item);
    if (!latest.has(task)) latest.set(task, fitting[place]!);
  }
  return [...latest.values()];
};

/** Two times the class has met that part what is likeliest. */
const partingOf = ({ likeliest }: Reason, met: readonly DialTime[]): SentReason['parting'] => {
  const pair = partingPair(likeliest, met);
  return pair === undefined ? null : { times: [...pair], rules: [...likeliest] };
};

/** A reason as it is sent: some answers that show it, and how many there are. @param met times the class has met */
export const sendableReason = (reason: Reason, met: readonly DialTime[]): SentReason => ({
  need: reason.need,
  share: reason.share,
  rule: reason.rule ?? null,
  fitsWithRule: reason.fitsWithRule,
  parting: partingOf(reason, met),
  fitting: latestOfEach(reason.fitting),
  for: reason.for.length,
  against: reason.against.length,
  beside: reason.beside.map((one) => ({ ...one })),
  masksDrawing: reason.masksDrawing,
});
