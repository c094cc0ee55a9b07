import { faulty, type Exception } from '@cadre/test-world/builders';

/** One check of the demo's past: who, how long ago, and what did not pass. */
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
  more: {
    outcome: 'watch',
    way: 'single',
    faults: [{ fault: 'small-cut', place: { clock } }],
    note: 'Small cut, not through',
  },
});
const sound = (by: PastCheck['by'], ...tags: string[]): readonly PastCheck[] =>
  tags.map((tag) => ({ tag, by }));

/** Yesterday, as everybody still sees it. */
export const yesterday: readonly PastCheck[] = [
  ...sound('pia', 'Q01', 'Q03', 'Q12', 'Q23', 'Q40', 'H06'),
  ...sound('tomas', 'Q15', 'Q27', 'H16'),
  { tag: 'Q26', by: 'pia', exceptions: [watchCut('rear', 4)] },
  {
    tag: 'H01',
    by: 'tomas',
    exceptions: [
      { checkpoint: 'disc-pads', position: 'rear', more: faulty('uneven', { note: 'Left one thinner' }) },
    ],
  },
  {
    tag: 'H15',
    by: 'pia',
    exceptions: [
      {
        checkpoint: 'grips',
        more: { outcome: 'fixed', way: 'single', note: 'Pushed the right plug back in' },
      },
    ],
  },
];

/** Two days ago at noon: what may ride a few days more, and what a shorter policy would hold. */
export const twoDaysAgo: readonly PastCheck[] = [
  {
    tag: 'H06',
    by: 'tomas',
    exceptions: [
      { checkpoint: 'tyre-casing', position: 'rear', more: faulty('worn', { note: 'Middle knobs gone' }) },
    ],
  },
  {
    tag: 'Q16',
    by: 'pia',
    exceptions: [
      { checkpoint: 'rim', position: 'front', more: faulty('rub', { note: 'Left pad, once a turn' }) },
    ],
  },
];

/** This morning, half done. */
export const thisMorning: readonly PastCheck[] = [
  ...sound('pia', 'Q01', 'Q02', 'Q03', 'Q11', 'Q12', 'Q13', 'Q15', 'Q16'),
  {
    tag: 'Q14',
    by: 'pia',
    exceptions: [
      {
        checkpoint: 'rim-pads-track',
        position: 'front',
        more: faulty('on-tyre', { note: 'Left pad rubs the tyre wall' }),
      },
    ],
  },
  ...sound('tomas', 'Q28', 'Q29', 'Q30', 'Q31', 'Q35', 'Q39', 'Q40', 'Q47'),
  { tag: 'Q26', by: 'tomas', exceptions: [watchCut('rear', 4)] },
  {
    tag: 'Q27',
    by: 'pia',
    exceptions: [{ checkpoint: 'chain-joined', more: faulty('dry', { note: 'Dry after the salt' }) }],
  },
  { tag: 'Q41', by: 'jonah', coSignedBy: 'pia' },
  { tag: 'Q42', by: 'jonah' },
  ...sound('pia', 'H01', 'H02', 'H05', 'H06', 'H07', 'H11', 'Q50'),
  {
    tag: 'H08',
    by: 'tomas',
    exceptions: [
      {
        checkpoint: 'lever-travel',
        position: 'rear',
        more: faulty('pumped', { note: 'Comes up on the third stroke' }),
      },
    ],
  },
  { tag: 'H09', by: 'pia', leftOut: ['rotor-fixings'] },
  { tag: 'H15', by: 'pia', exceptions: [{ checkpoint: 'headset-play', more: faulty('strong-knock') }] },
];

/** What was found on the bike on offer. */
export const offeredFaults: readonly Exception[] = [
  { checkpoint: 'tyre-casing', position: 'rear', more: faulty('worn', { note: 'Threads not through yet' }) },
  { checkpoint: 'chain-joined', more: faulty('dry') },
  { checkpoint: 'grips', more: faulty('torn') },
];
