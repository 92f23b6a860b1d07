export { BAND_SHARE, bandOf, type Band } from './band.ts';
export { daysSeen, forecasting, type Forecast, type ForecastStep, type ForecastWishes } from './forecast.ts';
export { soFarOf } from './soFar.ts';
export { WHAT_IFS, daysIf, type WhatIf } from './whatIf.ts';
export { FEWEST_DAYS, SECURE_SHARE, type ChildSoFar, type DayAhead, type DayOfSkill } from './state.ts';
