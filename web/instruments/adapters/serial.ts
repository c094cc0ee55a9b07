import { linesInto, type Adapter } from './adapter';

interface SerialPort {
  readonly readable: ReadableStream<Uint8Array> | null;
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
}
interface Serial {
  requestPort(): Promise<SerialPort>;
}
const serial = (): Serial | undefined => (navigator as { serial?: Serial }).serial;

/** The pace most workshop instruments send at. */
const BAUD_RATE = 9600;

/** An instrument at a serial port, or at a USB port that looks like one: lines of text. */
export const serialAdapter: Adapter = {
  available: () => serial() !== undefined,
  async connect(listener) {
    const port = await (serial() as Serial).requestPort();
    await port.open({ baudRate: BAUD_RATE });
    if (!port.readable) throw new DOMException('nothing to read', 'NetworkError');
    const reader = port.readable
      .pipeThrough(new TextDecoderStream() as never)
      .getReader() as ReadableStreamDefaultReader<string>;
    const take = linesInto(listener);
    const reading = (async () => {
      for (;;) {
        const { value, done } = await reader.read();
        if (done) return;
        take(value);
      }
    })();
    reading.catch(() => undefined).finally(() => listener.closed());
    return {
      name: 'USB',
      async close() {
        await reader.cancel();
        await reading.catch(() => undefined);
        await port.close();
      },
    };
  },
};
