import type { Reason as SentReason } from '../../contract/index.ts';
import type { Reason } from '../../core/diagnosis/index.ts';

/** Core hands out read-only lists; what is sent owns its own. */
export const sendableReason = (reason: Reason): SentReason => ({ ...reason, fitting: [...reason.fitting] });
