import type { GuideDrawing } from '@cadre/core/guides';
import { box, hex, named, namedLeft, path } from './author';

export const SEAT_POST: GuideDrawing = {
  name: 'Saddle and post: the minimum insertion mark is inside the seat tube, the collar clamps above it',
  paths: [
    path('rubber', 'M92 22Q98 12 130 14L214 18Q236 20 232 30Q200 34 160 32T92 30Z'),
    path('line', 'M116 32L136 46H190L212 30'),
    box('metal', [146, 44], 34, 10, 3),
    box('line', [150, 54], 26, 136),
    box('metal', [138, 100], 12, 112),
    box('metal', [176, 100], 12, 112),
    box('work', [132, 92], 62, 18, 4),
    hex('work', [202, 101], 8),
    path('work', 'M150 142H176V146H150Z'),
  ],
  labels: [
    named('Rail clamp', [202, 54], [180, 49]),
    named('Collar bolt', [220, 92], [210, 100]),
    named('Mark in the tube', [200, 150], [176, 144]),
    namedLeft('Post', [110, 78], [150, 78]),
    namedLeft('Seat tube', [104, 206], [138, 202]),
  ],
};
