import type { GuideDrawing } from '@cadre/core/guides';
import { arrow, box, named, namedLeft, path, ring } from './author';

const TYRE = 'M112 140C64 104 74 18 160 18S256 104 208 140L198 132C232 98 226 38 160 38S88 98 122 132Z';
const RIM = 'M104 138V176Q104 208 160 208T216 176V138L206 134V166Q206 172 196 172H124Q114 172 114 166V134Z';

export const TYRE_SECTION: GuideDrawing = {
  name: 'Tyre and rim in section: both beads under the hooks of the rim, the tube inside',
  paths: [
    path('rubber', TYRE),
    path('metal', RIM),
    ring('work', [118, 138], 7),
    ring('work', [202, 138], 7),
    path('hidden', 'M126 148C104 100 112 52 160 52S216 100 194 148Q160 168 126 148Z'),
  ],
  labels: [
    named('Tyre', [234, 40], [212, 54]),
    named('Bead', [236, 128], [208, 136]),
    named('Tube', [148, 106], [150, 62]),
    named('Rim', [236, 186], [214, 180]),
    namedLeft('Bead', [84, 128], [112, 136]),
  ],
};

export const TUBELESS_SECTION: GuideDrawing = {
  name: 'Tubeless tyre in section: tape over the rim bed, sealant in the tyre, both beads on their shelf',
  paths: [
    path('rubber', TYRE),
    path('metal', RIM),
    ring('work', [118, 138], 7),
    ring('work', [202, 138], 7),
    path('work', 'M118 166H202V171H118Z'),
    path('hidden', 'M92 72Q96 40 160 40T228 72'),
    path('line', 'M156 172V216M164 172V216'),
  ],
  labels: [
    named('Sealant', [136, 92], [150, 44]),
    named('Bead', [236, 128], [208, 136]),
    namedLeft('Rim tape', [84, 164], [120, 168]),
    named('Valve', [236, 210], [164, 206]),
    namedLeft('Bead', [84, 128], [112, 136]),
  ],
};

export const WHEEL_IN_STAND: GuideDrawing = {
  name: 'Wheel from the front: the rim between two feelers, spokes from the right side pull it to the right',
  paths: [
    box('metal', [148, 14], 24, 40, 4),
    path('line', 'M154 54L126 176M166 54L194 176M156 54L194 150M164 54L126 150'),
    box('metal', [120, 140], 8, 44),
    box('metal', [192, 140], 8, 44),
    box('line', [104, 156], 112, 12),
    path('work', 'M102 28H140V36H102ZM180 28H218V36H180Z'),
    box('metal', [151, 54], 6, 12),
    box('metal', [163, 54], 6, 12),
    arrow([232, 92], [272, 92]),
  ],
  labels: [
    namedLeft('Feeler', [96, 36], [108, 32]),
    named('Rim', [196, 56], [172, 46]),
    namedLeft('Nipple', [128, 74], [151, 62]),
    named('Right spokes', [210, 124], [180, 114]),
    namedLeft('Hub flange', [106, 190], [121, 180]),
    named('Axle', [224, 176], [216, 164]),
  ],
};

export const HUB_SECTION: GuideDrawing = {
  name: 'Hub in section: cone and locknut on the axle, the bearing between cone and hub shell',
  paths: [
    path('metal', 'M60 58H84V76H236V58H260V84H222V92H98V84H60Z'),
    path('metal', 'M60 162H84V144H236V162H260V136H222V128H98V136H60Z'),
    box('line', [14, 100], 292, 20, 3),
    ...[78, 242].flatMap((x) => [ring('rubber', [x, 93], 8), ring('rubber', [x, 127], 8)]),
    path('work', 'M36 88H58L70 100H36ZM36 132H58L70 120H36Z'),
    path('work', 'M284 88H262L250 100H284ZM284 132H262L250 120H284Z'),
    box('metal', [20, 84], 12, 52),
    box('metal', [288, 84], 12, 52),
  ],
  labels: [
    named('Hub shell', [130, 52], [150, 78]),
    namedLeft('Cone', [72, 186], [48, 130]),
    named('Locknut', [244, 196], [294, 136]),
    named('Bearing', [244, 40], [244, 86]),
    named('Axle', [140, 190], [160, 118]),
  ],
};

export const WHEEL_SEATED: GuideDrawing = {
  name: 'Wheel in the fork from the front: axle home on both sides, the tyre in the middle',
  paths: [
    box('rubber', [138, 8], 44, 92, 16),
    box('metal', [146, 92], 28, 22, 4),
    path('line', 'M152 114L128 150M168 114L192 150M156 114L186 150M164 114L134 150'),
    box('metal', [122, 146], 76, 26, 4),
    box('line', [64, 154], 192, 10, 3),
    box('metal', [98, 8], 18, 170, 6),
    box('metal', [204, 8], 18, 170, 6),
    box('work', [76, 144], 22, 30, 4),
    box('work', [222, 144], 22, 30, 4),
    arrow([118, 46], [136, 46]),
    arrow([202, 46], [184, 46]),
  ],
  labels: [
    named('Same gap', [232, 40], [194, 44]),
    named('Fork end', [236, 100], [222, 110]),
    named('Closed firmly', [216, 204], [234, 174]),
    namedLeft('Axle fully home', [120, 204], [107, 160]),
  ],
};
