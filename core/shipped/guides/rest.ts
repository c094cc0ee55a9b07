import { carries, fitted } from '../author';
import { guide } from './author';
import { CABLE_END, SEAT_POST } from './drawings';

export const REST_GUIDES = [
  guide('saddle', 'Set saddle and post', {
    drawing: SEAT_POST,
    zones: ['saddle-post'],
    repairs: { 'saddle-tight': ['moves'], 'saddle-set': 'all', 'post-depth': 'all', 'post-freed': 'all' },
    minutes: 8,
    tools: ['Keys', 'Torque wrench'],
    steps: [
      [
        'The minimum mark of the post stays inside the frame.',
        { caution: 'A post out past its mark breaks the frame.' },
      ],
      'Clean the post. Grease for metal, paste for carbon.',
      ['Clamp at the post to torque.', { joint: 'seatpost-clamp' }],
      ['Saddle level, rails in the clamp, bolts in turns to torque.', { joint: 'saddle-rail' }],
      'Twist and push nose and tail with your weight: nothing moves.',
    ],
    touches: ['saddle-post'],
    stopWhen: 'Stop at a cracked rail or post, or a post that is stuck. To a qualified mechanic.',
  }),
  guide('dropper', 'Service a dropper cable and collar', {
    drawing: CABLE_END,
    zones: ['saddle-post', 'cockpit'],
    repairs: { dropper: ['sticks'], 'dropper-shaft': 'all' },
    applies: fitted('seatpost', 'dropper'),
    minutes: 20,
    tools: ['Keys', 'Torque wrench', 'Cloth', 'The maker’s grease'],
    steps: [
      ['Loosen the seat clamp a little: too tight makes a dropper slow.', { joint: 'seatpost-clamp' }],
      'Wipe the shaft, lift the collar, clean and grease as the maker says.',
      'Cable: two millimetres of slack at the lever, end cap on.',
      [
        'Ten times down and up.',
        { caution: 'Keep your face away. Never open the cartridge: it is under pressure.' },
      ],
    ],
    touches: ['saddle-post'],
    stopWhen: 'Stop if it sinks under the rider. The cartridge is for a qualified mechanic.',
  }),
  guide('assist-contacts', 'Clean battery contacts and sensors', {
    zones: ['assist'],
    repairs: { 'battery-contacts': ['damp'], 'assist-wiring': 'all' },
    applies: fitted('assist', 'hub-motor', 'mid-motor'),
    minutes: 12,
    tools: ['Dry cloth', 'Soft brush'],
    steps: [
      ['System off, battery out.', { caution: 'Never open a battery, a motor or a charger.' }],
      'Dry contacts and connectors, brush off dirt. No oil, no spray.',
      'Speed magnet in line with its sensor, gap as the maker says.',
      'Cables: no rub, no pinch, plugs to the end.',
      'Battery in until it clicks. Switch on, ride a few metres at each level, brake: the motor stops.',
    ],
    touches: ['assist-wiring'],
    stopWhen:
      'Stop at burnt, green or bent contacts, a swollen battery, smell or heat. Battery outside, away from people. To a qualified mechanic.',
  }),
  guide('kickstand-guards', 'Tighten stand, guards and racks', {
    zones: ['accessories'],
    repairs: { kickstand: 'all', mudguards: 'all', 'cage-bolts': 'all' },
    minutes: 8,
    tools: ['Keys'],
    steps: [
      'Every bolt in turn, a drop of thread lock where the maker allows.',
      [
        'Guards and stays clear of the tyre by a finger’s width all round.',
        { caution: 'A guard that catches the front wheel stops it dead.' },
      ],
      'Stand up: it stays up when the bike is shaken.',
    ],
    touches: ['accessories'],
    stopWhen: 'Stop if a stay is broken near the front wheel. Take the guard off.',
  }),
  guide('lights', 'Repair lights and bell', {
    zones: ['accessories'],
    repairs: { 'bell-lights': 'all', lights: 'all', bell: 'all' },
    applies: carries('lights'),
    minutes: 8,
    tools: ['Screwdriver', 'Batteries or charger'],
    steps: [
      'Charge or renew the batteries, contacts clean and dry.',
      'Dynamo: plug tight, cable along the fork not damaged, lamp on while the wheel turns.',
      'Lamp straight, not into eyes, mount tight.',
    ],
    touches: ['accessories'],
    stopWhen: 'Stop if local rules ask for what is missing. Not on the road until it is there.',
  }),
  guide('suspension-pivots', 'Tighten suspension pivots', {
    zones: ['rear-suspension'],
    repairs: { 'suspension-pivots': 'all', 'pivot-torque': 'all' },
    applies: fitted('rearSuspension', 'shock'),
    minutes: 20,
    tools: ['Keys', 'Torque wrench'],
    steps: [
      'Clean round every pivot. Look for cracks at the welds.',
      ['Shock bolts and pivots in the maker’s order, to torque.', { joint: 'pivot' }],
      'Rock the rear wheel up and sideways: no play. Push the saddle: it moves freely.',
    ],
    touches: ['rear-suspension'],
    stopWhen:
      'Stop if play stays or it binds: bearings. Stop at any crack. Do not ride. To a qualified mechanic.',
  }),
] as const;
