import { fitted } from '../author';
import { guide } from './author';
import { BAR_END, BAR_STEM, FORK_SAG, HEADSET } from './drawings';

const ALIGN = [
  'Bars square to the wheel. Twist bar against wheel, wheel held: nothing moves.',
  { caution: 'A stem that turns throws the rider.' },
] as const;

export const STEERING_GUIDES = [
  guide('headset', 'Set a headset', {
    drawing: HEADSET,
    zones: ['fork-headset', 'cockpit'],
    repairs: {
      'headset-play': 'all',
      'headset-turns': ['stiff', 'binds-hard'],
      'stem-tight': ['moves', 'crooked'],
    },
    minutes: 10,
    tools: ['Keys', 'Torque wrench'],
    steps: [
      [
        'Front brake held, finger across the joint, rock to and fro: feel the play.',
        { caution: 'Look at crown and steerer for a crack or bulge before anything is set.' },
      ],
      [
        'Loosen the stem bolts at the steerer. Leave the cap on.',
        { caution: 'Hold the fork. It drops when the cap comes off.' },
      ],
      'Turn the cap bolt an eighth at a time until the play is just gone. It only sets the bearing, it holds nothing.',
      'Turn the bars: free lock to lock, no catch in the middle.',
      ['Align the stem, then its bolts in turns to torque.', { joint: 'stem-steerer' }],
      ALIGN,
      'Check for play once more with the brake held, bars straight and turned.',
    ],
    touches: ['stem-headset'],
    stopWhen:
      'Stop at a line, bulge or crack, at a notch in the middle, or if play stays. Do not ride. To a qualified mechanic.',
  }),
  guide('headset-bearings', 'Renew headset bearings', {
    drawing: HEADSET,
    zones: ['fork-headset'],
    repairs: { 'headset-bearings': ['rough'], 'headset-turns': ['notch'] },
    minutes: 45,
    tools: ['Keys', 'Torque wrench', 'Grease', 'Bearing finder'],
    steps: [
      [
        'Brake and wheel out, stem off, fork out from below.',
        { caution: 'Hold the fork. Keep the order of the rings.' },
      ],
      [
        'Clean steerer and crown and look all round for a line or crack.',
        { caution: 'A cracked steerer breaks without warning. Do not ride.' },
      ],
      'Measure the old bearings with the bearing finder: bore, outside, height and angle.',
      'Clean cups, grease, new bearings the right way up, fork in.',
      ['Set the bearing by the cap, align, stem bolts to torque.', { joint: 'stem-steerer' }],
      ALIGN,
    ],
    touches: ['axle-out', 'stem-headset', 'bar-levers-grips', 'brake-work'],
    stopWhen: 'Stop if cups are loose in the frame or the crown race does not fit. To a qualified mechanic.',
  }),
  guide('bar-stem', 'Set bars and faceplate', {
    drawing: BAR_STEM,
    zones: ['cockpit'],
    repairs: { bars: ['slips'], faceplate: 'all', 'adjustable-stem': 'all' },
    minutes: 10,
    tools: ['Keys', 'Torque wrench'],
    steps: [
      'Faceplate off. Look at bar and clamp for marks and cracks.',
      [
        'Bar centred, faceplate on, all bolts by hand.',
        { caution: 'Carbon: only the paste and the lower of the torques on the card.' },
      ],
      [
        'Cross order to 50, 80 and 100 % of the torque, gap even above and below.',
        { joint: 'stem-faceplate' },
      ],
      'Push down on both bar ends with your weight: nothing turns.',
    ],
    touches: ['stem-headset', 'bar-levers-grips'],
    stopWhen: 'Stop at a crack, a deep gouge or a crash mark on carbon. Do not ride. New part.',
  }),
  guide('levers-grips', 'Set levers and grips', {
    drawing: BAR_END,
    zones: ['cockpit'],
    repairs: {
      'levers-on-bar': ['clamp', 'pivot'],
      grips: 'all',
      'shifter-clamp': 'all',
      'lever-reach': 'all',
    },
    minutes: 10,
    tools: ['Keys', 'Torque wrench'],
    steps: [
      [
        'Levers in line with the forearm, within reach of the rider’s first finger joint.',
        { caution: 'A child’s reach is short: set the reach screw.' },
      ],
      ['Clamp to torque, or only just firm where your policy says so.', { joint: 'lever-clamp' }],
      'Twist by hand: a hard knock may turn it, riding must not.',
      'New grips on dry bars, end plugs in. Twist each: it does not move.',
    ],
    touches: ['bar-levers-grips'],
    stopWhen: 'Stop at a cracked lever or an open bar end without a plug. Do not ride.',
  }),
  guide('fork-air', 'Set fork pressure and sag', {
    drawing: FORK_SAG,
    zones: ['fork-headset'],
    repairs: { 'fork-sag': 'all', 'fork-pressure': 'all', 'fork-action': ['lock'] },
    applies: fitted('fork', 'suspension'),
    minutes: 8,
    tools: ['Shock pump', 'Ruler'],
    steps: [
      'Lock-out open, rebound in the middle. Push the ring down.',
      [
        'Rider on and off without a bounce, a helper holds the bike.',
        { caution: 'Never lean over a fork with air in while a cap is loose.' },
      ],
      'Read the sag. Change the pressure by a fifth at most, measure again.',
      'Never over the maximum marked on the fork. Valve cap on.',
    ],
    touches: ['fork-suspension'],
    stopWhen: 'Stop if it loses air, sticks, knocks or is wet with oil. Fork to a qualified mechanic.',
  }),
] as const;
