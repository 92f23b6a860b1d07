import { onScopeDispose, ref, shallowRef } from 'vue';
import type { Forecast, ForecastWishes } from '../../core/forecast/index.ts';
import type { ForecastAnswer } from './forecast.worker.ts';

/** A forecast worked out beside the page, which goes on meanwhile; it can be stopped. */
export const useForecast = () => {
  const forecast = shallowRef<Forecast>();
  /** Too little was seen. */
  const tooLittle = ref(false);
  /** How far it is, 0..1; none while nothing is worked out. */
  const share = ref<number>();
  const failed = ref(false);
  const stopped = ref(false);
  let worker: Worker | undefined;
  const end = (): void => {
    worker?.terminate();
    worker = undefined;
    share.value = undefined;
  };
  onScopeDispose(end);
  return {
    forecast,
    tooLittle,
    share,
    failed,
    stopped,
    begin: (wishes: ForecastWishes): void => {
      end();
      [failed.value, stopped.value, share.value] = [false, false, 0];
      const now = new Worker(new URL('./forecast.worker.ts', import.meta.url), { type: 'module' });
      worker = now;
      now.addEventListener('error', () => {
        failed.value = true;
        end();
      });
      now.addEventListener('message', ({ data }: MessageEvent<ForecastAnswer>) => {
        if (data.what === 'step') share.value = data.share;
        else {
          forecast.value = data.forecast;
          tooLittle.value = data.forecast === undefined;
          end();
        }
      });
      now.postMessage(JSON.parse(JSON.stringify(wishes)));
    },
    stop: (): void => {
      end();
      stopped.value = true;
    },
  };
};
