<!-- A garden in early light, behind everything. -->
<template>
  <div class="scene" aria-hidden="true">
    <svg class="hills" viewBox="0 0 1280 220" preserveAspectRatio="none">
      <path class="far" d="M0 30C120 0 260-4 420 24S760 92 900 78 1120 4 1280 34V220H0Z" />
      <path class="near" d="M0 112C140 78 330 74 520 88S900 142 1080 116 1230 84 1280 84V220H0Z" />
    </svg>
    <svg class="poles" viewBox="0 0 170 130">
      <g v-for="x in [32, 88, 144]" :key="x" :transform="`translate(${x} ${x === 88 ? 12 : x === 144 ? 8 : 0})`">
        <path class="pole" d="M0 4-16 112M0 4 16 112M0 4V112" />
        <path class="stem" d="M-9 108C14 92-14 74 6 58S-8 28 2 12" />
        <path
          class="leaf"
          d="M-12 92q-14-4-16 6 12 6 16-6zM8 74q14-6 18 4-12 8-18-4zM-6 52q-14-6-18 4 12 8 18-4zM6 34q12-8 18 0-10 10-18 0zM0 16q-2-12 8-14 4 10-8 14z"
        />
      </g>
    </svg>
    <svg class="beds" viewBox="0 0 250 90">
      <g
        v-for="[x, y] in [
          [24, 26],
          [82, 36],
          [140, 24],
          [198, 34],
          [52, 74],
          [112, 82],
          [172, 72],
          [230, 80],
        ]"
        :key="x"
        :transform="`translate(${x} ${y})`"
      >
        <ellipse class="soil" rx="16" ry="4" cy="3" />
        <path
          class="leaf"
          d="M0 0C-4-18-2-26 2-28 8-20 6-8 0 0ZM-2 0C-10-12-18-14-20-12-20-4-12 2-2 0ZM3 0C11-12 18-14 20-12 20-4 12 2 3 0Z"
        />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.scene {
  position: absolute;
  inset: 0;
  background: linear-gradient(115deg, #e8f0ea, var(--paper) 48%, #fbe6d2);
  overflow: hidden;
}
.hills {
  position: absolute;
  left: 0;
  bottom: 0;
  width: 100%;
  height: 27.5%;
}
.far {
  fill: var(--hill-far);
}
.near {
  fill: var(--hill-near);
}
.poles {
  position: absolute;
  left: 4.5%;
  bottom: 18%;
  width: 13.5%;
  min-width: 110px;
}
.beds {
  position: absolute;
  right: 1%;
  bottom: 2.5%;
  width: 20%;
  min-width: 150px;
}
.pole {
  fill: none;
  stroke: #b99a6e;
  stroke-width: 3.5;
  stroke-linecap: round;
}
.stem {
  fill: none;
  stroke: var(--moss-6);
  stroke-width: 2.4;
}
.leaf {
  fill: #8fae70;
}
.soil {
  fill: #b3c199;
}
@media (orientation: portrait) {
  .poles {
    display: none;
  }
}
</style>
