import type { GuideDrawing } from '@cadre/core/guides';
import { arrow, box, hex, named, namedLeft, path, ring } from './author';

export const HEADSET: GuideDrawing = {
  name: 'Headset in section: top cap, stem and spacers on the steerer, a bearing at each end of the head tube',
  paths: [
    box('line', [148, 44], 24, 162),
    box('work', [140, 26], 40, 14, 4),
    path('line', 'M160 10V26M152 10H168'),
    box('metal', [132, 44], 56, 40, 4),
    path('metal', 'M188 54H252V74H188Z'),
    ring('work', [140, 54], 5),
    ring('work', [140, 74], 5),
    box('line', [138, 86], 44, 12),
    path('rubber', 'M148 102H128V114L138 120H148ZM172 102H192V114L182 120H172Z'),
    box('metal', [124, 120], 14, 48),
    box('metal', [182, 120], 14, 48),
    path('rubber', 'M148 186H128V174L138 168H148ZM172 186H192V174L182 168H172Z'),
    path('metal', 'M116 188H204V206H116Z'),
  ],
  labels: [
    named('Top cap', [196, 22], [180, 32]),
    namedLeft('Stem bolts', [112, 56], [136, 58]),
    namedLeft('Spacer', [112, 86], [138, 92]),
    named('Upper bearing', [212, 112], [192, 110]),
    named('Head tube', [212, 148], [196, 146]),
    named('Lower bearing', [212, 182], [192, 180]),
    namedLeft('Steerer', [112, 146], [150, 146]),
  ],
};

export const BAR_STEM: GuideDrawing = {
  name: 'Faceplate from the side: the bar between stem and faceplate, the same gap above and below',
  paths: [
    path('metal', 'M290 72H178V76.3A32 32 0 0 1 178 135.7V140H290Z'),
    path('work', 'M154 72V76.3A32 32 0 0 0 154 135.7V140H130Q100 132 100 106T130 72Z'),
    ring('line', [166, 106], 30),
    arrow([166, 40], [166, 68]),
    arrow([166, 172], [166, 144]),
  ],
  labels: [
    named('Stem', [240, 58], [250, 76]),
    namedLeft('Faceplate', [90, 108], [106, 104]),
    named('Bar', [204, 172], [180, 130]),
    namedLeft('Same gap above', [150, 46], [162, 48]),
    namedLeft('and below', [150, 172], [162, 164]),
  ],
};

export const BAR_END: GuideDrawing = {
  name: 'End of a bar from above: plug, grip and lever with its clamp bolt',
  paths: [
    box('line', [14, 92], 292, 18, 6),
    box('rubber', [170, 88], 124, 26, 6),
    box('work', [292, 90], 14, 22, 4),
    box('metal', [112, 84], 34, 34, 4),
    hex('work', [129, 76], 8),
    path('metal', 'M118 118Q124 152 176 152H262Q270 152 270 145T262 138H184Q152 138 146 118Z'),
    arrow([226, 166], [226, 122]),
  ],
  labels: [
    named('Clamp bolt', [82, 44], [127, 70]),
    named('Grip', [206, 66], [220, 90]),
    namedLeft('Bar plug', [308, 44], [299, 90]),
    named('Lever', [124, 184], [172, 152]),
    namedLeft('Bar', [60, 138], [60, 108]),
  ],
};

export const FORK_SAG: GuideDrawing = {
  name: 'Fork leg: the ring on the stanchion shows how far the rider pushed it in',
  paths: [
    box('line', [142, 14], 36, 118),
    box('metal', [132, 128], 56, 84, 8),
    box('rubber', [136, 122], 48, 10, 3),
    box('work', [138, 70], 44, 9, 3),
    path('metal', 'M150 4H170V14H150Z'),
    arrow([216, 122], [216, 82]),
    path('hidden', 'M186 74H228M188 126H228'),
  ],
  labels: [
    named('Air valve', [196, 16], [170, 10]),
    namedLeft('Ring', [118, 70], [138, 74]),
    namedLeft('Wiper', [118, 118], [136, 126]),
    named('Sag', [228, 104], [218, 102]),
    namedLeft('Stanchion', [118, 36], [142, 40]),
  ],
};
