import { linesInto, type Adapter } from './adapter';

interface HidDevice extends EventTarget {
  readonly productName: string;
  open(): Promise<void>;
  close(): Promise<void>;
}
interface Hid extends EventTarget {
  requestDevice(options: { filters: readonly object[] }): Promise<readonly HidDevice[]>;
}
const hid = (): Hid | undefined => (navigator as { hid?: Hid }).hid;

/** An instrument that reports as a device of its own: text, filled up with zeros. */
export const hidAdapter: Adapter = {
  available: () => hid() !== undefined,
  async connect(listener) {
    const [device] = await (hid() as Hid).requestDevice({ filters: [] });
    if (!device) throw new DOMException('none chosen', 'NotFoundError');
    await device.open();
    const take = linesInto(listener);
    const decoder = new TextDecoder();
    device.addEventListener('inputreport', (event) => {
      const { data } = event as Event & { data: DataView };
      take(`${decoder.decode(data).replaceAll('\0', '')}\n`);
    });
    hid()?.addEventListener('disconnect', (event) => {
      if ((event as Event & { device: HidDevice }).device === device) listener.closed();
    });
    return { name: device.productName, close: () => device.close() };
  },
};
