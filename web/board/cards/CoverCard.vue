<!-- A card that stays covered until it is opened: by a tap, its number key, or the next step. -->
<script setup lang="ts">
import WovenCover from './WovenCover.vue';

const {
  open,
  tone,
  label,
  still = false,
} = defineProps<{
  open: boolean;
  /** Opens by itself, not by a tap. */
  still?: boolean;
  tone: 'hour' | 'minute' | 'whole';
  /** What opening it does, for screen reader and tooltip. */
  label: string;
}>();
const emit = defineEmits<{ open: [] }>();
</script>

<template>
  <section class="card" :class="tone" :data-open="open">
    <div v-if="open" class="inside"><slot /></div>
    <Transition name="lift">
      <span v-if="!open && still" class="lid"
        ><WovenCover><slot name="cover" /></WovenCover
      ></span>
      <button v-else-if="!open" type="button" class="lid" :aria-label="label" :title="label" @click="emit('open')">
        <WovenCover><slot name="cover" /></WovenCover>
      </button>
    </Transition>
  </section>
</template>

<style scoped>
.card {
  position: relative;
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
  min-width: 0;
}
.inside {
  height: 100%;
  display: grid;
  place-content: center;
  justify-items: center;
  text-align: center;
}
.lid {
  position: absolute;
  inset: 0;
  display: block;
  width: 100%;
  border-radius: var(--corner-board);
}
.hour .inside {
  color: var(--hour-text);
}
.minute .inside {
  color: var(--minute-text);
}
.lift-leave-active {
  transition:
    transform 0.35s ease-in,
    opacity 0.35s ease-in;
  transform-origin: 0 0;
}
.lift-leave-to {
  transform: perspective(900px) rotate3d(1, -1, 0, 70deg);
  opacity: 0;
}
</style>
