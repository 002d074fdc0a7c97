// What is received at the bench. A browser makes no sound before someone has pressed something.

let context: AudioContext | null = null;

const contextNow = (): AudioContext | null => {
  if (typeof AudioContext === 'undefined') return null;
  try {
    context ??= new AudioContext();
  } catch {
    return null;
  }
  void context.resume().catch(() => undefined);
  return context;
};

/** One soft tone. */
const tone = (hertz: number, at: number, seconds: number, loud: number): void => {
  const audio = contextNow();
  if (!audio) return;
  const from = audio.currentTime + at;
  const wave = audio.createOscillator();
  const volume = audio.createGain();
  wave.frequency.value = hertz;
  volume.gain.setValueAtTime(0, from);
  volume.gain.linearRampToValueAtTime(loud, from + 0.01);
  volume.gain.exponentialRampToValueAtTime(0.001, from + seconds);
  wave.connect(volume).connect(audio.destination);
  wave.start(from);
  wave.stop(from + seconds);
};

/** A drop was counted. */
export const click = (): void => tone(880, 0, 0.05, 0.2);

/** A clock is over: three tones, going up. */
export const chime = (): void => {
  [523, 659, 784].forEach((hertz, n) => tone(hertz, 0.25 * n, 0.6, 0.15));
};

/** A number, spoken; what was still being said is cut off, so that the voice keeps up. */
export const say = (words: string): void => {
  if (typeof speechSynthesis === 'undefined') return;
  speechSynthesis.cancel();
  const spoken = new SpeechSynthesisUtterance(words);
  spoken.lang = 'en-GB';
  spoken.rate = 1.2;
  speechSynthesis.speak(spoken);
};
