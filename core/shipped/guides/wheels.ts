import { fitted, not } from '../author';
import { guide } from './author';
import { HUB_SECTION, TUBELESS_SECTION, TYRE_SECTION, WHEEL_IN_STAND, WHEEL_SEATED } from './drawings';

const TUBELESS = fitted('tyre', 'tubeless');
const BEAD = 'Air out before you lever. Keep fingers clear of the bead.';

export const WHEEL_GUIDES = [
  guide('tube', 'Fit a tube or tyre', {
    drawing: TYRE_SECTION,
    zones: ['front-wheel', 'rear-wheel'],
    repairs: {
      'tyre-pressure': ['flat', 'low-again'],
      'rim-tape': ['thorn'],
      valve: 'all',
      'tyre-seated': ['tube-showing'],
      'tyre-casing': 'all',
    },
    applies: not(TUBELESS),
    minutes: 12,
    tools: ['Levers', 'Pump', 'Gauge', 'Cloth'],
    steps: [
      'Take the wheel out. Note which way the tyre runs.',
      ['Let all air out and lift one side of the tyre off the rim.', { caution: BEAD }],
      'Find the hole. Note its hour from the valve in the puncture record.',
      [
        'Wipe the inside of the tyre all round with a cloth, and look at the rim bed.',
        { caution: 'Use a cloth. Glass and wire cut fingers.' },
      ],
      'Take out what did it. Cover every spoke hole with rim tape.',
      'Put a little air in the new tube, valve straight, and push the tyre on by hand, the last part at the valve.',
      'Look all round both sides that no tube shows, then inflate to half and check both sides once more.',
      [
        'Inflate inside the limits marked on tyre and rim.',
        { caution: 'Never over the lower of the two maximums.' },
      ],
      ['Wheel in, seated to the end, axle closed to its torque.', { joint: 'axle-rear' }],
    ],
    touches: ['axle-out', 'tyre-off', 'air-out'],
    stopWhen: 'Stop if the casing is cut or the bead does not sit evenly. Fit a new tyre.',
  }),
  guide('tubeless', 'Reseal a tubeless tyre', {
    drawing: TUBELESS_SECTION,
    zones: ['front-wheel', 'rear-wheel'],
    repairs: {
      sealant: 'all',
      'valve-core': 'all',
      'tyre-seated': ['wander', 'high-low'],
      'rim-tape': 'all',
      'tyre-casing': ['worn', 'small-cut'],
      'tyre-pressure': ['flat', 'low-again'],
    },
    applies: TUBELESS,
    minutes: 20,
    tools: ['Pump', 'Valve core tool', 'Sealant', 'Gloves'],
    steps: [
      'Find the leak with soapy water: valve, rim edge, spoke holes, tread.',
      'Thorn: take it out and plug the hole. Valve: tighten or renew the core.',
      [
        'Dry sealant: air out, core out, pour in the amount for this width.',
        { caution: 'Gloves and glasses. Sealant sprays.' },
      ],
      'Leak at spoke holes: tyre off, rim clean and dry, new tape over all holes.',
      [
        'Inflate until both beads sit.',
        { caution: 'Never over the rim or hookless maximum, not even to seat it. Keep your face away.' },
      ],
      'Turn and shake the wheel so that the sealant reaches all round. Set the pressure.',
      'Measure it again after the time the soak test asks for.',
    ],
    touches: ['tyre-off', 'air-out'],
    stopWhen:
      'Stop if a bead does not sit within the maximum, or the casing bulges. Tyre and rim to a qualified mechanic.',
  }),
  guide('true-wheel', 'True a wheel', {
    drawing: WHEEL_IN_STAND,
    zones: ['front-wheel', 'rear-wheel'],
    repairs: { 'rim-run-out': ['out'], spokes: ['slack', 'uneven'] },
    minutes: 25,
    tools: ['Spoke key of the right size', 'Dial gauge or guide', 'Tension meter'],
    steps: [
      'Wheel in a stand, tyre soft or off. Look for cracks at spoke holes and broken spokes first.',
      [
        'Tighten loose spokes to the tension of their side.',
        { caution: 'Keep fingers out of the turning wheel.' },
      ],
      'Find the largest sideways bend. Loosen the spokes on that side and tighten those opposite, a quarter turn at most.',
      'Turn the wheel, measure, repeat. Then the same for high and low places, in pairs.',
      'Press pairs of spokes together all round to settle them, and measure again.',
      'Measure the tension of each side: no spoke more than a fifth off its side.',
    ],
    touches: ['wheel-trued'],
    stopWhen:
      'Stop at a bent or cracked rim, a seized nipple, or when all spokes of a side are slack. Wheel to a qualified mechanic.',
  }),
  guide('hub-play', 'Set hub bearings', {
    drawing: HUB_SECTION,
    zones: ['front-wheel', 'rear-wheel'],
    repairs: { 'hub-play': 'all', 'hub-feel': 'all', freehub: ['axle-rough'] },
    minutes: 30,
    tools: ['Cone spanners', 'Axle tools', 'Grease'],
    steps: [
      'Wheel out. Turn the axle with two fingers: play, roughness, or both?',
      [
        'Cup and cone: hold the cone, loosen its lock nut.',
        { caution: 'Bearings set too tight wear out and can stop the wheel.' },
      ],
      'Turn the cone until it just runs free, then back an eighth: a quick-release presses it tighter.',
      'Hold the cone, tighten the lock nut against it. Check the feel again.',
      'Cartridge: renew both bearings of the hub, pressed in straight by the outer ring.',
      ['Wheel in, axle to its torque. Play is judged with the axle closed.', { joint: 'axle-front' }],
    ],
    touches: ['axle-out', 'hub-bearings'],
    stopWhen: 'Stop if cups or axle are pitted or cracked. Hub or wheel renewed by a qualified mechanic.',
  }),
  guide('close-wheel', 'Seat and close a wheel', {
    drawing: WHEEL_SEATED,
    zones: ['front-wheel', 'rear-wheel'],
    repairs: { 'wheel-quick-release': 'all', 'wheel-thru-axle': ['loose'], 'wheel-nutted': 'all' },
    minutes: 4,
    tools: ['Torque wrench', 'Wrench for nuts'],
    steps: [
      'Bike on the ground. Open the axle and push the wheel to the end of both slots.',
      [
        'Quick-release: resistance from half way, lever closed over, never wound round. It leaves a mark in the palm.',
        { caution: 'A lever that closes easily is open.' },
      ],
      ['Axle or nuts: to the torque on the card, both sides.', { joint: 'axle-front' }],
      'Lift the wheel and strike the tyre from above: nothing moves.',
      'Spin it: centred, free of brake and frame. Pull the brake.',
    ],
    touches: ['axle-out'],
    stopWhen: 'Stop if threads or slots are damaged, or the lever does not hold. Do not ride.',
  }),
] as const;
