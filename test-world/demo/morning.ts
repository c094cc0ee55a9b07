import { faulty, type Exception } from '@cadre/test-world/builders';

/** One check of the demo's past: who, how long ago, and what was not sound. */
export interface PastCheck {
  readonly tag: string;
  readonly by: 'pia' | 'tomas' | 'jonah' | 'ines';
  readonly exceptions?: readonly Exception[];
  /** Questions left out altogether, by checkpoint. */
  readonly leftOut?: readonly string[];
  readonly coSignedBy?: 'ines' | 'pia';
}

const watchCut = (position: string, clock: number): Exception => ({
  checkpoint: 'tyre-casing',
  position,
  more: { word: 'watch', way: 'single', faults: [{ fault: 'small-cut', place: { clock } }], note: 'Small cut, not through' },
});

/** The days before: what everybody still sees from then. */
export const earlier: readonly { readonly daysAgo: number; readonly checks: readonly PastCheck[] }[] = [
  {
    daysAgo: 3,
    checks: [
      { tag: 'Q08', by: 'pia', exceptions: [watchCut('rear', 4)] },
      { tag: 'Q16', by: 'tomas' },
      {
        tag: 'H04',
        by: 'pia',
        exceptions: [{ checkpoint: 'grips', more: { word: 'put-right', way: 'single', note: 'Pushed the right plug back in' } }],
      },
    ],
  },
  {
    daysAgo: 1,
    checks: [
      { tag: 'Q01', by: 'pia' },
      { tag: 'Q03', by: 'pia' },
      { tag: 'Q05', by: 'tomas' },
      { tag: 'Q10', by: 'tomas' },
      { tag: 'Q14', by: 'pia' },
      { tag: 'H01', by: 'tomas', exceptions: [{ checkpoint: 'disc-pads', position: 'rear', more: faulty('uneven', { note: 'Left one thinner' }) }] },
      { tag: 'H06', by: 'pia' },
    ],
  },
];

/** This morning, half done. */
export const thisMorning: readonly PastCheck[] = [
  { tag: 'Q01', by: 'pia' },
  { tag: 'Q02', by: 'pia' },
  { tag: 'Q03', by: 'pia' },
  {
    tag: 'Q04',
    by: 'pia',
    exceptions: [{ checkpoint: 'rim-pads-track', position: 'front', more: faulty('on-tyre', { note: 'Left pad rubs the tyre wall' }) }],
  },
  { tag: 'Q07', by: 'tomas' },
  { tag: 'Q08', by: 'tomas', exceptions: [watchCut('rear', 4)] },
  { tag: 'Q09', by: 'pia', exceptions: [{ checkpoint: 'chain-joined', more: faulty('dry', { note: 'Dry after the salt' }) }] },
  { tag: 'Q12', by: 'tomas' },
  { tag: 'Q13', by: 'jonah', coSignedBy: 'pia' },
  { tag: 'Q15', by: 'jonah' },
  {
    tag: 'Q16',
    by: 'tomas',
    exceptions: [{ checkpoint: 'lever-travel', position: 'rear', more: faulty('pumped', { note: 'Comes up on the third stroke' }) }],
  },
  { tag: 'Q17', by: 'pia', leftOut: ['rotor-fixings'] },
  { tag: 'H01', by: 'tomas' },
  { tag: 'H02', by: 'tomas' },
  { tag: 'H04', by: 'pia', exceptions: [{ checkpoint: 'headset-play', more: faulty('strong-knock') }] },
];
