import { describe, expect, it } from 'vitest';
import { asBuilt, questionsOf, ruleText, type Checkpoint, type Rule } from '@cadre/core/catalogue';
import { TRIAL_BIKES } from '@cadre/test-world/core';
import { CHECKPOINTS } from './index';

/** The trial bikes a checkpoint is asked of, in order. */
function askedOn(checkpoint: Checkpoint): readonly string[] {
  return Object.entries(TRIAL_BIKES)
    .filter(
      ([, build]) => questionsOf({ items: [{ checkpoint, critical: false }] }, asBuilt(build)).length > 0,
    )
    .map(([name]) => name);
}

/** Which trial bikes each ruled checkpoint is asked of, said once by hand: a rule that is lost or loosened shows here. */
const ASKED_ON: readonly (readonly [string, string])[] = [
  ['belt', 'belt belt-tension'],
  ['carbon', 'bar-tape cleats shift-battery'],
  ['cargo', 'cargo-straps'],
  ['cargo flatbed', 'cargo-steering'],
  ['cargo trike drum-trike parked flatbed bare-trike laden', 'parking-brake'],
  [
    'child hybrid coaster two-brakes two-rings parked laden',
    'rim-brake-release rim-track rim-wall rim-pads rim-pads-track rim-brake-arms',
  ],
  ['coaster footbrake two-brakes', 'coaster-brake coaster-hub'],
  ['drum', 'quill-mark suspension-post'],
  ['drum-trike drum', 'drum-brake'],
  [
    'full-suspension lined',
    'sealant valve-core shock-travel-used pivot-torque shock-action shock-shaft shock-sag suspension-pivots chain-twelve dropper-shaft dropper',
  ],
  ['hardtail full-suspension cargo lined flatbed carbon', 'wheel-thru-axle'],
  [
    'hardtail full-suspension lined carbon',
    'fork-legs fork-action fork-pressure fork-sag fork-service fork-travel-used suspension-ring',
  ],
  [
    'hardtail full-suspension step-through cargo lined flatbed carbon-assist belt carbon',
    'brake-hose brake-fluid pistons',
  ],
  ['hybrid step-through cargo drum belt', 'kickstand'],
  ['hybrid step-through cargo trike drum-trike drum belt', 'mudguards'],
  ['hybrid step-through cargo trike drum-trike drum belt laden', 'loads'],
  ['laden', 'adjustable-stem folding-hinge child-seat hitch'],
  ['lined', 'tyre-liner'],
  ['not belt', 'chain-joined bracket-feel chain-wear chain-lube chain-new chain-routed cassette'],
  ['not carbon', 'frame-drain'],
  [
    'not child hardtail full-suspension cargo coaster footbrake two-brakes lined flatbed carbon',
    'wheel-quick-release',
  ],
  [
    'not child hybrid coaster footbrake two-brakes two-rings drum-trike drum parked laden',
    'disc-pads rotor rotor-fixings rotor-thickness pad-thickness pad-pin bedded-in',
  ],
  ['not coaster footbrake', 'shifts'],
  ['not coaster footbrake carbon', 'gear-cable shifter-cover'],
  ['not footbrake', 'lever-travel lever-hold stops-wheel lever-returns levers-on-bar lever-reach'],
  ['not footbrake carbon', 'cable-age'],
  ['not footbrake drum-trike drum', 'brake-mounts pads-for-event'],
  ['not full-suspension trike lined drum-trike bare-trike', 'post-freed'],
  [
    'not full-suspension trike two-rings lined drum-trike parked flatbed bare-trike carbon-assist carbon',
    'bell-lights',
  ],
  [
    'not hardtail full-suspension step-through cargo footbrake lined flatbed carbon-assist belt carbon',
    'brake-cable brake-cable-inside cable-pinch',
  ],
  ['not hybrid hardtail full-suspension two-rings lined drum parked carbon laden', 'wheel-nutted'],
  ['not hybrid two-rings drum parked laden', 'axle-threads'],
  [
    'not step-through cargo coaster footbrake two-brakes flatbed carbon-assist belt',
    'hanger jockey-wheels derailleur-gap hanger-measured',
  ],
  ['not step-through cargo two-brakes flatbed carbon-assist belt', 'freehub'],
  [
    'not trike drum-trike bare-trike',
    'headset-play fork-whole stem-tight headset-turns headset-clamp headset-bearings faceplate bars-off saddle-tight post-depth saddle-set saddle-rails',
  ],
  [
    'step-through cargo carbon-assist belt',
    'battery motor-stops battery-charge battery-health battery-contacts assist-wiring motor-mount firmware charger dunked-electrics storage-rule',
  ],
  ['step-through cargo carbon-assist belt laden', 'lights'],
  ['step-through cargo coaster footbrake two-brakes flatbed carbon-assist', 'chain-slack'],
  ['step-through cargo two-brakes flatbed carbon-assist belt', 'hub-gear'],
  ['trike bare-trike', 'fixed-pad'],
  [
    'trike drum-trike bare-trike',
    'trike-brake-balance trike-linkage trike-toe kingpin trike-seat trike-idler',
  ],
  ['trike drum-trike parked bare-trike', 'trike-flag'],
  ['two-rings', 'front-derailleur front-derailleur-set horn device-charge outdoor-cover'],
];

const wanted = new Map(
  ASKED_ON.flatMap(([bikes, keys]) => keys.split(' ').map((key) => [key, bikes] as const)),
);
const all = Object.keys(TRIAL_BIKES);
function bikesOf(words: string): readonly string[] {
  const named = words.split(' ').filter(Boolean);
  return named[0] === 'not'
    ? all.filter((bike) => !named.includes(bike))
    : all.filter((bike) => named.includes(bike));
}

describe('each rule of the catalogue', () => {
  it.each(CHECKPOINTS.map((checkpoint) => [checkpoint.key, checkpoint] as const))(
    '%s is asked of the bikes that have it, and of no other',
    (key, checkpoint) => {
      expect(askedOn(checkpoint)).toEqual(wanted.has(key) ? bikesOf(wanted.get(key) ?? '') : all);
    },
  );

  /** Every rule like this one with one of its clauses left out. */
  function shortened(rule: Rule): readonly Rule[] {
    if ('all' in rule || 'any' in rule) {
      const clauses = 'all' in rule ? rule.all : rule.any;
      const like = (list: readonly Rule[]): Rule => ('all' in rule ? { all: list } : { any: list });
      return [
        ...clauses.map((_, at) => like(clauses.filter((_each, index) => index !== at))),
        ...clauses.flatMap((clause, at) =>
          shortened(clause).map((short) => like(clauses.map((each, index) => (index === at ? short : each)))),
        ),
      ];
    }
    return 'not' in rule ? shortened(rule.not).map((short) => ({ not: short })) : [];
  }
  it('loses no clause unseen: each one tells some trial bike apart', () => {
    const unseen = CHECKPOINTS.flatMap((checkpoint) =>
      shortened(checkpoint.applies)
        .filter((applies) => askedOn({ ...checkpoint, applies }).join() === askedOn(checkpoint).join())
        .map((applies) => `${checkpoint.key}: ${ruleText(applies)}`),
    );
    expect(unseen).toEqual([]);
  });

  it('is told apart by some trial bike, every one of them', () => {
    for (const checkpoint of CHECKPOINTS)
      if (!('always' in checkpoint.applies))
        expect(askedOn(checkpoint).length, checkpoint.key).toBeLessThan(all.length);
  });
});
