import { describe, expect, it } from 'vitest';
import type { Touched } from '@cadre/core/catalogue';
import type { Joint } from '@cadre/core/fleet';
import { findingLike } from '@cadre/test-world/core';
import { looksAfterRepair } from './index';

const looks = (of: {
  touched?: readonly Touched[];
  torqued?: readonly Joint[];
  faults?: readonly string[];
}) =>
  looksAfterRepair({
    touched: of.touched ?? [],
    torqued: of.torqued ?? [],
    findings: (of.faults ?? []).map((fault) => findingLike({ fault, position: 'rear' })),
  }).map((look) => [look.of, look.position, look.outings]);

describe('what a repair asks to be looked at again', () => {
  it.each<[string, Parameters<typeof looks>[0], readonly (readonly unknown[])[]]>([
    ['nothing said', {}, []],
    ['a brake set', { touched: [{ touch: 'brake-work', position: 'front' }] }, []],
    ['a wheel trued', { touched: [{ touch: 'wheel-trued', position: 'rear' }] }, [['wheel', 'rear', 3]]],
    [
      'both',
      {
        touched: [
          { touch: 'wheel-trued', position: 'front' },
          { touch: 'wheel-trued', position: 'rear' },
        ],
      },
      [
        ['wheel', 'front', 3],
        ['wheel', 'rear', 3],
      ],
    ],
    [
      'one twice',
      {
        touched: [
          { touch: 'wheel-trued', position: 'front' },
          { touch: 'wheel-trued', position: 'front' },
        ],
      },
      [['wheel', 'front', 3]],
    ],
    ['bolts torqued, together', { torqued: ['crank-arm', 'pedal'] }, [['joints', 'only', 3]]],
    ['a joint that was loose', { faults: ['loose'] }, [['was-loose', 'rear', 1]]],
    ['a lock-nut that was', { faults: ['locknut'] }, [['was-loose', 'rear', 1]]],
    ['a crack was not loose', { faults: ['crack'] }, []],
    [
      'all of it',
      {
        touched: [{ touch: 'wheel-trued', position: 'front' }],
        torqued: ['pivot'],
        faults: ['loose', 'worn'],
      },
      [
        ['wheel', 'front', 3],
        ['joints', 'only', 3],
        ['was-loose', 'rear', 1],
      ],
    ],
  ])('%s', (_name, of, wanted) => expect(looks(of)).toEqual(wanted));
});
