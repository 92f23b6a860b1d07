/** A voice of this device that speaks English; one that would send the text away over the network is not used. */
const localVoice = (lang: string): SpeechSynthesisVoice | undefined => {
  const voices = globalThis.speechSynthesis
    ?.getVoices()
    .filter((voice) => voice.localService && voice.lang.startsWith('en'));
  return voices?.find((voice) => voice.lang.replace('_', '-') === lang) ?? voices?.[0];
};

/** Can this device speak at all? */
export const canSpeak = (lang: string): boolean => localVoice(lang) !== undefined;

/** Says a sentence, a little slower than grown-ups talk. Does nothing where there is no voice. */
export const speak = (text: string, lang: string): void => {
  const voice = localVoice(lang);
  if (voice === undefined) return;
  const utterance = new SpeechSynthesisUtterance(text);
  utterance.voice = voice;
  utterance.lang = voice.lang;
  utterance.rate = 0.85;
  speechSynthesis.cancel();
  speechSynthesis.speak(utterance);
};
