import type { At, Checkpoint } from '@cadre/core/catalogue';
import { fault, fitted, look } from '../author';

const WHEELS: At = { front: 'front-wheel', rear: 'rear-wheel' };
const SPOKE_CAUTION = 'Never put a finger near the spokes of a turning wheel.';

/** One side of a wheel: a dished wheel is tighter on one side, so each side is measured, and judged, by itself. */
function spokeTension(side: 'left' | 'right', which: string): Checkpoint {
  return look({
    key: `spoke-tension-${side}`,
    name: `Spoke tension, ${side} side`,
    at: WHEELS,
    phase: 'stand',
    stance: side === 'right' ? 'drive' : 'off',
    how: `The spokes of the ${side} side only (${which}), from the valve round: read each with a meter, or pluck it and read its pitch. Write them down in order.`,
    sound: 'All within a fifth of this side’s middle value, and the side over the wheel’s marked minimum.',
    faults: [
      fault('none', 'A spoke with no tension', 'stop', 'Keep it off the trail until it is tensioned and the wheel true.', {
        by: ['wear', 'crash', 'work'],
      }),
      fault(
        'all-slack',
        'All under the marked minimum',
        'stop',
        'Keep it off the trail: a slack wheel folds, however even it is. Bring the whole wheel up.',
        {
          by: ['wear', 'work'],
        },
      ),
      fault('low', 'Under half of the others', 'soon', 'Bring it up evenly; look again after the first outings.'),
      fault('uneven', 'More than a fifth off', 'watch', 'Note the place by the valve.'),
    ],
    minutes: 1,
    disturbedBy: [],
    work: ['wheel-trued'],
    tools: ['Spoke meter, or a tuner'],
    cautions: ['Pitch says even, never enough: a wheel can be even and slack.'],
    measure: 'spokes',
    drawing: 'spoke-squeeze',
  });
}

