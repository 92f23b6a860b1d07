/** Notes of the chime in hertz (E5, B5), how long each rings and how far apart they begin, in seconds. */
const NOTES = [659.26, 987.77];
const RING = 1.6;
const APART = 0.35;
/** Loudness at 100 per cent, 0..1: soft even then. */
const LOUDEST = 0.35;

/** Rings a soft chime. A browser that may not sound yet, or has no sound, stays silent. @param percent loudness, 0 is off */
export const ringChime = (percent: number): void => {
  if (percent <= 0 || typeof AudioContext === 'undefined') return;
  const sound = new AudioContext();
  NOTES.forEach((hertz, i) => {
    const from = sound.currentTime + i * APART;
    const tone = new OscillatorNode(sound, { type: 'sine', frequency: hertz });
    const gain = new GainNode(sound, { gain: 0 });
    gain.gain.setValueAtTime(0, from);
    gain.gain.linearRampToValueAtTime((LOUDEST * percent) / 100, from + 0.02);
    gain.gain.exponentialRampToValueAtTime(0.0001, from + RING);
    tone.connect(gain).connect(sound.destination);
    tone.start(from);
    tone.stop(from + RING);
  });
  setTimeout(() => void sound.close(), (NOTES.length * APART + RING) * 1000 + 200);
};
