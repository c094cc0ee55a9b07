import type { Checkpoint, PracticeChange, PracticeQuestion, Practices } from '@cadre/core/catalogue';
import { fault } from './author';

type Said = Omit<PracticeChange, 'practice' | 'side'>;

const by = <Q extends PracticeQuestion>(practice: Q, side: Practices[Q], said: Said): PracticeChange => ({
  practice,
  side,
  ...said,
});

const NIP = 'Put a short key in each bolt and give it a small, even pull. Stop as soon as it resists.';
const NIP_CAUTION = 'A nip is a nip: pulled round a little every week, a bolt strips.';
const torqued = (how: string): readonly PracticeChange[] => [
  by('torque', 'witness', {
    how: `Look at the painted line that runs over each bolt and its part. Whole: leave the bolt alone. Broken or missing: ${how.charAt(0).toLowerCase()}${how.slice(1)} Then wipe the joint and paint a new line.`,
    passWhen: 'Every line whole, or the bolt torqued anew and its line painted.',
  }),
];

const sanded = (what: string): readonly PracticeChange[] => [
  by('oilyPads', 'sand', {
    faults: [
      fault(
        'oiled',
        'Soiled with oil or fluid',
        'stop',
        `Do not ride. Find where the oil came from first. Sand ${what} on a flat sheet until the shine is gone, clean the braking surface with alcohol, bed in, then try: if the brake does not stop the wheel at the first pull, new pads.`,
        { askNext: ['stops-wheel', 'bedded-in'] },
      ),
    ],
    cautions: ['A mask on, and no dust blown about: pad dust stays in the lungs.'],
  }),
];

/**
 * What the sides of the practices make of the shipped checkpoints. As a checkpoint is written it follows the side that ships; here is
 * what another side asks, how, and what it does about what is found.
 */
