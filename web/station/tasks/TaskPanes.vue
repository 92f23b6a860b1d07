<!-- A clock and what is done about it: side by side where the room is wide, one under the other where it is high. -->
<template>
  <div class="panes">
    <div class="inner">
      <div v-if="$slots.clock" class="clock"><slot name="clock" /></div>
      <div class="work"><slot /></div>
    </div>
  </div>
</template>

<style scoped>
.panes {
  width: 100%;
  height: 100%;
  container-type: size;
}
.inner {
  height: 100%;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: var(--gap);
}
.clock {
  flex: 1 1 0;
  min-height: 0;
  aspect-ratio: 1;
  max-width: 100%;
}
.work {
  flex: none;
  width: 100%;
  display: grid;
  place-items: center;
}
@container (min-aspect-ratio: 1.12) {
  .inner {
    flex-direction: row;
  }
  .clock {
    flex: 0 1 auto;
    height: auto;
    width: min(var(--clock-share), 100cqh);
  }
  .work {
    flex: 1 1 0;
    width: auto;
    min-width: 0;
  }
}
/* Where much is to be laid out on a screen that stands, it takes the whole width. */
@media (orientation: portrait) {
  .many .inner {
    flex-direction: column;
  }
  .many .clock {
    flex: 1 1 0;
    width: auto;
  }
  .many .work {
    flex: none;
    width: 100%;
  }
}
</style>
