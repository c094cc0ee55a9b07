import { asBuilt, holds, type Rule, type Zone } from '@cadre/core/catalogue';
import type { Build } from '@cadre/core/fleet';
import type { ReportFault } from '@cadre/core/reports';
import { always, fitted } from './author';

/** How to get home with one fault: what to do on the trail, when to walk, and where it is reported. */
interface TrailCard {
  readonly key: string;
  readonly name: string;
  readonly steps: readonly string[];
  /** From here on nobody rides. */
  readonly walk: string;
  readonly zone: Zone;
  readonly fault: ReportFault;
  readonly applies: Rule;
}

const DERAILLEUR = fitted('gears', 'derailleur');
const LEVER_BRAKES = fitted('brake', 'rim', 'cable-disc', 'hydraulic-disc', 'drum');

const CARDS: readonly TrailCard[] = [
  {
    key: 'brakes',
    name: 'A brake is weak or gone',
    steps: [
      'Stop. Try both brakes standing still: each must hold the bike when you push.',
      'Pull a hydraulic lever five times: if it comes right, ride slowly to the desk.',
      'Oil on a rotor or rim: do not touch it, do not ride on it.',
    ],
    walk: 'Walk if either brake does not hold, or if it gets worse. Never ride down a hill on one brake.',
    zone: 'front-brake',
    fault: 'weak',
    applies: LEVER_BRAKES,
  },
  {
    key: 'flat',
    name: 'A flat tyre',
    steps: [
      'Find what made it: feel inside the tyre with a cloth, not with fingers.',
      'Change the tube, or plug a tubeless tyre. A little air in the tube, tube clear of the bead.',
      'A cut in the tyre: put a boot behind it (a folded wrapper does) and ride slowly.',
      'Pump it hard enough that the rim does not touch, not over the number on the tyre. Check it after five minutes.',
    ],
    walk: 'Walk if the tyre comes off the rim, or if the wall is torn.',
    zone: 'rear-wheel',
    fault: 'flat',
    applies: always,
  },
  {
    key: 'gears',
    name: 'Gears rattle or slip',
    steps: [
      'Find one gear that is quiet and stay in it.',
      'Turn the adjuster at the shifter a quarter at a time: out if it will not climb, in if it will not drop. Touch no screw.',
    ],
    walk: 'Walk if the chain comes off again and again.',
    zone: 'drivetrain',
    fault: 'shifts-badly',
    applies: DERAILLEUR,
  },
  {
    key: 'hanger',
    name: 'The rear derailleur is bent or hit',
    steps: [
      'Look from behind: if the cage leans in, shift to a small sprocket and do not shift again.',
      'Do not bend it by hand.',
    ],
    walk: 'Walk if the cage comes near the spokes: it can stop the wheel at once.',
    zone: 'drivetrain',
    fault: 'other',
    applies: DERAILLEUR,
  },
  {
    key: 'chain',
    name: 'The chain is broken or jammed',
    steps: [
      'Fingers out while the cranks turn. Take out the bent link and join it with a spare link.',
      'A shorter chain: do not use big ring with big sprocket.',
      'No spare link: take the chain off, sit and coast, or scoot on the flat.',
    ],
    walk: 'Walk downhill if the bike has a brake in the rear hub: without a chain it does not brake.',
    zone: 'drivetrain',
    fault: 'chain-off',
    applies: fitted('transmission', 'chain'),
  },
  {
    key: 'crank',
    name: 'A crank or pedal is loose',
    steps: [
      'Stop at once: a crank that turns loose ruins its arm in minutes.',
      'Tighten it with a tool if you have one, and check it every ten minutes. The left pedal tightens the other way round.',
    ],
    walk: 'Walk if you cannot tighten it, or if it comes loose again.',
    zone: 'cranks-pedals',
    fault: 'loose',
    applies: always,
  },
  {
    key: 'steering',
    name: 'Bars, stem or fork move or crack',
    steps: ['Do not ride. Do not tighten and try.', 'Tell your guide or the desk where you are.'],
    walk: 'Walk, whatever it looks like: this is for a mechanic.',
    zone: 'cockpit',
    fault: 'loose',
    applies: always,
  },
  {
    key: 'assist',
    name: 'The motor stops',
    steps: [
      'Switch it off and on once. Look whether the battery sits firm.',
      'Ride on without it, slowly: the bike is heavy, brake early.',
    ],
    walk: 'Stay away and call the desk if the battery is hot, swollen, wet or smells.',
    zone: 'assist',
    fault: 'stops',
    applies: fitted('assist', 'mid-motor', 'hub-motor'),
  },
];

/** The cards for a bike, in the order they are needed most. */
export function trailCards(build: Build): readonly TrailCard[] {
  const on = asBuilt(build);
  return CARDS.filter(({ applies }) => holds(applies, on, 'only'));
}