export const PRACTICE_CHANGES: Readonly<Record<string, readonly PracticeChange[]>> = {
  'wheel-quick-release': [
    by('quickRelease', 'turns', {
      how: 'See that the axle sits right home in both dropouts. Open the lever. Turn the nut until it just touches, then the half turn more that your wheels take, and close the lever.',
      passWhen:
        'Axle home; nut set by its turns; lever closed, clear of the fork and the rotor, firm all the way.',
      cautions: ['Counting turns is not the proof: a lever that closes easily is loose, whatever the count.'],
    }),
  ],
  'wheel-thru-axle': [
    by('quickRelease', 'wrench', {
      how: 'Turn the axle clockwise by its lever; where it has none, put the torque wrench in it. It must already be hard up with no movement, and no thread may show between the axle and the fork or frame.',
      passWhen:
        'Fully threaded. With a lever: hard up and clear of fork and rotor. With none: the wrench clicks at once.',
      tools: ['Torque wrench for an axle with no lever'],
      minutes: 0.25,
    }),
  ],
  'axle-threads': [
    by('axleThreads', 'anti-seize', {
      how: 'Wheel out. Wipe the axle and the thread it goes into, look at both in good light, then a thin coat of anti-seize paste on the thread only, and grease on the shaft.',
      passWhen: 'Threads whole and clean, a thin film of paste, axle goes in by hand.',
      tools: ['Cloth', 'Anti-seize paste', 'Grease'],
      cautions: ['Paste stains and stays: none on a rotor, a pad or a rim.'],
    }),
  ],
  spokes: [
    by('looseSpoke', 'nip', {
      faults: [
        fault(
          'slack',
          'One or two slack',
          'soon',
          'Tighten by little, a quarter turn at a time, and watch the rim. More than two, or slack again next time: to the mechanic.',
          { askNext: ['rim-run-out'] },
        ),
      ],
    }),
  ],
  'tyre-pressure': [
    by('pressure', 'window', {
      how: 'Measure the pressure. It must be inside the range printed on the tyre wall, and not over what the rim may take. Pump a low tyre and measure again.',
    }),
    by('pressure', 'calculated', {
      how: 'Measure the pressure. It must be at or over the start calculated for this tyre, and inside the range printed on its wall. Where no start is on the fit list yet, calculate one and write it there.',
    }),
    by('winterPressure', 'lower', {
      passWhen: 'Inside the window on the gauge, a little under the summer figure and never under the least.',
    }),
  ],
  'tyre-casing': [
    by('sidewallSlash', 'stitch', {
      faults: [
        fault(
          'slash',
          'Deep cut or slashed wall',
          'stop',
          'Do not ride. A mechanic may stitch and patch it from inside if no thread of the casing is cut through; if one is, new tyre.',
          { askNext: ['rim-tape'] },
        ),
        fault(
          'stitched',
          'Stitched wall, no thread cut through',
          'watch',
          'Look at it every time, inside and out. A bulge or a seam that opens: do not ride, new tyre.',
        ),
      ],
      cautions: ['A cut thread does not carry: such a wall is never stitched.'],
    }),
  ],
  'hub-feel': [
    by('roughHub', 'cones', {
      faults: [
        fault(
          'rough',
          'Rough or grinding',
          'soon',
          'Open it, clean, grease, set the cones. Still rough: balls and cones. A sealed cartridge cannot be set: new bearings.',
          { askNext: ['hub-play'] },
        ),
      ],
    }),
    by('roughHub', 'replace', {
      faults: [
        fault(
          'rough',
          'Rough or grinding',
          'soon',
          'Fit a wheel from the shelf; put this one by for parts.',
          {
            work: ['axle-out', 'tyre-off'],
          },
        ),
      ],
    }),
  ],
  'rim-run-out': [
    by('wheelRunOut', 'one-mm', {
      passWhen: 'Under 1 mm both ways, whatever the brake.',
      faults: [
        fault('out', '1 mm or more', 'soon', 'True the wheel, little by little.', {
          askNext: ['spoke-tension-left', 'spoke-tension-right'],
        }),
      ],
    }),
  ],
  sealant: [
    by('sealantLook', 'shake', {
      how: 'Wheel off the bike. Shake it slowly beside your ear and listen for liquid. Read the date of the last filling.',
      tools: ['Syringe', 'Core key'],
      minutes: 0.7,
    }),
    by('sealantLook', 'inside', {
      how: 'Air out, wheel off, one side of the bead over the rim. Take the dried lumps out, look at the casing, pour fresh sealant by the tyre’s width, seat the bead.',
      passWhen: 'Wet, no lumps, casing sound, dose by the tyre’s width, bead seated.',
      tools: ['Cloth', 'Syringe', 'Pump with a tank'],
      minutes: 6,
    }),
  ],
  'disc-pads': sanded('the pads'),
  'pad-thickness': sanded('the pads'),
  'rim-pads': sanded('the pads'),
  'pads-for-event': [
    by('padsBeforeEvent', 'new', {
      passWhen: 'Pads of this week, bedded in, even bite.',
      faults: [
        fault(
          'old',
          'Still the old pads',
          'soon',
          'New pads now, if there is time to bed them in before the first rider; else keep these and look each day.',
          { work: ['brake-work'], askNext: ['bedded-in'] },
        ),
      ],
    }),
  ],
  'headset-turns': [
    by('headset', 'bearings', {
      faults: [fault('notch', 'Notch at the middle', 'soon', 'New bearings of the same size and angle.')],
    }),
    by('headset', 'whole', {
      faults: [
        fault(
          'notch',
          'Notch at the middle',
          'soon',
          'New headset, cups and race with it: a mechanic with a press.',
        ),
      ],
    }),
  ],
  'headset-bearings': [
    by('headset', 'bearings', {
      faults: [
        fault(
          'rough',
          'Bearing rough or rusty',
          'soon',
          'New bearings, both, of the same size and angle; seats greased.',
        ),
      ],
      tools: ['Caliper', 'Bearings to size', 'Grease', 'Torque wrench'],
    }),
    by('headset', 'whole', {
      faults: [
        fault(
          'rough',
          'Bearing rough or rusty',
          'soon',
          'New headset, cups and crown race with it: a mechanic with a press.',
        ),
      ],
      tools: ['Headset press', 'Grease', 'Torque wrench'],
    }),
  ],
  'fork-sag': [
    by('sag', 'park', { passWhen: 'Between 20 and 30 %; a fork marked for trails in its own band.' }),
  ],
  'shock-sag': [
    by('sag', 'park', {
      passWhen:
        'Between 28 and 35 %, a shock marked for trails in its own band; pressure under the marked maximum.',
    }),
  ],
  'chain-wear': [
    by('chainLimit', 'early', { passWhen: 'Under 0.5 %, or under what is marked on the chain.' }),
    by('chainLimit', 'ruler', { passWhen: 'Less than a sixteenth of an inch long over twelve inches.' }),
    by('chainLimit', 'three-quarters', { passWhen: 'Under 0.75 %, or under what is marked on the chain.' }),
  ],
  'chain-lube': [
    by('lubeKind', 'wax', {
      how: 'Only on a chain with no oil left in it. Wipe it, wax on every roller, turn, let it run in. It dries overnight before anybody rides.',
      passWhen: 'Dry to the touch, quiet; waxed the evening before, not this morning.',
      tools: ['Cloth', 'Wax'],
      faults: [
        fault(
          'wet-wax',
          'Wax not dry yet',
          'upkeep',
          'Leave it until tomorrow, or wipe it and ride it dry today.',
        ),
      ],
    }),
    by('chainOiled', 'before-gears', { first: true }),
  ],
  'chain-joined': [
    by('chainOiled', 'before-gears', {
      faults: [
        fault('dry', 'Dry, rusty or dirty', 'upkeep', 'Clean and lube, let it soak, then set the gears.'),
      ],
    }),
  ],
  'chain-new': [
    by('newChain', 'strip', {
      how: 'Chain off. Into the tank until no packing grease is left in the rollers, rinsed, dried through, then your own lube on every roller.',
      passWhen: 'No packing grease left, dry, lubed.',
      tools: ['Degreaser', 'Tank', 'Lube'],
      minutes: 6,
      cautions: ['Degreaser stays away from rotors and pads.'],
    }),
  ],
  'drivetrain-clean': [
    by('degreasing', 'tank', {
      how: 'Chain off at its link and into the tank. Brush sprockets and ring, rinse with little water, dry, chain back with its link closed all the way.',
      tools: ['Link pliers', 'Tank', 'Brushes', 'Cloths'],
      minutes: 10,
      cautions: ['A link opened is a link to prove: close it, and stand on the pedal against the brake.'],
      faults: [
        fault(
          'link',
          'Link will not close, or a link that may be opened only once',
          'stop',
          'New link before it goes out.',
          {
            by: ['work'],
            askNext: ['chain-joined'],
          },
        ),
      ],
    }),
  ],
  washed: [
    by('cleaning', 'wash-looks', {
      how: 'Wash the whole bike by hand, and look while the sponge goes: fresh oil, a rub, a line in the paint. Report each at once, before it is rinsed away. Rinse, wipe, dry.',
      passWhen: 'Washed by the person who checks it, and what they saw is reported.',
      minutes: 5,
      faults: [
        fault(
          'seen',
          'Fresh oil, a rub or a line seen in washing',
          'watch',
          'Say where; it is looked at dry, before the bike goes out.',
          {
            askNext: ['frame-whole'],
          },
        ),
      ],
    }),
  ],
  'every-fastener': [
    by('boltCheck', 'nip', { how: NIP, minutes: 6, cautions: [NIP_CAUTION] }),
    by('boltCheck', 'torque-all', {
      how: 'From the front wheel along the route to the rear: the torque wrench on every bolt there is, at the figure on the torque card.',
      passWhen: 'Every bolt at its figure.',
      minutes: 10,
    }),
    ...torqued('torque it to the figure on the torque card.'),
  ],
  'crank-torque': [
    by('boltCheck', 'nip', { how: NIP, cautions: [NIP_CAUTION] }),
    ...torqued('torque it, left first, pinch bolts in turn.'),
  ],
  'headset-clamp': torqued(
    'loosen both clamp bolts, press the play out with the top cap and no more, torque in stages.',
  ),
  faceplate: torqued('loosen all its bolts and bring them up crosswise in stages.'),
};

/** A shipped checkpoint with what practices make of it, and with every practice named that changes it. */
export function withPracticeChanges(checkpoint: Checkpoint): Checkpoint {
  const byPractice = PRACTICE_CHANGES[checkpoint.key];
  if (!byPractice) return checkpoint;
  const practices = [
    ...new Set([...(checkpoint.practices ?? []), ...byPractice.map((each) => each.practice)]),
  ];
  return { ...checkpoint, byPractice, practices };
}
