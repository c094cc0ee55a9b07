import { PitchDetector } from 'pitchy';
import { guardOctave, SPOKE_HZ, type Pluck } from '@cadre/core/spoke-pitch';

/** So clear a tone has to be, 0 to 1, or the spoke is plucked again. */
const CLEAR = 0.8;
/** Two halves of the ringing that differ by more were no single tone. */
const STEADY = 0.04;

const detectors = new Map<number, PitchDetector<Float32Array>>();
function detectorFor(size: number): PitchDetector<Float32Array> {
  const known = detectors.get(size);
  if (known) return known;
  const made = PitchDetector.forFloat32Array(size);
  detectors.set(size, made as PitchDetector<Float32Array>);
  return made as PitchDetector<Float32Array>;
}

/** The largest power of two that fits: what the detector works on. */
const sizeIn = (samples: number): number => 2 ** Math.floor(Math.log2(samples));

function heardIn({ samples, sampleRate }: Pluck): number | null {
  const size = sizeIn(samples.length * 0.75);
  const pitches = [0, samples.length - size].map((from) =>
    detectorFor(size).findPitch(samples.slice(from, from + size), sampleRate),
  );
  if (pitches.some(([, clarity]) => clarity < CLEAR)) return null;
  const [[first = 0] = [], [second = 0] = []] = pitches;
  if (Math.abs(first - second) / first > STEADY) return null;
  return (first + second) / 2;
}

/** The pitch of a plucked spoke in Hz, an octave's slip put back by the others of its side; null: not clear, pluck it again. */
export function pitchOf(pluck: Pluck, others: readonly number[]): number | null {
  const heard = heardIn(pluck);
  if (heard === null) return null;
  const hz = guardOctave(pluck, heard, others);
  return hz >= SPOKE_HZ.least && hz <= SPOKE_HZ.most ? Math.round(hz * 10) / 10 : null;
}
