import type { BodyOf } from '@cadre/contract/http';
import type { setKitItem } from '@cadre/contract/kit';

type Fields = BodyOf<typeof setKitItem>['item'];

/** An item of the demo as it is set up; what it is refilled from is named by the part's name. */
export interface DemoKit extends Omit<Fields, 'siteId' | 'contents'> {
  readonly site: 'Boathouse' | 'Hill hut';
  readonly contents: readonly { readonly name: string; readonly count: number; readonly part?: string }[];
}

const POUCH: DemoKit['contents'] = [
  { name: 'Tube, 26 in', count: 1 },
  { name: 'Plugs', count: 3 },
  { name: 'Tyre levers', count: 2 },
  { name: 'Multi-tool', count: 1 },
  { name: 'Chain link', count: 1 },
  { name: 'Gear cable', count: 1, part: 'Gear cable, inner, coated' },
];
const item = (
  kind: Fields['kind'],
  tag: string,
  size = '',
  more: Partial<Pick<DemoKit, 'site' | 'contents' | 'expiresOn'>> = {},
): DemoKit => ({ kind, tag, size, site: 'Boathouse', contents: [], expiresOn: null, ...more });
const helmets = (size: string, from: number, count: number, expiresOn: string): readonly DemoKit[] =>
  Array.from({ length: count }, (_, at) =>
    item('helmet', `K${String(from + at).padStart(2, '0')}`, size, { expiresOn }),
  );

/** Helmets, seats, pouches and pumps of the demo; `today` as an ISO date decides which have expired. */
export function demoKit(today: string): readonly DemoKit[] {
  const year = Number(today.slice(0, 4));
  return [
    ...helmets('48–52 cm', 1, 8, `${year + 2}-03-31`),
    ...helmets('52–56 cm', 9, 9, `${year + 3}-03-31`),
    ...helmets('56–60 cm', 18, 4, `${year + 1}-09-30`),
    ...helmets('52–56 cm', 22, 1, `${year - 1}-09-30`),
    item('child-seat', 'CS1', 'to 22 kg'),
    item('child-seat', 'CS2', 'to 22 kg'),
    ...['RK1', 'RK2', 'RK3', 'RK4'].map((tag) => item('repair-kit', tag, '', { contents: POUCH })),
    ...['P1', 'P2', 'P3'].map((tag) => item('pump', tag)),
    ...['L1', 'L2', 'L3'].map((tag) => item('lock', tag)),
    item('helmet', 'HK1', '56–60 cm', { site: 'Hill hut' }),
    item('repair-kit', 'HR1', '', { site: 'Hill hut', contents: POUCH }),
  ];
}
