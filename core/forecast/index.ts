export { BAND_SHARE, bandOf, type Band } from './band.ts';
export { daysSeen, forecasting, type Forecast, type ForecastStep, type ForecastWishes } from './forecast.ts';
export { FEWEST_DAYS, SECURE_SHARE, type ChildSoFar, type DayAhead, type DayOfSkill } from './state.ts';
