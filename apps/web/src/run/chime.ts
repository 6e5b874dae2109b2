let context: AudioContext | undefined;

/** Browsers let a page sound only after a touch: call this from one, so that the chime can come later. */
export function allowChime(): void {
  context ??= typeof AudioContext === 'undefined' ? undefined : new AudioContext();
  void context?.resume();
}

/** Two soft strokes a fifth apart. Silent where the browser does not let it sound. */
export function chime(): void {
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
