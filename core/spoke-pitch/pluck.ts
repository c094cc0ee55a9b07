/** A window of sound in which a plucked spoke rings, and how much was heard of it. */
export interface Pluck {
  readonly samples: Float32Array;
  readonly sampleRate: number;
}

/** Sound is looked at in pieces of so many samples. */
const PIECE = 256;
/** A pluck is so many times louder than what was heard just before. */
const LOUDER = 3.5;
/** Just before: so many pieces ago. A sound that swells is no pluck. */
const JUST_BEFORE = 6;
/** The finger's own noise is over after so many seconds. */
const SKIP_S = 0.04;
/** So much of the ringing is listened to, seconds. */
const WINDOW_S = 0.12;
/** So long after a pluck no other is looked for, seconds. */
const REST_S = 0.25;
/** Quieter than this nothing was plucked, of a full scale of 1. */
const LEAST_LEVEL = 0.004;

const levelOf = (samples: Float32Array): number =>
  Math.sqrt(samples.reduce((sum, each) => sum + each * each, 0) / Math.max(1, samples.length));

/**
 * Hears single plucks in a stream of sound: fed piece by piece as it comes, it answers each pluck once its ringing was heard. Works at any sample rate; silence and
 * steady noise are none.
 */
export class PluckListener {
  private floor: number | null = null;
  private rest = new Float32Array(0);
  /** Seconds of sound since the last pluck began; null: none is ringing. */
  private since: number | null = null;
  private ringing: Float32Array[] = [];
  /** The levels of the last pieces, the oldest first. */
  private before: readonly number[] = [];

  constructor(private readonly sampleRate: number) {}

  feed(block: Float32Array): readonly Pluck[] {
    const all = joined([this.rest, block]);
    const found: Pluck[] = [];
    let at = 0;
    for (; at + PIECE <= all.length; at += PIECE) {
      const pluck = this.piece(all.slice(at, at + PIECE));
      if (pluck) found.push(pluck);
    }
    this.rest = all.slice(at);
    return found;
  }

  private piece(samples: Float32Array): Pluck | null {
    const level = levelOf(samples);
    const step = PIECE / this.sampleRate;
    if (this.since === null) {
      const before = this.floor ?? level;
      // What is quiet is known quickly; what grows louder slowly is no pluck.
      this.floor = level < before ? 0.7 * before + 0.3 * level : 0.98 * before + 0.02 * level;
      this.before = [...this.before.slice(1 - JUST_BEFORE), level];
      if (level < LEAST_LEVEL || level < Math.max(before, this.before[0] ?? 0) * LOUDER) return null;
      this.since = 0;
      this.ringing = [];
      return null;
    }
    this.since += step;
    const { since } = this;
    const heard = this.ringing.length * step;
    if (since > SKIP_S && heard < WINDOW_S) {
      this.ringing.push(samples);
      if (heard + step >= WINDOW_S) return { samples: joined(this.ringing), sampleRate: this.sampleRate };
    }
    if (since >= REST_S) {
      this.since = null;
      this.floor = level;
    }
    return null;
  }
}

function joined(parts: readonly Float32Array[]): Float32Array<ArrayBuffer> {
  const whole = new Float32Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}

/** How much of a tone of this frequency is in the sound: Goertzel's filter over the whole window. */
export function toneIn({ samples, sampleRate }: Pluck, hz: number): number {
  const step = 2 * Math.cos((2 * Math.PI * hz) / sampleRate);
  let [last, before] = [0, 0];
  for (const [at, sample] of samples.entries()) {
    // A window with soft ends, so that neighbouring tones do not leak in.
    const soft = 0.5 - 0.5 * Math.cos((2 * Math.PI * at) / samples.length);
    const now = sample * soft + step * last - before;
    [before, last] = [last, now];
  }
  return Math.sqrt(Math.max(0, last * last + before * before - step * last * before)) / samples.length;
}
