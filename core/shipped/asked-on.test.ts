import { describe, expect, it } from 'vitest';
import { asBuilt, questionsOf, type Checkpoint } from '@cadre/core/catalogue';
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
  ['cargo trike laden', 'parking-brake'],
  ['cargo', 'cargo-steering cargo-straps'],
  ['child hybrid coaster laden', 'rim-brake-release rim-track rim-pads rim-pads-track rim-brake-arms'],
  ['child hybrid trike coaster drum laden', 'brake-cable brake-cable-inside'],
  ['coaster footbrake', 'coaster-brake coaster-hub'],
  ['drum', 'drum-brake quill-mark suspension-post'],
  [
    'full-suspension',
    'sealant pivot-torque shock-action shock-shaft shock-sag suspension-pivots chain-twelve dropper',
  ],
  [
    'hardtail full-suspension carbon',
    'fork-legs fork-action fork-pressure fork-sag fork-service suspension-ring',
  ],
  ['hardtail full-suspension cargo carbon', 'wheel-thru-axle'],
  ['hardtail full-suspension step-through cargo belt carbon', 'brake-hose brake-fluid pistons'],
  ['hybrid step-through cargo drum belt', 'kickstand'],
  ['hybrid step-through cargo trike drum belt', 'mudguards'],
  ['hybrid step-through trike drum belt laden', 'wheel-quick-release'],
  ['laden', 'adjustable-stem folding-hinge child-seat hitch'],
  ['not belt', 'chain-joined bracket-feel chain-wear chain-lube chain-routed cassette'],
  ['not carbon', 'frame-drain'],
  ['not child hardtail full-suspension coaster footbrake carbon', 'loads'],
  [
    'not child hybrid coaster footbrake drum laden',
    'disc-pads rotor rotor-fixings rotor-thickness pad-thickness pad-pin bedded-in',
  ],
  ['not coaster footbrake carbon', 'gear-cable'],
  ['not coaster footbrake', 'shifts'],
  ['not footbrake drum', 'brake-mounts'],
  ['not footbrake', 'lever-travel lever-hold stops-wheel lever-returns levers-on-bar lever-reach'],
  ['not full-suspension trike carbon', 'bell-lights'],
  ['not full-suspension trike', 'post-freed'],
  ['not hybrid hardtail full-suspension drum carbon laden', 'wheel-nutted'],
  ['not step-through cargo belt', 'freehub'],
  ['not step-through cargo coaster footbrake belt', 'hanger jockey-wheels derailleur-gap hanger-measured'],
  [
    'not trike',
    'headset-play fork-whole stem-tight headset-turns headset-clamp headset-bearings faceplate bars-off saddle-tight post-depth saddle-set saddle-rails',
  ],
  ['step-through cargo belt laden', 'lights'],
  [
    'step-through cargo belt',
    'battery motor-stops hub-gear battery-charge battery-health battery-contacts assist-wiring motor-mount firmware charger dunked-electrics storage-rule',
  ],
  ['step-through cargo coaster footbrake', 'chain-slack'],
  [
    'trike',
    'trike-brake-balance fixed-pad trike-linkage trike-toe kingpin trike-seat trike-idler trike-flag',
  ],
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

  it('is told apart by some trial bike, every one of them', () => {
    for (const checkpoint of CHECKPOINTS)
      if (!('always' in checkpoint.applies))
        expect(askedOn(checkpoint).length, checkpoint.key).toBeLessThan(all.length);
  });
});
