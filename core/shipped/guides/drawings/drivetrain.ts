import type { GuideDrawing } from '@cadre/core/guides';
import { arrow, box, hex, named, namedLeft, path, ring } from './author';

const PINS = [50, 105, 160, 215, 270];

export const CHAIN_LINKS: GuideDrawing = {
  name: 'Chain from the side: the quick link between two inner links, and the way it runs',
  paths: [
    ...[50, 160, 215].map((x) =>
      path('metal', `M${x} 86q28 12 55 0a14 14 0 0 1 0 28q-28 -12 -55 0a14 14 0 0 1 0 -28Z`),
    ),
    path('work', 'M105 82q28 14 55 0a18 18 0 0 1 0 36q-28 -14 -55 0a18 18 0 0 1 0 -36Z'),
    ...PINS.map((x) => ring('line', [x, 100], 6)),
    arrow([96, 148], [196, 148]),
  ],
  labels: [
    named('Quick link', [96, 52], [132, 90]),
    named('Inner link', [206, 52], [188, 92]),
    named('Pin', [286, 140], [273, 106]),
    named('Runs this way', [104, 178], [146, 152]),
  ],
};

export const REAR_GEARS: GuideDrawing = {
  name: 'Rear gears from behind: the cage hangs straight under the cog, the hanger is parallel to the wheel',
  paths: [
    ...[0, 1, 2, 3, 4, 5, 6].map((cog) => box('metal', [120 + cog * 13, 28 + cog * 5], 6, 100 - cog * 10)),
    path('line', 'M96 78H236'),
    path('metal', 'M214 62H230V128Q230 138 222 138T214 128Z'),
    path('hidden', 'M162 136V212'),
    box('work', [157, 140], 10, 24, 4),
    box('work', [157, 182], 10, 24, 4),
    path('line', 'M154 150V196M170 150V196'),
    path('line', 'M214 132Q190 136 172 150'),
  ],
  labels: [
    namedLeft('Largest cog', [104, 46], [122, 50]),
    named('Smallest cog', [214, 30], [201, 62]),
    named('Hanger', [246, 104], [230, 108]),
    namedLeft('Guide pulley', [138, 152], [157, 152]),
    namedLeft('Lower pulley', [138, 194], [157, 194]),
    named('In line with a cog', [182, 210], [163, 208]),
  ],
};

export const FRONT_CAGE: GuideDrawing = {
  name: 'Front derailleur from the side: the cage follows the largest ring with a small even gap',
  paths: [
    path('metal', 'M30 214A140 140 0 0 1 290 214L272 214A124 124 0 0 0 48 214Z'),
    path('work', 'M96 64Q190 34 258 104L244 118Q186 66 102 92Z'),
    path('line', 'M170 58V20M150 20H190'),
    arrow([142, 128], [142, 106]),
  ],
  labels: [
    named('Cage', [248, 62], [232, 82]),
    named('Largest ring', [128, 176], [150, 140]),
    namedLeft('Even gap', [104, 118], [138, 112]),
  ],
};

export const CRANK: GuideDrawing = {
  name: 'Crank in section: the spindle in its bearing, the arm on the spindle, the bolt in the arm',
  paths: [
    box('metal', [44, 60], 110, 14),
    box('metal', [44, 126], 110, 14),
    box('line', [24, 84], 190, 32),
    box('rubber', [154, 62], 24, 22, 3),
    box('rubber', [154, 116], 24, 22, 3),
    path('metal', 'M206 66Q206 52 222 52T238 66V196Q238 208 222 208T206 196Z'),
    box('work', [232, 88], 30, 24, 3),
    path('line', 'M214 100H232'),
    box('line', [206, 180], 32, 16),
  ],
  labels: [
    named('Frame', [48, 46], [70, 62]),
    named('Spindle', [40, 168], [66, 112]),
    named('Bearing', [136, 30], [166, 64]),
    named('Crank bolt', [240, 70], [250, 90]),
    named('Crank arm', [248, 148], [236, 144]),
    namedLeft('Pedal thread', [194, 196], [208, 190]),
  ],
};

const BOLTS = [
  [110, 50],
  [170, 110],
  [110, 170],
  [50, 110],
] as const;

export const RING_BOLTS: GuideDrawing = {
  name: 'Ring on its spider: the bolts are tightened opposite ones in turn',
  paths: [
    ring('metal', [110, 110], 96),
    ring('line', [110, 110], 76),
    path('metal', 'M100 40H120V100H180V120H120V180H100V120H40V100H100Z'),
    ring('line', [110, 110], 14),
    ...BOLTS.map((at) => hex('work', at, 14)),
    arrow([92, 66], [92, 152]),
    arrow([152, 90], [68, 90]),
  ],
  labels: [
    named('Ring', [220, 60], [192, 70]),
    named('Ring bolt', [220, 114], [174, 110]),
    named('Opposite bolts', [210, 32], [140, 90]),
  ],
};

export const SLACK: GuideDrawing = {
  name: 'Chainring and rear cog from the side: the slack is measured in the middle between them',
  paths: [
    path('hidden', 'M92 58Q168 92 248 80'),
    path('line', 'M92 58L248 80M92 162L248 140'),
    ring('metal', [92, 110], 52),
    ring('metal', [248, 110], 30),
    ring('line', [92, 110], 12),
    ring('line', [248, 110], 10),
    arrow([170, 36], [170, 64]),
    arrow([170, 110], [170, 84]),
  ],
  labels: [
    named('Slack in the middle', [180, 44], [172, 58]),
    namedLeft('Chainring', [100, 196], [84, 160]),
    named('Rear cog', [226, 176], [252, 139]),
  ],
};
