let context: AudioContext | undefined;

/** Browsers let a page sound only after a touch: call this from one, so that the chime can come later. */
export function allowChime(): void {
  context ??= typeof AudioContext === 'undefined' ? undefined : new AudioContext();
  void context?.resume();
}

/** A phone in an apron is felt where it is not heard: two short strokes, ms on and off. */
const STROKES_MS = [180, 120, 180];

/** Two soft strokes a fifth apart, heard and felt. Silent where the browser does not let it sound, still where the device cannot shake. */
export function chime(): void {
  globalThis.navigator?.vibrate?.(STROKES_MS);
  if (!context || context.state !== 'running') return;
  [660, 990].forEach((hz, i) => {
    const from = context!.currentTime + i * 0.28;
    const tone = new OscillatorNode(context!, { frequency: hz });
    const volume = new GainNode(context!, { gain: 0 });
    volume.gain.linearRampToValueAtTime(0.25, from + 0.02);
    volume.gain.exponentialRampToValueAtTime(0.001, from + 0.9);
    tone.connect(volume).connect(context!.destination);
    tone.start(from);
    tone.stop(from + 1);
  });
}
