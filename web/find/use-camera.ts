import { wrap, type Remote } from 'comlink';
import { onScopeDispose, ref, type Ref } from 'vue';
import type { DecodeWorker } from './decode-worker';

const LOOK_EVERY_MS = 180;
const LARGEST = 960;

export type CameraState = 'starting' | 'looking' | 'not-secure' | 'none' | 'refused';

/** Looks through the camera until a code is understood. Everything ends with its scope: no light stays on. */
export function useCamera(
  video: Ref<HTMLVideoElement | null>,
  take: (text: string) => boolean,
): { readonly state: Ref<CameraState>; start(): Promise<void> } {
  const state = ref<CameraState>('starting');
  const canvas = document.createElement('canvas');
  let stream: MediaStream | null = null;
  let worker: Worker | null = null;
  let decoder: Remote<DecodeWorker> | null = null;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let ended = false;

  async function start(): Promise<void> {
    if (!('mediaDevices' in navigator)) {
      state.value = 'not-secure';
      return;
    }
    try {
      stream = await navigator.mediaDevices.getUserMedia({
        video: { facingMode: 'environment', width: { ideal: 1280 } },
        audio: false,
      });
    } catch (error) {
      state.value = error instanceof DOMException && error.name === 'NotAllowedError' ? 'refused' : 'none';
      return;
    }
    if (ended || !video.value) {
      stop();
      return;
    }
    worker = new Worker(new URL('./decode-worker.ts', import.meta.url), { type: 'module' });
    decoder = wrap<DecodeWorker>(worker);
    video.value.srcObject = stream;
    await video.value.play();
    state.value = 'looking';
    look();
  }
  function look(): void {
    timer = setTimeout(() => void lookOnce(), LOOK_EVERY_MS);
  }
  async function lookOnce(): Promise<void> {
    const from = video.value;
    const pen = canvas.getContext('2d', { willReadFrequently: true });
    if (ended || !from || !decoder || !pen) return;
    if (from.videoWidth > 0) {
      const scale = Math.min(1, LARGEST / from.videoWidth);
      canvas.width = Math.round(from.videoWidth * scale);
      canvas.height = Math.round(from.videoHeight * scale);
      pen.drawImage(from, 0, 0, canvas.width, canvas.height);
      const texts = await decoder.decode(pen.getImageData(0, 0, canvas.width, canvas.height));
      if (ended || texts.some(take)) return;
    }
    look();
  }
  function stop(): void {
    ended = true;
    if (timer) clearTimeout(timer);
    stream?.getTracks().forEach((track) => track.stop());
    worker?.terminate();
  }
  onScopeDispose(stop);
  return { state, start };
}
