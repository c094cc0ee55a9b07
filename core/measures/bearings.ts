import { fieldIssues, measured, sinksTo, unmeasured, type Measured } from './measured';

export interface Bearing {
  readonly designation: string;
  /** mm. Width is the height of a headset bearing. */
  readonly bore: number;
  readonly outside: number;
  readonly width: number;
  readonly kind: 'radial' | 'headset';
  /** Degrees of the inner and the outer face of a headset bearing. */
  readonly angles?: readonly [number, number];
}

const radial = (rows: string): Bearing[] =>
  rows
    .trim()
    .split(/\s+/)
    .map((row) => {
      const [designation = '', bore, outside, width] = row.split(/[:x]/);
      return {
        designation,
        bore: Number(bore),
        outside: Number(outside),
        width: Number(width),
        kind: 'radial',
      };
    });

const headset = (rows: string): Bearing[] =>
  rows
    .trim()
    .split(/\s+/)
    .map((row) => {
      const [size = '', inner, outer] = row.split('@');
      const [bore, outside, width] = size.split('x').map(Number) as [number, number, number];
      return {
        designation: `${size} ${inner}°/${outer}°`,
        bore,
        outside,
        width,
        kind: 'headset',
        angles: [Number(inner), Number(outer)],
      };
    });

/** Standard metric sizes (boundary dimensions of the 60, 62, 63, 68 and 69 series, small ones, the wide 63800 series, widths made for bicycles) and headset sizes. */
export const BEARINGS: readonly Bearing[] = [
  ...radial(`
    623:3x10x4 624:4x13x5 625:5x16x5 626:6x19x6 627:7x22x7 684:4x9x4 685:5x11x5 686:6x13x5 687:7x14x5 688:8x16x5 689:9x17x5
    695:5x13x4 696:6x15x5 697:7x17x5 698:8x19x6 699:9x20x6 606:6x17x6 607:7x19x6 608:8x22x7 609:9x24x7 628:8x24x8 629:9x26x8
    6000:10x26x8 6001:12x28x8 6002:15x32x9 6003:17x35x10 6004:20x42x12 6005:25x47x12 6006:30x55x13 6007:35x62x14
    6200:10x30x9 6201:12x32x10 6202:15x35x11 6203:17x40x12 6204:20x47x14 6205:25x52x15 6206:30x62x16
    6300:10x35x11 6301:12x37x12 6302:15x42x13 6303:17x47x14 6304:20x52x15
    6800:10x19x5 6801:12x21x5 6802:15x24x5 6803:17x26x5 6804:20x32x7 6805:25x37x7 6806:30x42x7 6807:35x47x7 6808:40x52x7
    6900:10x22x6 6901:12x24x6 6902:15x28x7 6903:17x30x7 6904:20x37x9 6905:25x42x9 6906:30x47x9
    63800:10x19x7 63801:12x21x7 63802:15x24x7 63803:17x26x7 63804:20x32x10 63805:25x37x10
    15267:15x26x7 15268:15x26x8 17287:17x28x7 18307:18x30x7 163110:16x31x10 24377:24x37x7 25376:25x37x6 29419:29x41x9
  `),
  ...headset(`
    27.15x38x6.5@36@45 30.15x39x6.5@45@45 30.15x41x6.5@36@45 30.15x41x7@45@45 30.15x41.8x6.5@45@45 30.5x41.8x8@45@45
    33.05x44x6@36@45 34.1x46.9x7@45@45 35x47x8@45@45 37x49x7@45@45 40x51.9x8@45@45 40x52x7@36@45 40x52x7.5@45@45
  `),
];

/** What calipers in a shed can tell, mm. */
const WITHIN = 0.15;

export interface FoundBearing {
  readonly bearing: Bearing;
  /** How far off the three measures are together, mm. */
  readonly off: number;
}

/** The standard bearings all of whose measures lie within 0.15 mm of these, mm, the nearest first. None: measure again. */
export function findBearings(
  bore: number,
  outside: number,
  width: number,
): Measured<readonly FoundBearing[]> {
  const wrong = fieldIssues(
    { path: 'bore', value: bore, least: 2, most: 60, unit: 'mm' },
    { path: 'outside', value: outside, least: 5, most: 90, unit: 'mm' },
    { path: 'width', value: width, least: 2, most: 30, unit: 'mm' },
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  const offBy = (bearing: Bearing): readonly number[] =>
    [bearing.bore - bore, bearing.outside - outside, bearing.width - width].map(Math.abs);
  return measured(
    BEARINGS.map((bearing) => ({ bearing, each: offBy(bearing) }))
      .filter(({ each }) => each.every((off) => sinksTo(off, WITHIN)))
      .map(({ bearing, each }) => ({ bearing, off: each.reduce((sum, off) => sum + off, 0) }))
      .sort((a, b) => a.off - b.off),
  );
}
