import { useEventListener } from '@vueuse/core';
import { computed, shallowRef } from 'vue';

/**
 * The device's own voice. One that would send the text away over the network is not used. Browsers find their voices
 * only some time after the page has opened, so what can be heard may change.
 * @param english the class's English; another English is used where there is no voice for it
 */
export const useSpeech = (english: () => string) => {
  const synthesis = globalThis.speechSynthesis as SpeechSynthesis | undefined;
  const voices = shallowRef<readonly SpeechSynthesisVoice[]>([]);
  const find = (): void => {
    voices.value = (synthesis?.getVoices() ?? []).filter(
      ({ localService, lang }) => localService && lang.startsWith('en'),
    );
  };
  find();
  if (synthesis !== undefined) useEventListener(synthesis, 'voiceschanged', find);

  const voice = computed(
    () => voices.value.find(({ lang }) => lang.replace('_', '-') === english()) ?? voices.value[0],
  );
  return {
    canSpeak: computed(() => voice.value !== undefined),
    /** Says a sentence, a little slower than grown-ups talk. Does nothing where there is no voice. */
    speak: (text: string): void => {
      if (synthesis === undefined || voice.value === undefined) return;
      const utterance = new SpeechSynthesisUtterance(text);
      utterance.voice = voice.value;
      utterance.lang = voice.value.lang;
      utterance.rate = 0.85;
      synthesis.cancel();
      synthesis.speak(utterance);
    },
  };
};
