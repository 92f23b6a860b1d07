import { forecasting, type Forecast, type ForecastWishes } from '../../core/forecast/index.ts';

/** How far it is, and what came of it: nothing where too little was seen. */
export type ForecastAnswer =
  | { readonly what: 'step'; readonly share: number }
  | { readonly what: 'done'; readonly forecast: Forecast | undefined };

const answer = (one: ForecastAnswer): void => postMessage(one);

addEventListener('message', ({ data }: MessageEvent<ForecastWishes>) => {
  const steps = forecasting(data);
  for (;;) {
    const step = steps.next();
    if (step.done) return answer({ what: 'done', forecast: step.value });
    answer({ what: 'step', share: step.value.done / step.value.of });
  }
});
