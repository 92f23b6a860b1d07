import { computed, watch } from 'vue';
import { ForecastBase } from '../../contract/index.ts';
import { seedFromText } from '../../core/common/index.ts';
import { daysIf, type ForecastWishes, type WhatIf } from '../../core/forecast/index.ts';
import type { Skill } from '../../core/skills/index.ts';
import { useRecord } from '../class/useRecord.ts';
import { useForecast } from './useForecast.ts';

/** What a forecast of one skill is worked out from; the same class and days give the same numbers. */
export const wishesFor = (
  { children, ahead, checked, taught }: ForecastBase,
  skill: Skill,
  whatIf: WhatIf = 'plan',
): ForecastWishes => ({
  children,
  skills: [skill],
  ahead: daysIf(whatIf, ahead, { skill: checked ?? undefined, taught }),
  seed: seedFromText(JSON.stringify([ahead, children.length])),
});

/** How many may be secure, by the unit's last day, in what was checked last. */
export const useEndForecast = () => {
  const { data: base } = useRecord(ForecastBase, () => '/record/forecast');
  const { forecast, begin } = useForecast();
  watch(base, (now) => {
    if (now !== undefined && now.checked !== null && now.ahead.length > 0) begin(wishesFor(now, now.checked));
  });
  return computed(() => {
    const last = forecast.value?.skills[0]?.bands.at(-1);
    const day = base.value?.ahead.at(-1)?.day;
    return last === undefined || day === undefined ? undefined : { ...last, of: forecast.value!.of, day };
  });
};
