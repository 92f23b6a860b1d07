import { ref, type Ref } from 'vue';
import { Refused } from '../../api/client.ts';

/** Milliseconds between two tries while the server does not answer. */
export const RETRY_MS = 1500;
/** Milliseconds a small reply may take before it counts as lost; what was sent is sent again then, which does no harm. */
export const REPLY_MS = 5000;

/** How a tablet stands with the server. */
export interface Link {
  readonly connected: Ref<boolean>;
  /** The class's pictures are asked for. */
  readonly needsCode: Ref<boolean>;
}
export const createLink = (): Link => ({ connected: ref(true), needsCode: ref(false) });

/** Why the server refused; nothing where it was not reached. */
export const codeOf = (error: unknown): string | undefined => (error instanceof Refused ? error.code : undefined);
