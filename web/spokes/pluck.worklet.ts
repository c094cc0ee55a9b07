import { PluckListener } from '@cadre/core/spoke-pitch';

declare const sampleRate: number;
declare class AudioWorkletProcessor {
  readonly port: MessagePort;
}
declare function registerProcessor(name: string, processor: typeof AudioWorkletProcessor): void;

/** Hears plucks as the sound comes in, off the page's own thread, and sends each on with its ringing. */
class Plucks extends AudioWorkletProcessor {
  private readonly listener = new PluckListener(sampleRate);

  process([input]: readonly (readonly Float32Array[])[]): boolean {
    const [channel] = input ?? [];
    if (channel)
      for (const pluck of this.listener.feed(channel)) this.port.postMessage(pluck, [pluck.samples.buffer]);
    return true;
  }
}
registerProcessor('plucks', Plucks);
