import { computed, onScopeDispose, ref, type ComputedRef, type Ref } from 'vue';
import { addSound, listSounds, type Sound } from '@cadre/contract/sounds';
import { SOUND_LIMITS } from '@cadre/core/sounds';
import { useAct } from '@cadre/web/platform/act';
import { send as ask, type Said } from '@cadre/web/platform/api';
import { dropValue, savedValue, savePlain } from '@cadre/web/platform/local-db';
import { useSavedQuery } from '@cadre/web/platform/query';
import { now } from '@cadre/web/platform/time';
import { useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** A recording that is not sent yet. */
interface Taken {
  readonly blob: Blob;
  readonly address: string;
  readonly at: number;
}

type Waiting = Pick<Taken, 'blob' | 'at'>;

export interface SoundsOfBike {
  readonly sounds: ComputedRef<readonly Sound[]>;
  readonly offline: Readonly<Ref<boolean>>;
  readonly state: Readonly<Ref<'off' | 'on'>>;
  readonly seconds: Readonly<Ref<number>>;
  readonly said: ComputedRef<Said | null>;
  readonly taken: Readonly<Ref<Taken | null>>;
  readonly busy: Readonly<Ref<boolean>>;
  start(): Promise<void>;
  stop(): void;
  drop(): void;
  /** Whether it was sent: what was not stays. */
  send(gear: string, doing: string): Promise<boolean>;
}

const TYPES = ['audio/webm;codecs=opus', 'audio/ogg;codecs=opus'];

async function base64Of(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
}

/** The recordings of a bike, and one that is being made: it ends by the limit, and stays until it was sent or thrown away. */
export function useSounds(bikeId: () => string): SoundsOfBike {
  const act = useAct();
  const refusal = useRefusal();
  const query = useSavedQuery({
    key: () => ['sounds', bikeId()],
    ask: () => ask(listSounds, { params: { id: bikeId() } }),
  });
  const state = ref<'off' | 'on'>('off');
  const seconds = ref(0);
  const trouble = ref<Said | null>(null);
  const taken: Ref<Taken | null> = ref(null);
  let recorder: MediaRecorder | null = null;
  let clock: ReturnType<typeof setInterval> | null = null;

  function stop(): void {
    if (clock) clearInterval(clock);
    clock = null;
    if (recorder && recorder.state !== 'inactive') recorder.stop();
    state.value = 'off';
  }
  // What was recorded and not sent outlives a closed tab.
  const storedAs = (): string => `sound-waiting:${bikeId()}`;
  const show = (blob: Blob, at: number): void => {
    taken.value = { blob, address: URL.createObjectURL(blob), at };
  };
  void savedValue<Waiting>(storedAs()).then((waiting) => {
    if (waiting && !taken.value) show(waiting.blob, waiting.at);
  });
  function hide(): void {
    if (taken.value) URL.revokeObjectURL(taken.value.address);
    taken.value = null;
  }
  function drop(): void {
    hide();
    void dropValue(storedAs());
  }
  onScopeDispose(() => {
    stop();
    hide();
  });

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
      const blob = new Blob(pieces, { type });
      show(blob, at);
      void savePlain(storedAs(), { blob, at });
    };
    recorder.start();
    state.value = 'on';
    seconds.value = 0;
    clock = setInterval(() => {
      seconds.value += 1;
      if (seconds.value >= SOUND_LIMITS.secondsMost) stop();
    }, 1000);
  }

  async function send(gear: string, doing: string): Promise<boolean> {
    const { value } = taken;
    if (!value) return false;
    return refusal.run(async () => {
      const sound = await base64Of(value.blob);
      await act(addSound, { params: { id: bikeId() }, body: { sound, gear, doing, at: value.at } });
      drop();
      await query.refetch();
    });
  }
  return {
    sounds: computed(() => query.data.value?.sounds ?? []),
    offline: query.offline,
    said: computed(() => trouble.value ?? refusal.said.value),
    ...{ state, seconds, taken, busy: refusal.busy, start, stop, drop, send },
  };
}
