import type { Adapter } from './adapter';
import { bluetoothAdapter } from './bluetooth';
import { hidAdapter } from './hid';
import { serialAdapter } from './serial';

export type { Connection } from './adapter';

/** The ways an instrument is reached that a person connects. Simulated ones and those that type need no connecting. */
export const ADAPTERS = {
  serial: serialAdapter,
  bluetooth: bluetoothAdapter,
  hid: hidAdapter,
} as const satisfies Readonly<Record<string, Adapter>>;
export type AdapterKey = keyof typeof ADAPTERS;
