import { useEventListener } from '@vueuse/core';
import type { Ref } from 'vue';

/**
 * A finger that moves over this turns or draws, and nothing else. Told by `touch-action` alone, Chromium takes a swift move for the
 * beginning of a scroll that coasts, and the next tap, within a second or so, for the one that stops it: Done would stay unheard.
 */
export const useTouchToItself = (svg: Ref<SVGSVGElement | null>): void => {
  useEventListener(svg, 'touchmove', (event) => event.preventDefault(), { passive: false });
};
