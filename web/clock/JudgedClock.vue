<!-- A clock that may be wrong, as large as the board's own: numerals and hands as its picture has them. -->
<script setup lang="ts">
import { computed } from 'vue';
import { CAP_RADIUS, HAND_PATHS, KEYLINE } from '../../core/face/index.ts';
import type { ClockPicture } from '../../core/items/index.ts';
import ClockDial from './ClockDial.vue';
import { roomOf, useFace } from './useFace.ts';

const { picture, label } = defineProps<{ picture: ClockPicture; label: string }>();
const face = useFace();
const room = computed(() => roomOf(face.value.outline) + 2);
const hands = computed(() =>
  (['minute', 'hour'] as const)
    .filter((hand) => picture.handsDrawn === 'both' || picture.handsDrawn === hand)
    .map((hand) => ({
      hand,
      // Hands of one length are of one kind: neither can be told from the other.
      kind: picture.equalLength ? ('minute' as const) : hand,
      angle: picture.hands[hand],
    })),
);
</script>

<template>
  <svg
    :viewBox="`${-room} ${-room} ${2 * room} ${2 * room}`"
    role="img"
    :aria-label="label"
    class="judged"
    :class="{ alike: picture.equalLength }"
  >
    <ClockDial :written="picture.numerals"><slot /></ClockDial>
    <g v-for="{ hand, kind, angle } in hands" :key="hand" :class="hand" :transform="`rotate(${angle})`">
      <path :d="HAND_PATHS.full[kind]" class="keyline" :stroke-width="KEYLINE[kind] * 2" />
      <path :d="HAND_PATHS.full[kind]" class="shape" />
    </g>
    <circle :r="CAP_RADIUS.full" class="cap" />
    <circle :r="CAP_RADIUS.full * 0.3" class="pin" />
  </svg>
</template>

<style scoped>
.judged {
  display: block;
  width: 100%;
  height: 100%;
}
.keyline {
  fill: none;
  stroke: var(--raised);
}
.hour .shape {
  fill: var(--hour-hand);
}
.minute .shape {
  fill: var(--minute-hand);
}
.alike .shape,
.cap {
  fill: var(--ink);
}
.pin {
  fill: var(--raised);
}
</style>
