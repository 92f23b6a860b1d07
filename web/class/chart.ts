import { LineChart } from 'echarts/charts';
import { AriaComponent, GridComponent, TooltipComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { COLOURS } from '../look/tokens.ts';

// Only what the two charts need; drawn as SVG, so that it prints and grows without blur.
use([LineChart, AriaComponent, GridComponent, TooltipComponent, SVGRenderer]);

/** What every chart has in common: the page's type, quiet lines, no motion for those who want none. */
export const chartBase = () => ({
  textStyle: { fontFamily: "'Atkinson Hyperlegible Next', sans-serif", fontSize: 13, color: COLOURS.ink },
  animation: !window.matchMedia('(prefers-reduced-motion: reduce)').matches,
  animationDuration: 300,
  grid: { left: 34, right: 10, top: 12, bottom: 40 },
});
export const axisLook = {
  axisLine: { lineStyle: { color: COLOURS.pebble } },
  axisTick: { show: false },
  axisLabel: { color: COLOURS.quiet },
  splitLine: { lineStyle: { color: COLOURS.line } },
} as const;
