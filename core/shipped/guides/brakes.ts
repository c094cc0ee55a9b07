import { any, fitted } from '../author';
import { guide } from './author';
import { CABLE_END, DISC_CALIPER, RIM_PADS } from './drawings';

const DISC = fitted('brake', 'hydraulic-disc', 'cable-disc');
const HYDRAULIC = fitted('brake', 'hydraulic-disc');
const CABLE_DISC = fitted('brake', 'cable-disc');
const CLEAN = 'Clean hands and cloth. No oil, spray or grease on rotor or pads.';
const TEST = [
  'Pump the lever, then brake hard at walking pace before anyone rides.',
  { caution: 'New or moved pads may not touch at the first pull.' },
] as const;

export const BRAKE_GUIDES = [
  guide('disc-pads', 'Fit disc pads', {
    drawing: DISC_CALIPER,
    zones: ['front-brake', 'rear-brake'],
    repairs: {
      'disc-pads': ['thin', 'near', 'uneven', 'missing', 'oiled'],
      'pad-thickness': 'all',
      'pad-pin': 'all',
      'bedded-in': 'all',
    },
    applies: DISC,
    minutes: 15,
    tools: ['Pad pin key', 'Tyre lever or piston press', 'Clean cloth', 'Alcohol'],
    steps: [
      'Wheel out. Take out the pin and the pads with their spring.',
      ['Clean the caliper and rotor with alcohol.', { caution: CLEAN }],
      [
        'Press the pistons back evenly, pads in or a plastic lever between.',
        { caution: 'Never pull the lever with no rotor or block between the pads.' },
      ],
      'New pads with the new spring and pin, pin secured.',
      ['Wheel in, axle to its torque.', { joint: 'axle-front' }],
      TEST,
      'Bed in: twenty slowings from riding pace to walking pace, without locking the wheel.',
    ],
    touches: ['axle-out', 'brake-work'],
    stopWhen: 'Stop if a piston is wet or stuck, or fluid shows. Do not ride. Brake to a qualified mechanic.',
  }),
  guide('oily-brake', 'Clean a contaminated disc brake', {
    drawing: DISC_CALIPER,
    zones: ['front-brake', 'rear-brake'],
    repairs: { 'disc-pads': ['oiled'], rotor: ['oiled', 'scored'] },
    applies: DISC,
    minutes: 20,
    tools: ['Alcohol', 'Fine paper', 'Clean cloths', 'New pads'],
    steps: [
      'Find where it came from: a leak, chain spray, hands. End that first.',
      ['Pads that took oil or fluid are renewed. They do not clean.', { caution: CLEAN }],
      'Wipe the rotor with alcohol and a new cloth until the cloth stays white.',
      'Fit new pads and bed them in.',
      TEST,
    ],
    touches: ['axle-out', 'brake-work'],
    stopWhen: 'Stop if the caliper itself leaks. Do not ride. Brake to a qualified mechanic.',
  }),
  guide('centre-caliper', 'Centre a disc caliper', {
    drawing: DISC_CALIPER,
    zones: ['front-brake', 'rear-brake'],
    repairs: {
      'lever-returns': ['drag'],
      'rotor-fixings': ['loose'],
      'brake-mounts': ['loose'],
      rotor: ['on-body', 'warped'],
      pistons: ['lazy'],
    },
    applies: DISC,
    minutes: 10,
    tools: ['Key or wrench for the mount', 'Torque wrench', 'Torch'],
    steps: [
      'Seat the wheel first: a crooked wheel looks like a crooked caliper.',
      ['Rotor bolts or lock-ring to torque.', { joint: 'rotor-bolt' }],
      'Loosen both caliper bolts until it moves by hand.',
      'Pull the lever and hold it.',
      ['Tighten the bolts in turns, lever held, to torque.', { joint: 'caliper-mount' }],
      [
        'Look through the gap: light on both sides. Spin the wheel.',
        { caution: 'Stop the wheel with its brake, never with the hand. Rotor edges cut.' },
      ],
      TEST,
    ],
    touches: ['brake-work'],
    stopWhen: 'Stop if threads in frame or fork turn empty, or the rotor is bent more than a slight wobble.',
  }),
  guide('bleed', 'Bleed a hydraulic brake', {
    drawing: DISC_CALIPER,
    zones: ['front-brake', 'rear-brake'],
    repairs: { 'lever-travel': ['pumped', 'long', 'to-grip'], 'brake-fluid': 'all', 'lever-hold': 'all' },
    applies: HYDRAULIC,
    minutes: 40,
    tools: ['Bleed kit for this brake', 'The fluid named on the brake', 'Gloves', 'Glasses', 'Bleed block'],
    steps: [
      [
        'Read on the lever which fluid it takes. Mineral oil and brake fluid are never mixed.',
        { caution: 'The wrong fluid destroys the seals, and with them the brake.' },
      ],
      [
        'Wheel and pads out, block in, bike so that the lever stands highest.',
        { caution: 'Gloves and glasses. Fluid harms skin, eyes and paint.' },
      ],
      'Follow the maker’s order for this brake: ports, syringes, strokes.',
      'Tap hose and caliper, and push fluid through until no bubbles come.',
      'Close the ports, wipe with alcohol, pads and wheel back in.',
      'Pull hard and hold for ten seconds: the lever must not sink.',
      TEST,
    ],
    touches: ['axle-out', 'brake-work'],
    stopWhen:
      'Stop if it stays spongy or sinks after two bleeds, or anything weeps. Do not ride. To a qualified mechanic.',
  }),
  guide('rim-pads', 'Fit and set rim brake pads', {
    drawing: RIM_PADS,
    zones: ['front-brake', 'rear-brake'],
    repairs: { 'rim-pads': 'all', 'rim-pads-track': 'all' },
    applies: fitted('brake', 'rim'),
    minutes: 15,
    tools: ['Key for the pad bolt', 'Torque wrench', 'Cloth', 'Alcohol'],
    steps: [
      'Wipe the rim track with alcohol. Look at its wear mark.',
      'Take one pad out, note the order of its washers, fit the new one the same way.',
      [
        'Pad flat on the track, one to two millimetres under the edge, never on the tyre.',
        { caution: 'A pad that touches the tyre cuts it within minutes.' },
      ],
      'Front of the pad a paper’s thickness nearer, if it squealed.',
      'Tighten, pad held so that it does not turn. Same on the other side.',
      'Arms even, quick-release of the brake closed.',
      TEST,
    ],
    touches: ['brake-work'],
    stopWhen: 'Stop if the rim track is hollow or its wear mark is gone. Do not ride. New rim.',
  }),
  guide('brake-cable', 'Fit a brake cable', {
    drawing: CABLE_END,
    zones: ['front-brake', 'rear-brake', 'cockpit'],
    repairs: {
      'brake-cable': 'all',
      'cable-pinch': 'all',
      'brake-cable-inside': 'all',
      'lever-returns': ['sticks'],
    },
    applies: any(fitted('brake', 'rim', 'drum'), CABLE_DISC),
    minutes: 20,
    tools: ['Cable cutter', 'Key for the pinch bolt', 'Torque wrench', 'New inner and outer', 'End cap'],
    steps: [
      'Cut and pull out the old inner. Look at the outer, and renew it if it is cracked or kinked.',
      [
        'Outer as long as the old one, cut square, ferrules on.',
        { caution: 'Too short pulls the brake at full lock. Turn the bars both ways before you cut.' },
      ],
      'Head seated in the lever, inner through without a kink, a drop of oil in the outer.',
      [
        'Pull through the pinch bolt and tighten to torque.',
        { joint: 'cable-pinch', caution: 'Keep oil off rotor and pads.' },
      ],
      'Pull hard ten times, remove the slack with the adjuster, pinch again if it moved.',
      ['Cut two centimetres behind the bolt and put an end cap on.', { caution: 'Frayed ends stab.' }],
      TEST,
    ],
    touches: ['brake-work'],
    stopWhen: 'Stop if the pinch bolt or lever thread does not hold. Do not ride.',
  }),
  guide('fixed-pad', 'Set a cable disc brake', {
    drawing: DISC_CALIPER,
    zones: ['front-brake', 'rear-brake'],
    repairs: { 'fixed-pad': 'all', 'lever-travel': ['to-grip', 'long'] },
    applies: CABLE_DISC,
    minutes: 12,
    tools: ['Key for pad and caliper', 'Torque wrench'],
    steps: [
      'Measure the pads first: worn pads are renewed, not adjusted.',
      'Turn the fixed pad out, centre the caliper over the rotor by eye.',
      ['Caliper bolts to torque.', { joint: 'caliper-mount' }],
      'Fixed pad in until it just clears the rotor, then the cable until the lever bites before half its way.',
      'The rotor must bend only a hair towards the fixed pad, and never touch the body.',
      TEST,
    ],
    touches: ['brake-work'],
    stopWhen: 'Stop if the arm reaches its end stop or the rotor touches the body. Do not ride.',
  }),
] as const;
