import { ref } from 'vue';

/** Seconds of the lesson that the round of a rehearsal stands where it stands: its own clock, which can be paused and made faster. */
export const secondsHere = ref(0);
