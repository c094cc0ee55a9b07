import {
  BY,
  criticalBecause,
  type By,
  type Checkpoint,
  type ChecklistItem,
  type ChecklistVersion,
} from '@cadre/core/catalogue';
import type { IncidentKind } from '@cadre/core/incidents';
import { assistAndRest } from './checkpoints/assist-and-rest';
import { brakes } from './checkpoints/brakes';
import { brakesWorkshop } from './checkpoints/brakes-workshop';
import { drivetrainWorkshop } from './checkpoints/drivetrain-workshop';
import { gearsWorkshop } from './checkpoints/gears-workshop';
import { saddleWorkshop } from './checkpoints/saddle-workshop';
import { offBike } from './checkpoints/off-bike';
import { frameSuspension } from './checkpoints/frame-suspension';
import { runningGear } from './checkpoints/running-gear';
import { steering } from './checkpoints/steering';
import { steeringWorkshop } from './checkpoints/steering-workshop';
import { wheels } from './checkpoints/wheels';
import { wheelsWorkshop } from './checkpoints/wheels-workshop';
import { checkpointsAfter } from './incidents';
import { withPracticeChanges } from './practice-changes';
import * as choices from './checklist-choices';

/** Every checkpoint that ships. Keys are unique (held by a test). */
export const CHECKPOINTS: readonly Checkpoint[] = [
  ...wheels,
  ...wheelsWorkshop,
  ...brakes,
  ...brakesWorkshop,
  ...steering,
  ...steeringWorkshop,
  ...frameSuspension,
  ...runningGear,
  ...drivetrainWorkshop,
  ...gearsWorkshop,
  ...saddleWorkshop,
  ...assistAndRest,
  ...offBike,
].map(withPracticeChanges);

const byKey = new Map(CHECKPOINTS.map((checkpoint) => [checkpoint.key, checkpoint]));

/** Critical is derived: a stop fault that can arise between two such looks. On a checklist that leaves nothing out, everything is. */
function items(
  keys: readonly string[],
  between: readonly By[],
  everything = false,
): readonly ChecklistItem[] {
  return keys.map((key) => {
    const checkpoint = byKey.get(key);
    if (!checkpoint) throw new Error(`no checkpoint ${key}`);
    return { checkpoint, critical: everything || criticalBecause(checkpoint, between) !== null };
  });
}

const keysAfter = (kind: IncidentKind): readonly string[] =>
  checkpointsAfter(kind, CHECKPOINTS).map(({ key }) => key);

interface Said extends Pick<ChecklistVersion, 'key' | 'name' | 'purpose'> {
  readonly keys: readonly string[];
  readonly between?: readonly By[];
  readonly more?: Partial<ChecklistVersion>;
  readonly everything?: boolean;
}

function checklist({ key, name, purpose, keys, between = [], more, everything }: Said): ChecklistVersion {
  return {
    schema: 2,
    key,
    version: 1,
    name,
    purpose,
    route: 'm-front-first',
    clears: false,
    validity: { until: 'never' },
    between,
    items: items(keys, between, everything),
    ...more,
  };
}

const CLEARS = { clears: true, validity: { until: 'end-of-day-or-return' } } as const;

export const RIDE_OUT = checklist({
  key: 'ride-out',
  name: 'Ride-out',
  purpose: 'Before the ride: may this bike go out today?',
  keys: choices.RIDE_OUT,
  more: { ...CLEARS, kinds: ['hybrid', 'hardtail', 'full-suspension', 'step-through', 'cargo', 'trike'] },
});

export const RIDE_OUT_CHILDREN = checklist({
  key: 'ride-out-children',
  name: 'Ride-out, children’s',
  purpose: 'Before the ride, by hand force, several bikes at once.',
  keys: choices.RIDE_OUT_CHILDREN,
  more: { ...CLEARS, kinds: ['child'] },
});

