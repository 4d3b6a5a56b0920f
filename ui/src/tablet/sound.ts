import { currentSettings } from './settings';

/** Hertz and seconds, one after the other: higher for taken, twice for a question, lower for refused. */
const TONES = {
  taken: [[880, 0.09]],
  asked: [
    [660, 0.09],
    [660, 0.14],
  ],
  refused: [[220, 0.28]],
} as const;
const GAP = 0.05;
const LOUD = 0.25;

export type Tone = keyof typeof TONES;

let context: AudioContext | null = null;

/** Heard where sound is on, and the browser has any. */
export function sound(tone: Tone): void {
  if (currentSettings().sound === 'off' || typeof AudioContext === 'undefined') {
    return;
  }
  context ??= new AudioContext();
  let from = context.currentTime;
  for (const [hertz, seconds] of TONES[tone]) {
    const oscillator = context.createOscillator();
    const volume = context.createGain();
    oscillator.frequency.value = hertz;
    volume.gain.setValueAtTime(LOUD, from);
    // An edge that is cut off clicks.
    volume.gain.linearRampToValueAtTime(0, from + seconds);
    oscillator.connect(volume).connect(context.destination);
    oscillator.start(from);
    oscillator.stop(from + seconds);
    from += seconds + GAP;
  }
}

/** Said by the browser's own voice, in the language of the screen; what is being said is broken off. */
export function speak(text: string): void {
  if (text === '' || typeof speechSynthesis === 'undefined') {
    return;
  }
  const words = new SpeechSynthesisUtterance(text);
  words.lang = document.documentElement.lang;
  speechSynthesis.cancel();
  speechSynthesis.speak(words);
}
