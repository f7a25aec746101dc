/** What calls somebody who is not looking at the page. */
export type Call = 'alarm' | 'window' | 'rest' | 'handed';

interface Sound {
  call: Call;
  words: string;
  /** Hertz and milliseconds, one tone after the other: each call is told from the others with the back turned to it. */
  tones: readonly (readonly [number, number])[];
  /** For a phone in the pocket: milliseconds of shaking and of pause by turns. */
  shakes: readonly number[];
}

export const CALLS: readonly Sound[] = [
  {
    call: 'alarm',
    words: 'An alarm at a kiln',
    tones: [
      [880, 220],
      [660, 220],
      [880, 220],
      [660, 220],
      [880, 420],
    ],
    shakes: [400, 120, 400, 120, 400],
  },
  {
    call: 'window',
    words: 'Something has to begin soon',
    tones: [
      [990, 120],
      [990, 120],
      [990, 120],
    ],
    shakes: [150, 80, 150, 80, 150],
  },
  {
    call: 'rest',
    words: 'A rest is up',
    tones: [
      [523, 250],
      [784, 450],
    ],
    shakes: [300],
  },
  {
    call: 'handed',
    words: 'Work is put on you',
    tones: [
      [392, 200],
      [494, 200],
    ],
    shakes: [100, 60, 100],
  },
];

const keyOf = (call: Call): string => `silent ${call}`;

/** Whether a call is heard at this device. */
export const isHeard = (call: Call): boolean => localStorage.getItem(keyOf(call)) === null;

export function hear(call: Call, on: boolean): void {
  if (on) {
    localStorage.removeItem(keyOf(call));
  } else {
    localStorage.setItem(keyOf(call), '1');
  }
}

const LOUDNESS = 0.25;
/** A tone that breaks off clicks. */
const FADE_S = 0.02;
let audio: AudioContext | undefined;

/** Plays a call's own sound. A browser that has not been touched yet plays none. */
export function sound({ tones }: Sound): void {
  if (typeof AudioContext === 'undefined') {
    return;
  }
  audio ??= new AudioContext();
  void audio.resume();
  let at = audio.currentTime + FADE_S;
  for (const [hertz, milliseconds] of tones) {
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    const until = at + milliseconds / 1000;
    tone.frequency.value = hertz;
    volume.gain.setValueAtTime(0, at);
    volume.gain.linearRampToValueAtTime(LOUDNESS, at + FADE_S);
    volume.gain.setValueAtTime(LOUDNESS, until - FADE_S);
    volume.gain.linearRampToValueAtTime(0, until);
    tone.connect(volume).connect(audio.destination);
    tone.start(at);
    tone.stop(until);
    at = until + FADE_S;
  }
}

/** Whether the browser may show what the system shows beside its own: only where the address is safe. */
export const canNotify = (): boolean => 'Notification' in window && window.isSecureContext;

/** Calls: with its sound and a shake, and beside the page where nobody sees that. */
export function callOut(what: Call, words: string): void {
  const found = CALLS.find((each) => each.call === what);
  if (!found || !isHeard(what)) {
    return;
  }
  sound(found);
  navigator.vibrate?.([...found.shakes]);
  if (document.visibilityState === 'hidden' && canNotify() && Notification.permission === 'granted') {
    // One of a kind at a time: the latest is what matters.
    new Notification(found.words, { body: words, tag: what, icon: '/icon.svg' }).addEventListener('click', () =>
      window.focus(),
    );
  }
}
