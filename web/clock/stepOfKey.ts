const FORWARD = new Set(['ArrowRight', 'ArrowUp']);
const BACKWARD = new Set(['ArrowLeft', 'ArrowDown']);

/** Minutes a key turns a clock by: arrows 1, with Shift 5, with Alt 30; right and up go on, left and down back. */
export const stepOfKey = (event: Pick<KeyboardEvent, 'key' | 'shiftKey' | 'altKey'>): number | undefined => {
  const direction = FORWARD.has(event.key) ? 1 : BACKWARD.has(event.key) ? -1 : undefined;
  if (direction === undefined) return undefined;
  return direction * (event.altKey ? 30 : event.shiftKey ? 5 : 1);
};
