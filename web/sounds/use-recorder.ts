import { onScopeDispose, ref, type Ref } from 'vue';
import { SOUND_LIMITS } from '@cadre/core/sounds';
import type { Said } from '@cadre/web/platform/api';
import { now } from '@cadre/web/platform/time';
import * as t from './messages';

export interface Recorder {
  readonly state: Readonly<Ref<'off' | 'on'>>;
  readonly seconds: Readonly<Ref<number>>;
  /** Why nothing can be recorded here, with the way by hand. */
  readonly trouble: Readonly<Ref<Said | null>>;
  start(): Promise<void>;
  stop(): void;
}

const TYPES = ['audio/webm;codecs=opus', 'audio/ogg;codecs=opus'];

/** Records from the microphone until it is stopped or the limit is reached; leaving the page stops it too, and what was heard by then is handed on. */
export function useRecorder(done: (blob: Blob, at: number) => void): Recorder {
  const state = ref<'off' | 'on'>('off');
  const seconds = ref(0);
  const trouble = ref<Said | null>(null);
  let recorder: MediaRecorder | null = null;
  let clock: ReturnType<typeof setInterval> | null = null;

  function stop(): void {
    if (clock) clearInterval(clock);
    clock = null;
    if (recorder && recorder.state !== 'inactive') recorder.stop();
    state.value = 'off';
  }
  onScopeDispose(stop);

  async function start(): Promise<void> {
    trouble.value = null;
    const type =
      'MediaRecorder' in window ? TYPES.find((each) => MediaRecorder.isTypeSupported(each)) : undefined;
    if (!window.isSecureContext || !type) {
      trouble.value = {
        what: window.isSecureContext ? t.browserCannot : t.notSecure,
        todo: t.describeInstead,
      };
      return;
    }
    let stream: MediaStream;
    try {
      stream = await navigator.mediaDevices.getUserMedia({ audio: true });
    } catch (error) {
      if (!(error instanceof DOMException)) throw error;
      trouble.value = {
        what: error.name === 'NotAllowedError' ? t.microphoneRefused : t.noMicrophone,
        todo: t.describeInstead,
      };
      return;
    }
    const pieces: Blob[] = [];
    const at = now();
    recorder = new MediaRecorder(stream, { mimeType: type, audioBitsPerSecond: 48_000 });
    recorder.ondataavailable = ({ data }) => pieces.push(data);
    recorder.onstop = () => {
      stream.getTracks().forEach((track) => track.stop());
      done(new Blob(pieces, { type }), at);
    };
    recorder.start();
    state.value = 'on';
    seconds.value = 0;
    clock = setInterval(() => {
      seconds.value += 1;
      if (seconds.value >= SOUND_LIMITS.secondsMost) stop();
    }, 1000);
  }
  return { state, seconds, trouble, start, stop };
}
