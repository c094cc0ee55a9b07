import type { StockFields } from '@cadre/contract/parts';

/** A part on the demo's shelf and how many lie there today. Makers and suppliers are made up. */
export interface DemoItem extends Omit<StockFields, 'modelIds'> {
  readonly onHand: number;
  readonly models?: readonly string[];
}

const SUPPLIERS = {
  alder: 'Alder and Reed',
  quay: 'Quayside Cycle Supply',
  tern: 'Tern Components',
} as const;
const item = (
  kind: StockFields['kind'],
  name: string,
  supplier: keyof typeof SUPPLIERS,
  [onHand, least, price, leadDays]: readonly [number, number, number, number],
  more: Partial<Pick<DemoItem, 'facts' | 'markings' | 'models'>> = {},
): DemoItem => ({
  ...{ kind, name, onHand, least, price, leadDays, supplier: SUPPLIERS[supplier], facts: {}, markings: {} },
  ...more,
});

export const demoShelf: readonly DemoItem[] = [
  item('pads', 'Rim pads, linear 70, pair', 'quay', [14, 8, 650, 3], { facts: { brake: 'rim' } }),
  item('pads', 'Disc pads, resin, round tab', 'tern', [2, 6, 1450, 5], {
    facts: { brake: 'hydraulic-disc' },
  }),
  item('chain', 'Chain, 8-speed, 116 links', 'alder', [5, 3, 1690, 4], { facts: { sprockets: 8 } }),
  item('chain', 'Chain, 11-speed, 118 links', 'alder', [1, 2, 2950, 4], { facts: { sprockets: 11 } }),
  item('cassette', 'Cassette, 11-34, 8-speed', 'alder', [2, 1, 3200, 6], { facts: { sprockets: 8 } }),
  item('cassette', 'Cassette, 11-46, 11-speed', 'alder', [0, 1, 7400, 9], { facts: { sprockets: 11 } }),
  item('tyre', 'Tyre, 20 x 1.85', 'quay', [4, 2, 1750, 3], { facts: { wheelSize: '20' } }),
  item('tyre', 'Tyre, 24 x 1.95', 'quay', [3, 4, 1850, 3], { facts: { wheelSize: '24' } }),
  item('tyre', 'Tyre, 29 x 2.3, tubeless', 'tern', [2, 2, 4400, 7], { facts: { wheelSize: '29' } }),
  item('rotor', 'Rotor, 180 mm, six bolts', 'tern', [1, 2, 2600, 5], {
    markings: { rotorMinFront: 1.55, rotorMinRear: 1.55 },
  }),
  item('pedals', 'Flat pedals, pair', 'quay', [6, 2, 1900, 3]),
  item('saddle', 'Saddle, wide, washable', 'quay', [3, 1, 2400, 3]),
  item('seatpost', 'Seatpost, 30.9, 350 mm', 'alder', [1, 1, 2800, 6]),
  item('other', 'Brake fluid, mineral, 100 ml', 'tern', [2, 2, 900, 5]),
  item('other', 'Gear cable, inner, coated', 'quay', [18, 10, 390, 3]),
  item('other', 'Brake cable, inner', 'quay', [7, 10, 290, 3]),
  item('other', 'Rim tape, 25 mm, 10 m', 'tern', [1, 1, 1300, 7]),
];
