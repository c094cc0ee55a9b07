/** What a sound note may be: short enough to be listened to, small enough to be sent from a shed. */
export const SOUND_LIMITS = { secondsMost: 15, bytesMost: 256_000 } as const;

/** So much a recorder may go on past its end before it has stopped, seconds. */
const TOLERANCE_S = 0.5;

export type ReadSound =
  | { readonly state: 'read'; readonly container: 'webm' | 'ogg'; readonly seconds: number }
  | { readonly state: 'no-sound' | 'too-large' | 'too-long' };

const NO_SOUND: ReadSound = { state: 'no-sound' };

/** What a sound file is by its content: Opus in WebM or Ogg and nothing else, with its length. Anything else, broken off or with a picture in it is no sound. */
export function readSound(bytes: Uint8Array): ReadSound {
  if (bytes.length > SOUND_LIMITS.bytesMost) return { state: 'too-large' };
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const container = bytes.length > 4 && view.getUint32(0) === 0x1a45dfa3 ? 'webm' : 'ogg';
  const seconds = container === 'webm' ? secondsOfWebm(view) : secondsOfOgg(view);
  if (seconds === null || seconds <= 0) return NO_SOUND;
  return seconds > SOUND_LIMITS.secondsMost + TOLERANCE_S
    ? { state: 'too-long' }
    : { state: 'read', container, seconds: Math.round(seconds * 10) / 10 };
}

const textAt = (view: DataView, from: number, length: number): string =>
  Array.from({ length: Math.min(length, view.byteLength - from) }, (_, at) =>
    String.fromCharCode(view.getUint8(from + at)),
  ).join('');

/** Elements of WebM whose contents are looked into; all others are passed over. */
const INTO = new Set([0x18538067, 0x1549a966, 0x1654ae6b, 0xae, 0x1f43b675, 0xa0]);
const [SCALE, CODEC, CLUSTER_TIME, SIMPLE_BLOCK, BLOCK] = [0x2ad7b1, 0x86, 0xe7, 0xa3, 0xa1];

/** A number of WebM that says its own length in its first bits; null: broken off. `whole`: with those bits, as an element's id is. */
function vintAt(
  view: DataView,
  at: number,
  whole: boolean,
): { value: number; length: number; unknown: boolean } | null {
  if (at >= view.byteLength) return null;
  const first = view.getUint8(at);
  const length = Math.clz32(first) - 23;
  if (length > 8 || at + length > view.byteLength) return null;
  let value = whole ? first : first & (0xff >> length);
  let unknown = !whole && (first & (0xff >> length)) === 0xff >> length;
  for (let byte = 1; byte < length; byte += 1) {
    const next = view.getUint8(at + byte);
    value = value * 256 + next;
    unknown &&= next === 0xff;
  }
  return { value, length, unknown };
}

const unsignedAt = (view: DataView, at: number, length: number): number => {
  let value = 0;
  for (let byte = 0; byte < length; byte += 1) value = value * 256 + view.getUint8(at + byte);
  return value;
};

/** The length of a WebM file whose only track is Opus, from its last block; null: it is none. A recorder leaves sizes open: what is looked into is read on from there. */
function secondsOfWebm(view: DataView): number | null {
  const header = vintAt(view, 4, false);
  if (!header) return null;
  let [at, scale, cluster, last] = [4 + header.length + header.value, 1_000_000, 0, 0];
  const codecs: string[] = [];
  while (at < view.byteLength) {
    const id = vintAt(view, at, true);
    const size = id && vintAt(view, at + id.length, false);
    if (!id || !size) return null;
    const from = at + id.length + size.length;
    if (INTO.has(id.value)) {
      at = from;
      continue;
    }
    if (size.unknown || from + size.value > view.byteLength) return null;
    if (id.value === SCALE) scale = unsignedAt(view, from, size.value);
    if (id.value === CODEC) codecs.push(textAt(view, from, size.value));
    if (id.value === CLUSTER_TIME) cluster = unsignedAt(view, from, size.value);
    if ((id.value === SIMPLE_BLOCK || id.value === BLOCK) && size.value > 3) {
      const track = vintAt(view, from, false);
      if (track && track.length + 2 <= size.value)
        last = Math.max(last, cluster + view.getInt16(from + track.length));
    }
    at = from + size.value;
  }
  return codecs.length === 1 && codecs[0] === 'A_OPUS' ? (last * scale) / 1e9 : null;
}

/** Opus counts its samples at this rate, whatever it was recorded at. */
const OPUS_RATE = 48_000;

/** The length of an Ogg file of one Opus stream, from its last page; null: it is none. */
function secondsOfOgg(view: DataView): number | null {
  let [at, samples, skipped, serial] = [0, 0, 0, -1];
  while (at < view.byteLength) {
    if (at + 27 > view.byteLength || textAt(view, at, 4) !== 'OggS') return null;
    const segments = view.getUint8(at + 26);
    const from = at + 27 + segments;
    if (from > view.byteLength) return null;
    let size = 0;
    for (let segment = 0; segment < segments; segment += 1) size += view.getUint8(at + 27 + segment);
    if (from + size > view.byteLength) return null;
    const own = view.getUint32(at + 14, true);
    if (serial === -1) {
      if (size < 19 || textAt(view, from, 8) !== 'OpusHead') return null;
      serial = own;
      skipped = view.getUint16(from + 10, true);
    } else if (own !== serial) return null;
    const granule = view.getBigInt64(at + 6, true);
    if (granule > 0n) samples = Number(granule);
    at = from + size;
  }
  return serial === -1 ? null : (samples - skipped) / OPUS_RATE;
}
