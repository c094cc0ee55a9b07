import { normalsOf, streamOf } from '@cadre/core/draws';

/** A wheel's spokes as they would ring, one after the other. */
export interface SpokeSound {
  /** Hz, from the valve round. */
  readonly pitches: readonly number[];
  readonly sampleRate: number;
  /** How far the ringing at its loudest stands over the noise, decibels. */
  readonly signalToNoise: number;
  readonly seed: number;
}

/** A pluck every so many seconds, after a little silence. */
export const PLUCK_EVERY_S = 0.6;
const BEFORE_S = 0.4;
const LOUDEST = 0.5;
/** How loud each overtone is beside the ground tone, and how fast each dies away, per second. */
const TONES = [
  { times: 1, level: 1, dies: 6 },
  { times: 2, level: 0.55, dies: 9 },
  { times: 3, level: 0.3, dies: 13 },
  { times: 4.02, level: 0.15, dies: 18 },
];

/** The sound of plucked spokes: tones that die away, the click of the finger, and noise. The same for a seed. */
export function synthesiseSpokes({
  pitches,
  sampleRate,
  signalToNoise,
  seed,
}: SpokeSound): Float32Array<ArrayBuffer> {
  const every = Math.round(PLUCK_EVERY_S * sampleRate);
  const before = Math.round(BEFORE_S * sampleRate);
  const sound = new Float32Array(before + every * pitches.length);
  const draw = normalsOf(streamOf(seed));
  // The level of a tone is its peak over the root of two; noise is told by its own.
  const noise = (LOUDEST / Math.SQRT2) * 10 ** (-signalToNoise / 20);
  for (const [at] of sound.entries()) sound[at] = noise * draw();
  for (const [spoke, hz] of pitches.entries()) {
    const start = before + spoke * every;
    for (let at = 0; at < every && start + at < sound.length; at += 1) {
      const seconds = at / sampleRate;
      const click = seconds < 0.01 ? 0.2 * draw() * (1 - seconds / 0.01) : 0;
      const ring = TONES.reduce(
        (sum, { times, level, dies }) =>
          sum + level * Math.exp(-dies * seconds) * Math.sin(2 * Math.PI * hz * times * seconds),
        0,
      );
      sound[start + at] = (sound[start + at] ?? 0) + LOUDEST * (ring / 2 + click);
    }
  }
  return sound;
}

/** The wheel of the training recording: sides that differ as a dished wheel's do, one spoke loose and one tight. Pitches in Hz, alternating from the valve round. */
export const TRAINING_WHEEL: readonly number[] = Array.from({ length: 32 }, (_, at) => {
  const side = at % 2 === 0 ? 392 : 330;
  const spread = 1 + 0.03 * Math.sin(at * 2.3);
  const odd: Readonly<Record<number, number>> = { 6: 0.66, 21: 1.16 };
  return Math.round(side * spread * (odd[at] ?? 1) * 10) / 10;
});
