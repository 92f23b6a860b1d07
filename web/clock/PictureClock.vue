<!-- A clock as a task shows it, its hands wherever they are: real clocks cannot stand so, wrong answers can. -->
<script setup lang="ts">
import { CAP_RADIUS, HAND_PATHS } from '../../core/face/index.ts';
import type { ClockPicture } from '../../core/items/index.ts';
import ClockDial from './ClockDial.vue';
import { roomOf, useFace } from './useFace.ts';
import { computed } from 'vue';

const {
  picture,
  px,
  label,
  offCentre = false,
} = defineProps<{
  picture: ClockPicture;
  px: number;
  /** What a screen reader hears; empty where it stands in something that has a name. */
  label: string;
  /** Hands that were drawn beside the middle. */
  offCentre?: boolean | undefined;
}>();
const face = useFace();
const room = computed(() => roomOf(face.value.outline) + 2);
/** Hands that are there; of one length, both are of the longer kind. */
const hands = computed(() =>
  (['minute', 'hour'] as const)
    .filter((hand) => picture.handsDrawn === 'both' || picture.handsDrawn === hand)
    .map((hand) => ({
      hand,
      path: HAND_PATHS.small[picture.equalLength ? 'minute' : hand],
      angle: picture.hands[hand],
    })),
);
/** How far beside the middle, in face units: far enough to be seen on a thumbnail. */
const ASIDE = 'translate(20 12)';
</script>

<template>
  <svg
    :width="px"
    :height="px"
    :viewBox="`${-room} ${-room} ${2 * room} ${2 * room}`"
    :role="label === '' ? undefined : 'img'"
    :aria-label="label === '' ? undefined : label"
    :aria-hidden="label === ''"
  >
    <ClockDial size="small" />
    <g :transform="offCentre ? ASIDE : undefined">
      <path
        v-for="{ hand, path, angle } in hands"
        :key="hand"
        :d="path"
        :transform="`rotate(${angle})`"
        :class="hand"
      />
    </g>
    <circle :r="CAP_RADIUS.small" class="cap" />
  </svg>
</template>

<style scoped>
.hour {
  fill: var(--hour-hand);
}
.minute {
  fill: var(--minute-hand);
}
.cap {
  fill: var(--ink);
}
</style>
