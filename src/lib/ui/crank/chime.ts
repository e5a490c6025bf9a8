/** Pitches of the two signals, in hertz: a soft one when something nears, a bright one when it is due. */
const PITCH = { near: 523, due: 784 } as const;

let context: AudioContext | undefined;

/**
 * Plays a short tone. The first call must come from a key or a touch, as browsers ask; without sound it stays silent.
 */
export function chime(kind: keyof typeof PITCH): void {
  try {
    context ??= new AudioContext();
    const tone = context.createOscillator();
    const volume = context.createGain();
    const now = context.currentTime;
    tone.frequency.value = PITCH[kind];
    volume.gain.setValueAtTime(0.0001, now);
    volume.gain.exponentialRampToValueAtTime(0.25, now + 0.02);
    volume.gain.exponentialRampToValueAtTime(0.0001, now + (kind === 'due' ? 0.55 : 0.25));
    tone.connect(volume).connect(context.destination);
    tone.start(now);
    tone.stop(now + 0.6);
  } catch {
    context = undefined;
  }
}
