import { USUAL_BUILD, type Build } from '@cadre/core/fleet';

/** Bikes built otherwise than is usual of their kind: with the usual ones they meet every rule of the catalogue both ways. */
export const BUILT_OTHERWISE: Readonly<Record<string, Build>> = {
  coaster: { ...USUAL_BUILD.child, brakeRear: 'coaster', gears: 'single-speed', sprockets: 1 },
  footbrake: {
    ...USUAL_BUILD.child,
    brakeFront: 'none',
    brakeRear: 'coaster',
    gears: 'single-speed',
    sprockets: 1,
  },
  /** A coaster and a hand brake on one wheel. */
  'two-brakes': {
    ...USUAL_BUILD.child,
    brakeRear: 'rim',
    brakeRearSecond: 'coaster',
    gears: 'hub-gear',
    sprockets: 1,
  },
  'two-rings': {
    ...USUAL_BUILD.hybrid,
    accessories: ['front-derailleur', 'horn', 'device', 'outdoors'],
  },
  lined: { ...USUAL_BUILD['full-suspension'], accessories: ['tyre-liner'] },
  'drum-trike': { ...USUAL_BUILD.trike, brakeFront: 'drum', brakeRear: 'drum', brakeRearSecond: 'parking' },
  drum: {
    ...USUAL_BUILD.hybrid,
    brakeFront: 'drum',
    brakeRear: 'drum',
    headset: 'threaded',
    seatpost: 'suspension',
  },
  parked: { ...USUAL_BUILD.hybrid, brakeRearSecond: 'parking', accessories: ['flag'] },
  flatbed: { ...USUAL_BUILD.cargo, assist: 'none', accessories: [] },
  'bare-trike': { ...USUAL_BUILD.trike, accessories: [] },
  'carbon-assist': { ...USUAL_BUILD['step-through'], frameMaterial: 'carbon', accessories: [] },
  belt: { ...USUAL_BUILD['step-through'], transmission: 'belt' },
  carbon: {
    ...USUAL_BUILD.hardtail,
    frameMaterial: 'carbon',
    bar: 'drop',
    accessories: ['clip-pedals', 'electronic-shifting'],
  },
  laden: {
    ...USUAL_BUILD.hybrid,
    accessories: ['child-seat', 'hitch', 'adjustable-stem', 'folding-hinge', 'basket', 'lights'],
  },
};
