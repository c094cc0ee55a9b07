const vint = (value: number): number[] => [
  0x10 | (value >> 24),
  (value >> 16) & 255,
  (value >> 8) & 255,
  value & 255,
];
const element = (id: readonly number[], body: readonly number[]): number[] => [
  ...id,
  ...vint(body.length),
  ...body,
];
const text = (of: string): number[] => [...of].map((each) => each.charCodeAt(0));
/** What a recorder writes for a part whose size it does not know yet. */
const OPEN = [0x01, 0xff, 0xff, 0xff, 0xff, 0xff, 0xff, 0xff];

/** A sound as a browser records it: WebM with sizes left open, one block every 100 ms. */
export function webmSound(seconds: number, codec = 'A_OPUS'): Uint8Array<ArrayBuffer> {
  const track = element([0x16, 0x54, 0xae, 0x6b], element([0xae], element([0x86], text(codec))));
  const clusters = Array.from({ length: Math.ceil(seconds) }, (_, second) => {
    const blocks = Array.from({ length: 10 }, (_each, tenth) => second + tenth / 10)
      .filter((at) => at <= seconds)
      .flatMap((at) => {
        const time = Math.round((at - second) * 1000);
        return element([0xa3], [0x81, time >> 8, time & 255, 0x80, 1, 2, 3]);
      });
    const clock = second * 1000;
    return [0x1f, 0x43, 0xb6, 0x75, ...OPEN, ...element([0xe7], [clock >> 8, clock & 255]), ...blocks];
  });
  return Uint8Array.from([
    ...element([0x1a, 0x45, 0xdf, 0xa3], element([0x42, 0x82], text('webm'))),
    ...[0x18, 0x53, 0x80, 0x67, ...OPEN],
    ...track,
    ...clusters.flat(),
  ]);
}

function oggPage(granule: number, serial: number, body: readonly number[]): number[] {
  const page = new DataView(new ArrayBuffer(28));
  text('OggS').forEach((each, at) => page.setUint8(at, each));
  page.setBigInt64(6, BigInt(granule), true);
  page.setUint32(14, serial, true);
  page.setUint8(26, 1);
  page.setUint8(27, body.length);
  return [...new Uint8Array(page.buffer), ...body];
}

/** A sound in Ogg, one page a second. */
export function oggSound(seconds: number): Uint8Array<ArrayBuffer> {
  const head = [...text('OpusHead'), 1, 1, 56, 1, 0x80, 0xbb, 0, 0, 0, 0, 0];
  const pages = Array.from({ length: Math.ceil(seconds) }, (_, at) =>
    oggPage(Math.round(Math.min(at + 1, seconds) * 48_000) + 312, 7, [1, 2, 3, 4]),
  );
  return Uint8Array.from([...oggPage(0, 7, head), ...pages.flat()]);
}
