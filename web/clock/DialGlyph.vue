<!-- A skill as a small dial, filled clockwise from 12. -->
<script setup lang="ts">
import { computed } from 'vue';
import type { Level } from '../../core/diagnosis/index.ts';
import { sectorPath } from '../../core/face/index.ts';

const {
  level,
  share,
  label,
  again = false,
} = defineProps<{
  level: Level;
  /** Share filled while it is not secure yet, 0..1. */
  share: number;
  label: string;
  /** Is it to be looked at again? */
  again?: boolean;
}>();
const path = computed(() => sectorPath(level === 'secure' ? 1 : level === 'not-seen' ? 0 : share, 88));
</script>

<template>
  <svg width="20" height="20" viewBox="-104 -104 208 208" role="img" :aria-label="label" class="glyph" :class="level">
    <circle v-if="level === 'not-seen'" r="17" class="dot" />
    <template v-else>
      <circle r="92" class="ring" />
      <path :d="path" class="fill" />
      <circle v-if="again" r="38" class="again" />
    </template>
  </svg>
</template>

<style scoped>
.glyph {
  display: block;
}
.dot {
  fill: var(--moss-5);
}
.ring {
  fill: var(--moss-1);
  stroke: var(--moss-7);
  stroke-width: 14;
}
.fill {
  fill: var(--moss-5);
}
.again {
  fill: var(--moss-1);
}
.beginning .fill {
  fill: var(--moss-3);
}
.secure .fill {
  fill: var(--moss-7);
}
</style>
