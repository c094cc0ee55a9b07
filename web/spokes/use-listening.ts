import { onScopeDispose, ref, type Ref } from 'vue';
import type { Pluck } from '@cadre/core/spoke-pitch';
import type { Said } from '@cadre/web/platform/api';
import workletUrl from './pluck.worklet.ts?worker&url';
import recordingUrl from './training-wheel.wav?url';
import * as t from './messages';

export interface Listening {
  readonly state: Readonly<Ref<'off' | 'starting' | 'on'>>;
  /** Why nothing can be heard, and the way by hand. */
  readonly said: Readonly<Ref<Said | null>>;
  start(from: 'microphone' | 'recording'): Promise<void>;
  stop(): void;
}

/** What keeps a browser from listening, in words. */
function troubleOf(error: unknown): Said | null {
  if (!(error instanceof DOMException)) return null;
  if (error.name === 'NotFoundError') return { what: t.noMicrophone, todo: t.typePitches };
  if (error.name === 'NotAllowedError' || error.name === 'SecurityError')
    return { what: t.microphoneRefused, todo: t.allowOrType };
  return { what: t.microphoneBusy, todo: t.typePitches };
}

/** Listens for plucked spokes, from the microphone or from the training recording, through the same worklet. */
export function useListening(heard: (pluck: Pluck) => void): Listening {
  const state = ref<'off' | 'starting' | 'on'>('off');
  const said = ref<Said | null>(null);
  let context: AudioContext | null = null;
  let stream: MediaStream | null = null;

  function stop(): void {
    stream?.getTracks().forEach((track) => track.stop());
    void context?.close();
    context = null;
    stream = null;
    state.value = 'off';
  }
  onScopeDispose(stop);

  async function sourceOf(from: 'microphone' | 'recording', own: AudioContext): Promise<AudioNode> {
    if (from === 'microphone') {
      stream = await navigator.mediaDevices.getUserMedia({
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
      });
      return own.createMediaStreamSource(stream);
    }
    const sound = await (await fetch(recordingUrl)).arrayBuffer();
    const source = own.createBufferSource();
    source.buffer = await own.decodeAudioData(sound);
    source.onended = stop;
    source.start();
    return source;
  }

  async function start(from: 'microphone' | 'recording'): Promise<void> {
    stop();
    said.value = null;
    // Over plain http a browser has neither microphone nor worklets.
    if (!window.isSecureContext || !('audioWorklet' in AudioContext.prototype)) {
      said.value = { what: t.notSecure, todo: t.typePitches };
      return;
    }
    state.value = 'starting';
    const own = new AudioContext();
    context = own;
    try {
      await own.audioWorklet.addModule(workletUrl);
      const plucks = new AudioWorkletNode(own, 'plucks');
      plucks.port.onmessage = ({ data }: MessageEvent<Pluck>) => heard(data);
      (await sourceOf(from, own)).connect(plucks);
      // Nothing is played back: a node is only run when it leads somewhere.
      const silent = own.createGain();
      silent.gain.value = 0;
      plucks.connect(silent).connect(own.destination);
      await own.resume();
      state.value = 'on';
    } catch (error) {
      stop();
      said.value = troubleOf(error);
      if (!said.value) throw error;
    }
  }
  return { state, said, start, stop };
}