/** What a wheel tells in the stand or opened, oftener than a season in hard use. */
export const wheelsWorkshop: readonly Checkpoint[] = [
  look({
    key: 'hub-play',
    name: 'Hub play',
    at: WHEELS,
    how: 'Take the rim at the top and rock it side to side against the frame or fork, then a quarter turn on and again. Feel for a tick.',
    sound: 'No movement and no tick.',
    faults: [
      fault('strong', 'Strong play', 'stop', 'Keep it off the trail. Axle first; tight and still loose, it is the bearing.', {
        askNext: ['wheel-quick-release', 'wheel-thru-axle', 'wheel-nutted', 'cassette'],
      }),
      fault('slight', 'Slight play', 'soon', 'Cone hubs are adjusted, cartridge bearings changed.', {
        askNext: ['headset-play', 'suspension-pivots'],
      }),
    ],
    minutes: 0.1,
    disturbedBy: ['hub-bearings'],
    work: ['hub-bearings'],
    cautions: ['Let the wheel stand still before you take hold of it.'],
    drawing: 'hub-rock',
  }),
  look({
    key: 'hub-feel',
    name: 'Hub turns smoothly',
    at: WHEELS,
    phase: 'stand',
    how: 'Spin the wheel and lay a hand on the fork or stay: roughness comes through as a buzz. Let it come to rest by itself.',
    sound: 'Quiet under the hand, comes to rest slowly.',
    faults: [
      fault('rough', 'Rough or grinding', 'soon', 'Bearings by the house’s way: new ones, cones adjusted, or a new hub.'),
      fault('drags', 'Slows at once', 'soon', 'Brake first; then bearings set too tight.', { askNext: ['lever-returns'] }),
    ],
    minutes: 0.15,
    disturbedBy: ['hub-bearings', 'dunking'],
    work: ['hub-bearings'],
    cautions: [SPOKE_CAUTION],
    schools: ['roughHub'],
  }),
  look({
    key: 'freehub',
    name: 'Freehub and axle by hand',
    at: { rear: 'rear-wheel' },
    phase: 'opened',
    how: 'Wheel out. Turn the axle with two fingers, then the freehub both ways: it drives one way and clicks or runs free the other.',
    sound: 'Axle smooth, freehub engages at once every time.',
    faults: [
      fault('slips', 'Slips forward under load', 'stop', 'Keep it off the trail: the rider falls on the bar. Freehub cleaned or changed.', {
        by: ['wear', 'water'],
      }),
      fault('sticks', 'Sticks and drags the chain', 'soon', 'Clean and oil the pawls; look at the seals.'),
      fault('axle-rough', 'Axle rough', 'soon', 'Bearings.'),
    ],
    applies: fitted('gears', 'derailleur', 'single-speed'),
    minutes: 0.5,
    disturbedBy: [],
    work: ['hub-bearings'],
    cautions: ['With a hydraulic brake put the spacer between the pads as soon as the wheel is out.'],
  }),
  look({
    key: 'rim-run-out',
    name: 'Rim runs true',
    at: WHEELS,
    phase: 'stand',
    how: 'Hold a pointer still on the stay or fork beside the rim, turn the wheel once from the valve, and read the widest and the narrowest gap: sideways first, then up and down. Tyre run-out is another thing: read the rim.',
    sound: 'Rim brake under 1 mm, disc brake under 2 mm, both ways.',
    faults: [
      fault('touches', 'Touches frame or fork, or past 3 mm (rim brake) or 4 mm (disc)', 'stop', 'True it, and find what bent it.', {
        by: ['wear', 'crash', 'work'],
        askNext: ['spokes', 'rim'],
      }),
      fault('out', 'Past its limit', 'soon', 'True the wheel, little by little.', { askNext: ['spoke-tension-left', 'spoke-tension-right'] }),
    ],
    minutes: 0.5,
    disturbedBy: ['wheel-trued'],
    work: ['wheel-trued'],
    tools: ['Pointer or truing gauge'],
    cautions: ['Hold the pointer, never a fingertip, near the turning rim.'],
    measure: 'run-out',
    drawing: 'clock',
  }),
  look({
    key: 'rim-track',
    name: 'Rim brake track measured',
    at: { front: 'front-brake', rear: 'rear-brake' },
    how: 'Wipe the track clean. Lay a straightedge across it, start at the valve and go round once: see how much light comes through the hollow. Find the wear line or dimple.',
    sound: 'Hollow under 0.2 mm; wear line or dimple still there.',
    faults: [
      fault(
        'worn',
        'Hollow of 0.5 mm or more, or the wear mark gone',
        'stop',
        'A worn rim can burst under braking. Let the air down and replace the rim.',
        { by: ['wear'] },
      ),
      fault('hollow', 'Hollow of 0.2 to 0.5 mm', 'watch', 'Note the figure and measure again next time; pick metal out of the pads.'),
    ],
    applies: fitted('brake', 'rim'),
    minutes: 0.4,
    disturbedBy: [],
    work: ['tyre-off', 'wheel-trued', 'brake-work'],
    tools: ['Straightedge', 'Feeler gauges'],
    cautions: ['The edge of a worn track cuts: wipe with a cloth, not a finger.'],
    measure: 'rim-track',
    drawing: 'rim-track',
  }),
  spokeTension('left', 'the side without the chain'),
  spokeTension('right', 'the side with the chain'),
  look({
    key: 'tyre-clearance',
    name: 'Tyre clear of frame, fork and guard',
    at: WHEELS,
    how: 'Turn the wheel once and watch the gap on both sides and at the crown or bridge. Look for a polished streak.',
    sound: 'A finger’s width or the maker’s gap all round, no rub mark.',
    faults: [
      fault('rubs', 'Rubs frame, fork or guard', 'stop', 'Centre the wheel; if it still rubs, it is the wrong tyre or a bent wheel.', {
        by: ['work', 'crash', 'wear'],
        askNext: ['rim-run-out'],
      }),
      fault('close', 'Close in one place', 'watch', 'Note the place; true the wheel when there is time.'),
    ],
    minutes: 0.1,
    disturbedBy: ['axle-out', 'wheel-trued', 'chain-sprockets', 'rear-suspension', 'accessories', 'transport'],
    cautions: ['Turn the wheel by the tyre, fingers away from the crown.'],
  }),
  look({
    key: 'valve',
    name: 'Valve',
    at: WHEELS,
    how: 'See that the valve stands straight to the rim. Wet it and look for bubbles, cap off. Nut finger tight only on a tubeless rim.',
    sound: 'Straight, dry, core tight, cap on.',
    faults: [
      fault('leaks', 'Core leaks or is clogged', 'soon', 'Tighten or change the core; a spare is in the kit.'),
      fault('bent', 'Core bent or valve pulled crooked', 'soon', 'Let the air down, straighten the tyre on the rim, change the core.', {
        askNext: ['tyre-seated'],
      }),
    ],
    minutes: 0.08,
    disturbedBy: ['air-out'],
    work: ['air-out'],
    cautions: ['Unscrew a core slowly, face away: it leaves with the air.'],
  }),
  look({
    key: 'sealant',
    name: 'Sealant',
    at: WHEELS,
    phase: 'opened',
    how: 'By the house’s way: dipstick through the valve, shake the wheel by the ear, or break the bead and look. Read the month of the last filling on the fit list.',
    sound: 'Wet, inside its months, dose by the tyre’s width.',
    faults: [
      fault('dry', 'Dry', 'soon', 'Take the lumps out, dose by tyre width, write the month down.'),
      fault('old', 'Past its months', 'upkeep', 'Refill at the next quiet hour.'),
    ],
    applies: fitted('tyre', 'tubeless'),
    minutes: 1,
    disturbedBy: ['tyre-off'],
    work: ['air-out'],
    tools: ['Dipstick', 'Syringe', 'Core key'],
    cautions: ['Bead seating stays within the lower maximum of tyre and rim, standing clear.'],
    schools: ['sealantEvery', 'sealantLook'],
  }),
  look({
    key: 'rim-tape',
    name: 'Rim tape and tyre inside',
    at: WHEELS,
    phase: 'opened',
    how: 'Tyre off. Run a cloth round the inside of the tyre: what catches is a thorn. Look that the tape covers every spoke hole and does not wander.',
    sound: 'Nothing in the tyre; tape whole and centred.',
    faults: [
      fault('thorn', 'Thorn, wire or glass through the casing', 'upkeep', 'Pull it out from outside; look at the casing from inside.', {
        askNext: ['tyre-casing'],
      }),
      fault('tape', 'Tape torn, short or off the holes', 'soon', 'New tape: the edge of a hole cuts the tube.'),
    ],
    minutes: 2,
    disturbedBy: [],
    work: ['tyre-off'],
    cautions: [
      'Wipe with a cloth, not the hand: thorns stay in the skin.',
      'A little air in the tube, tube clear of the bead, before the last of the bead goes over.',
    ],
  }),
  look({
    key: 'tyre-direction',
    name: 'Right tyre, right way round',
    at: WHEELS,
    how: 'Find the arrow on the wall: it points the way the wheel rolls. Read the size and see that it goes with the rim’s width and its maximum.',
    sound: 'Arrow with the roll; size as on the fit list.',
    faults: [
      fault('wrong-size', 'Wall and rim do not go together', 'stop', 'Do not pump it. Fit a tyre that suits the rim.', { by: ['work'] }),
      fault('backwards', 'Arrow against the roll', 'upkeep', 'Turn it at the next tyre off.'),
    ],
    minutes: 0.1,
    disturbedBy: ['tyre-off'],
    work: ['tyre-off'],
  }),
  look({
    key: 'wheel-reflectors',
    name: 'Wheel and pedal reflectors',
    at: WHEELS,
    how: 'Look that what local rules ask for is on the wheel or the tyre wall, clean and firm, and cannot swing into the fork.',
    sound: 'There, firm, clean.',
    faults: [
      fault('legal-missing', 'What local rules ask for is missing', 'soon', 'Fit it before it goes on the road at dusk.', { legal: true }),
      fault('loose', 'Loose', 'upkeep', 'Clip it firm or take it off.'),
    ],
    minutes: 0.05,
    disturbedBy: [],
    work: [],
    cautions: ['Local rules decide: the lead says which apply.'],
  }),
];
