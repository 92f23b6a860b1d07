<!-- A cover of woven leaves with a turned corner: something is under it, tap to see. -->
<script setup lang="ts">
import { useId } from 'vue';

const id = useId();
</script>

<template>
  <span class="cover">
    <svg class="weave" aria-hidden="true">
      <pattern :id="id" width="48" height="40" patternUnits="userSpaceOnUse">
        <path d="M2 10q11-11 22 0q-11 11-22 0zM26 30q11-11 22 0q-11 11-22 0z" fill="#fff" opacity=".12" />
      </pattern>
      <rect width="100%" height="100%" :fill="`url(#${id})`" />
    </svg>
    <slot />
    <span class="corner" />
  </span>
</template>

<style scoped>
.cover {
  position: absolute;
  inset: 0;
  display: grid;
  place-items: center;
  overflow: hidden;
  border-radius: inherit;
  background: var(--plum);
  color: #fff;
}
.weave {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
.corner {
  position: absolute;
  right: 0;
  bottom: 0;
  width: calc(var(--u) * 64);
  height: calc(var(--u) * 64);
  background: linear-gradient(135deg, #9c7cb9 50%, var(--paper) 50%);
  border-top-left-radius: 70%;
}
</style>
