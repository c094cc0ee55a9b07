import { synthesiseSpokes, TRAINING_WHEEL } from '@cadre/core/spoke-pitch';

/** Samples a second of the training recording: twice the highest overtone that tells anything, and small. */
const SAMPLE_RATE = 16_000;
const SIGNAL_TO_NOISE = 20;
const SEED = 20_260_610;

/** Sound as a WAV file: one channel, 16 bits. */
export function wavOf(samples: Float32Array, sampleRate: number): Buffer {
  const header = Buffer.alloc(44);
  const bytes = samples.length * 2;
  header.write('RIFF', 0);
  header.writeUInt32LE(36 + bytes, 4);
  header.write('WAVEfmt ', 8);
  header.writeUInt32LE(16, 16);
  header.writeUInt16LE(1, 20);
  header.writeUInt16LE(1, 22);
  header.writeUInt32LE(sampleRate, 24);
  header.writeUInt32LE(sampleRate * 2, 28);
  header.writeUInt16LE(2, 32);
  header.writeUInt16LE(16, 34);
  header.write('data', 36);
  header.writeUInt32LE(bytes, 40);
  const data = Buffer.alloc(bytes);
  for (const [at, sample] of samples.entries())
    data.writeInt16LE(Math.round(Math.max(-1, Math.min(1, sample)) * 32_767), at * 2);
  return Buffer.concat([header, data]);
}

/** The training recording: the spokes of one wheel, plucked in turn, with noise. */
export const trainingRecording = (sampleRate = SAMPLE_RATE): Buffer =>
  wavOf(
    synthesiseSpokes({ pitches: TRAINING_WHEEL, sampleRate, signalToNoise: SIGNAL_TO_NOISE, seed: SEED }),
    sampleRate,
  );
