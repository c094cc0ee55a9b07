import * as t from '../messages';
import { linesInto, type Adapter } from './adapter';

interface Characteristic extends EventTarget {
  readonly value?: DataView;
  startNotifications(): Promise<Characteristic>;
}
interface Device extends EventTarget {
  readonly name?: string;
  readonly gatt?: {
    connect(): Promise<{
      getPrimaryService(id: string): Promise<{ getCharacteristic(id: string): Promise<Characteristic> }>;
    }>;
    disconnect(): void;
  };
}
interface Bluetooth {
  requestDevice(options: { filters: readonly { services: readonly string[] }[] }): Promise<Device>;
}
const bluetooth = (): Bluetooth | undefined => (navigator as { bluetooth?: Bluetooth }).bluetooth;

/** The service an instrument offers its readings under, and where they are notified: lines of text. */
const SERVICE = '9e1f6a52-5b0c-4d0e-8f4a-6a1c7b2d3e10';
const READINGS = '9e1f6a52-5b0c-4d0e-8f4a-6a1c7b2d3e11';

export const bluetoothAdapter: Adapter = {
  available: () => bluetooth() !== undefined,
  async connect(listener) {
    const device = await (bluetooth() as Bluetooth).requestDevice({ filters: [{ services: [SERVICE] }] });
    if (!device.gatt) throw new DOMException('no services', 'NetworkError');
    const service = await (await device.gatt.connect()).getPrimaryService(SERVICE);
    const readings = await service.getCharacteristic(READINGS);
    const take = linesInto(listener);
    const decoder = new TextDecoder();
    readings.addEventListener('characteristicvaluechanged', () => {
      // One notification is one reading, whether or not it ends its line.
      if (readings.value) take(`${decoder.decode(readings.value)}\n`);
    });
    await readings.startNotifications();
    device.addEventListener('gattserverdisconnected', () => listener.closed());
    return {
      name: device.name ?? t.bluetooth,
      close: () => Promise.resolve(device.gatt?.disconnect()),
    };
  },
};
