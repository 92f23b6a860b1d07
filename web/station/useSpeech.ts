import { useEventListener } from '@vueuse/core';
import { computed, shallowRef } from 'vue';

/**
 * The device's own voice. One that would send the text away over the network is not used. Browsers find their voices
 * only some time after the page has opened, so what can be heard may change.
 * @param locale the class's language; where no voice speaks it as it is spoken there, one that speaks it elsewhere is used
 */
export const useSpeech = (locale: () => string) => {
  const synthesis = globalThis.speechSynthesis as SpeechSynthesis | undefined;
  const voices = shallowRef<readonly SpeechSynthesisVoice[]>([]);
  const find = (): void => {
    voices.value = (synthesis?.getVoices() ?? []).filter(({ localService }) => localService);
  };
  find();
  if (synthesis !== undefined) useEventListener(synthesis, 'voiceschanged', find);

  /** As in "en-US"; some systems write en_US. */
  const tagOf = ({ lang }: SpeechSynthesisVoice): string => lang.replace('_', '-');
  const languageOf = (tag: string): string => tag.split('-')[0]!;
  const voice = computed(
    () =>
      voices.value.find((one) => tagOf(one) === locale()) ??
      voices.value.find((one) => languageOf(tagOf(one)) === languageOf(locale())),
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
