import type { GuideDrawing } from '@cadre/core/guides';
import { arrow, box, hex, named, namedLeft, path, ring } from './author';

export const DISC_CALIPER: GuideDrawing = {
  name: 'Disc caliper from behind: the rotor between two pads, each before its piston',
  paths: [
    path('metal', 'M142 46H96Q78 46 78 64V136Q78 154 96 154H142V128H104V72H142Z'),
    path('metal', 'M178 46H224Q242 46 242 64V136Q242 154 224 154H178V128H216V72H178Z'),
    box('metal', [104, 84], 26, 32),
    box('metal', [190, 84], 26, 32),
    box('work', [130, 66], 6, 68),
    box('work', [184, 66], 6, 68),
    box('rubber', [136, 70], 12, 60),
    box('rubber', [172, 70], 12, 60),
    box('metal', [157, 16], 6, 176),
    arrow([130, 180], [155, 180]),
    arrow([190, 180], [165, 180]),
  ],
  labels: [
    named('Rotor', [190, 28], [163, 24]),
    namedLeft('Pad', [66, 80], [140, 80]),
    namedLeft('Piston', [66, 106], [112, 100]),
    named('Pad', [254, 80], [180, 80]),
    named('Piston', [254, 106], [208, 100]),
    named('Same gap on both sides', [82, 210], [145, 182]),
  ],
};

export const RIM_PADS: GuideDrawing = {
  name: 'Rim brake from the front: each pad on the side of the rim, below the tyre',
  paths: [
    path(
      'rubber',
      'M136 112C104 96 104 24 160 24S216 96 184 112L176 104C192 92 194 42 160 42S128 92 144 104Z',
    ),
    path(
      'metal',
      'M132 104V152Q132 184 160 184T188 152V104L180 104V148Q180 152 174 152H146Q140 152 140 148V104Z',
    ),
    box('work', [106, 118], 24, 28, 4),
    box('work', [190, 118], 24, 28, 4),
    box('metal', [76, 127], 30, 10),
    box('metal', [214, 127], 30, 10),
    arrow([60, 158], [104, 158]),
    arrow([260, 158], [216, 158]),
  ],
  labels: [
    named('Tyre', [222, 40], [198, 56]),
    namedLeft('Pad', [72, 110], [112, 124]),
    named('Rim side', [232, 108], [188, 118]),
    named('Rim', [206, 204], [172, 178]),
  ],
};

export const CABLE_END: GuideDrawing = {
  name: 'End of a cable: the housing in its stop, the cable under the anchor bolt, a cap on its end',
  paths: [
    box('rubber', [14, 92], 74, 16, 4),
    box('metal', [86, 88], 22, 24, 3),
    path('line', 'M108 100H300'),
    box('metal', [108, 82], 12, 36, 2),
    ring('metal', [206, 100], 32),
    hex('work', [206, 100], 20),
    path('line', 'M206 100H300'),
    box('work', [276, 95], 26, 10, 3),
    arrow([232, 140], [280, 140]),
  ],
  labels: [
    named('Housing', [18, 70], [44, 94]),
    named('Housing cap', [56, 138], [97, 110]),
    named('Anchor bolt', [160, 46], [200, 84]),
    named('Cable end', [244, 72], [288, 96]),
    named('Pull tight', [230, 166], [256, 142]),
  ],
};