/** Every checklist that ships. */
export const SHIPPED_CHECKLISTS: readonly ChecklistVersion[] = [
  RIDE_OUT,
  RIDE_OUT_CHILDREN,
  checklist({
    key: 'turnaround',
    name: 'Turnaround',
    purpose: 'Between two riders of one day: set for the rider, then clamp and mark checked.',
    keys: choices.TURNAROUND,
    more: { ...CLEARS, afterRideOut: true },
  }),
  checklist({
    key: 'return',
    name: 'Return',
    purpose: 'After hard use: what worked loose, broke or was hit.',
    keys: choices.RETURN,
    between: ['crash'],
  }),
  checklist({
    key: 'pressures',
    name: 'Pressures',
    purpose: 'One station, pump in hand, down the whole rack.',
    keys: choices.PRESSURES,
  }),
  checklist({
    key: 'lube',
    name: 'Lube',
    purpose: 'One station: cloth and bottle, down the whole rack.',
    keys: choices.LUBE,
  }),
  checklist({
    key: 'bolts',
    name: 'Bolts',
    purpose: 'One station: the bolts that are often forgotten.',
    keys: choices.BOLTS,
  }),
  checklist({
    key: 'lights',
    name: 'Lights',
    purpose: 'One station: lights and bell before dusk.',
    keys: choices.LIGHTS,
  }),
  checklist({
    key: 'sealant',
    name: 'Sealant',
    purpose: 'One station: sealant looked at and topped up, bottle in hand.',
    keys: choices.SEALANT,
  }),
  checklist({
    key: 'season-opening',
    name: 'Season opening',
    purpose: 'Strip, measure, set right, ride: the whole bike before the season.',
    keys: choices.SEASON,
    between: ['wear', 'age', 'work'],
  }),
  checklist({
    key: 'wet-season',
    name: 'Wet season round',
    purpose: 'Oftener in wet and salt: tyres, rims, pads, wear, seals, kit.',
    keys: choices.WET,
    between: ['wear', 'water'],
  }),
  checklist({
    key: 'lay-up',
    name: 'Lay-up',
    purpose: 'Clean, protect, hang, so that spring finds it as it was.',
    keys: choices.LAY_UP,
    between: ['age'],
  }),
  checklist({
    key: 'new-bike',
    name: 'New bike',
    purpose: 'Out of the box, and once more after the first outings.',
    keys: choices.NEW_BIKE,
    between: ['work'],
  }),
  checklist({
    key: 'assessment',
    name: 'Assessment of a used bike',
    purpose: 'The deep look before it is bought or taken into the fleet.',
    keys: choices.INTAKE,
    between: BY,
  }),
  checklist({
    key: 'event-order',
    name: 'Event: what to order',
    purpose: 'A week before: what wears or takes a workshop, while parts can still come.',
    keys: choices.EVENT_ORDER,
    between: ['wear'],
  }),
  checklist({
    key: 'event-morning',
    name: 'Event: the morning',
    purpose: 'On the day: pressures, a ride under load, lights, charge and kit.',
    keys: choices.EVENT_MORNING,
  }),
  checklist({
    key: 'event',
    name: 'Event or trip',
    purpose: 'Seven days before: order. The day before: clean and deep. The day: pressures, load test, kit.',
    keys: choices.EVENT,
    between: ['wear', 'work'],
  }),
  checklist({
    key: 'after-crash',
    name: 'After a crash',
    purpose: 'What a blow can do. Nothing may be left out.',
    keys: keysAfter('crash'),
    between: ['crash'],
    everything: true,
  }),
  checklist({
    key: 'after-transport',
    name: 'After transport',
    purpose: 'What straps, hooks and the next bike can do. Nothing may be left out.',
    keys: keysAfter('transport'),
    between: ['crash', 'work'],
    everything: true,
  }),
  checklist({
    key: 'after-immersion',
    name: 'After a dunking',
    purpose: 'What water can do, salt water most of all. Nothing may be left out.',
    keys: keysAfter('immersion'),
    between: ['water'],
    everything: true,
  }),
  checklist({
    key: 'after-contamination',
    name: 'After oil or spray near brakes',
    purpose:
      'Pads, rotors and rims of a bike that was near oil, spray or a wash gone wrong. Nothing may be left out.',
    keys: keysAfter('contamination'),
    between: ['work'],
    everything: true,
  }),
];
