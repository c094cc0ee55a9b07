import type { Cause, CausesOf } from '@cadre/core/exposure';
import { CHECKPOINTS } from './checklists';

const RIDDEN: readonly Cause[] = ['outing'];
/** Also a knock by the bike beside it, or a hand that turned, opened or took something. */
const RIDDEN_OR_HANDLED: readonly Cause[] = ['outing', 'handling'];
/** Also on the hook: air and oil find their way out. */
const RIDDEN_OR_HOURS: readonly Cause[] = ['outing', 'hours'];
const ANY_HOUR: readonly Cause[] = ['outing', 'handling', 'hours'];
/** Also while it is stored: rubber and plastic perish, steel rusts, grease and seals set. */
const RIDDEN_OR_STORED: readonly Cause[] = ['outing', 'age', 'weather'];
const ANY_STORE: readonly Cause[] = ['outing', 'handling', 'age', 'weather'];

/**
 * What can make each fault of the ride-outs arise on a bike that passed. What a hand does to it under repair is told by what the work disturbs and stands
 * nowhere here; neither do the checkpoints asked every day. A fault that is not in it can arise by anything.
 */
export const CAUSES_OF: CausesOf = {
  'rim-brake-release': { open: RIDDEN_OR_HANDLED },
  'hub-play': { strong: RIDDEN, slight: RIDDEN },
  spokes: { broken: RIDDEN_OR_HANDLED, slack: RIDDEN, 'all-slack': RIDDEN, uneven: RIDDEN },
  rim: {
    crack: RIDDEN,
    bulge: RIDDEN,
    carbon: RIDDEN_OR_HANDLED,
    'rubs-frame': RIDDEN_OR_HANDLED,
    curl: RIDDEN_OR_HANDLED,
    rub: RIDDEN_OR_HANDLED,
    dent: RIDDEN_OR_HANDLED,
  },
  'tyre-casing': {
    slash: RIDDEN_OR_HANDLED,
    bulge: RIDDEN_OR_STORED,
    threads: RIDDEN,
    worn: RIDDEN,
    perished: RIDDEN_OR_STORED,
    'small-cut': RIDDEN_OR_HANDLED,
  },
  'tyre-seated': {
    'high-low': ANY_HOUR,
    'tube-showing': RIDDEN_OR_HOURS,
    wander: RIDDEN_OR_HOURS,
    rubs: RIDDEN_OR_HANDLED,
  },
  'lever-travel': {
    'to-grip': ANY_HOUR,
    pumped: RIDDEN_OR_HOURS,
    long: RIDDEN_OR_HOURS,
    spongy: RIDDEN_OR_HOURS,
  },
  'lever-hold': { sinks: RIDDEN_OR_HOURS },
  'lever-returns': { sticks: ANY_STORE, drag: ANY_STORE },
  'rim-pads': { 'to-holder': RIDDEN, 'line-gone': RIDDEN, oiled: RIDDEN_OR_HANDLED, uneven: RIDDEN },
  'rim-pads-track': {
    'on-tyre': RIDDEN_OR_HANDLED,
    'under-rim': RIDDEN_OR_HANDLED,
    'pad-loose': RIDDEN_OR_HANDLED,
    'track-worn': RIDDEN,
    'one-side': RIDDEN_OR_HANDLED,
    oiled: RIDDEN_OR_HANDLED,
  },
  'disc-pads': { thin: RIDDEN, near: RIDDEN, uneven: RIDDEN, oiled: ANY_HOUR, missing: RIDDEN_OR_HANDLED },
  rotor: {
    crack: RIDDEN,
    'blue-warped': RIDDEN,
    carrier: RIDDEN,
    'on-body': RIDDEN_OR_HANDLED,
    warped: RIDDEN_OR_HANDLED,
    scored: RIDDEN_OR_STORED,
    oiled: RIDDEN_OR_HANDLED,
  },
  'rotor-fixings': { missing: RIDDEN_OR_HANDLED, loose: RIDDEN },
  'brake-mounts': { loose: RIDDEN, missing: RIDDEN_OR_HANDLED },
  'brake-hose': {
    weep: ANY_HOUR,
    inner: RIDDEN_OR_HANDLED,
    taut: RIDDEN_OR_HANDLED,
    cover: RIDDEN_OR_HANDLED,
    rub: RIDDEN,
  },
  'brake-cable': { strand: ANY_STORE, taut: RIDDEN_OR_HANDLED, outer: ANY_STORE, cap: RIDDEN_OR_HANDLED },
  'drum-brake': { anchor: RIDDEN, arm: RIDDEN_OR_HANDLED },
  'trike-brake-balance': { pulls: RIDDEN_OR_HANDLED, parking: RIDDEN_OR_HANDLED },
  'levers-on-bar': {
    clamp: RIDDEN_OR_HANDLED,
    pivot: RIDDEN_OR_HANDLED,
    blade: RIDDEN_OR_HANDLED,
    bent: RIDDEN_OR_HANDLED,
  },
  'headset-play': {
    'strong-knock': RIDDEN,
    binds: RIDDEN_OR_STORED,
    knock: RIDDEN,
    notchy: RIDDEN_OR_STORED,
  },
  'fork-whole': {
    crack: RIDDEN,
    bend: RIDDEN_OR_HANDLED,
    carbon: RIDDEN_OR_HANDLED,
    weep: RIDDEN_OR_HOURS,
    scratch: RIDDEN_OR_HANDLED,
  },
  'trike-linkage': { play: RIDDEN, bolt: RIDDEN_OR_HANDLED, boom: RIDDEN_OR_HANDLED, toe: RIDDEN_OR_HANDLED },
  'cargo-steering': { play: RIDDEN, nut: RIDDEN_OR_HANDLED, bent: RIDDEN_OR_HANDLED, boot: ANY_STORE },
  'quill-mark': { mark: RIDDEN_OR_HANDLED, locknut: RIDDEN },
  'adjustable-stem': { moves: RIDDEN_OR_HANDLED, teeth: RIDDEN },
  bars: {
    slips: RIDDEN_OR_HANDLED,
    bent: RIDDEN_OR_HANDLED,
    carbon: RIDDEN_OR_HANDLED,
    'deep-gouge': RIDDEN_OR_HANDLED,
    gouge: RIDDEN_OR_HANDLED,
  },
  grips: { turns: ['outing', 'handling', 'age'], 'open-end': RIDDEN_OR_HANDLED, torn: RIDDEN_OR_HANDLED },
  'folding-hinge': { unlocked: RIDDEN_OR_HANDLED, line: RIDDEN, play: RIDDEN },
  'suspension-pivots': { loose: RIDDEN_OR_HANDLED, unexplained: RIDDEN, play: RIDDEN, oil: RIDDEN_OR_HOURS },
  'crank-arms': {
    loose: RIDDEN,
    cracked: RIDDEN_OR_HANDLED,
    'bracket-play': RIDDEN,
    'ring-bolt': RIDDEN_OR_HANDLED,
    'ring-moves': RIDDEN_OR_HANDLED,
  },
  pedals: { loose: RIDDEN, crossed: RIDDEN, cracked: RIDDEN_OR_HANDLED, play: RIDDEN },
  cleats: { holds: ANY_STORE, uneven: ANY_STORE },
  'chain-joined': { open: RIDDEN_OR_HANDLED, stiff: RIDDEN_OR_STORED, dry: RIDDEN_OR_STORED },
  belt: { teeth: ANY_STORE, slack: RIDDEN, line: RIDDEN_OR_HANDLED },
  'chain-slack': { 'comes-off': RIDDEN_OR_HANDLED, slack: RIDDEN, tight: RIDDEN_OR_HANDLED },
  'trike-idler': { jams: RIDDEN_OR_HANDLED, loose: RIDDEN, tube: ['outing', 'handling', 'age'] },
  shifts: { 'over-end': RIDDEN_OR_HANDLED, hesitates: ANY_STORE },
  'front-derailleur': {
    'over-end': RIDDEN_OR_HANDLED,
    hits: RIDDEN_OR_HANDLED,
    loose: RIDDEN,
    rubs: RIDDEN_OR_HANDLED,
  },
  hanger: { 'near-spokes': RIDDEN_OR_HANDLED, loose: RIDDEN, bent: RIDDEN_OR_HANDLED },
  'saddle-tight': { moves: RIDDEN_OR_HANDLED, 'rail-cracked': RIDDEN, 'rail-bent': RIDDEN_OR_HANDLED },
  'post-depth': { mark: RIDDEN_OR_HANDLED, turns: RIDDEN_OR_HANDLED, dropper: RIDDEN_OR_HOURS },
  'motor-stops': { 'runs-on': ANY_HOUR, 'cuts-out': ['outing', 'hours', 'weather'], wire: RIDDEN_OR_HANDLED },
  'parking-brake': { fails: ANY_HOUR, drags: RIDDEN_OR_HANDLED },
  'child-seat': { mount: RIDDEN_OR_HANDLED, buckle: ANY_STORE, guard: RIDDEN_OR_HANDLED },
  hitch: { pin: RIDDEN_OR_HANDLED, loose: RIDDEN_OR_HANDLED },
  'cargo-straps': { box: RIDDEN_OR_HANDLED, belt: ANY_STORE, stand: RIDDEN_OR_HANDLED },
  loads: { 'in-wheel': RIDDEN_OR_HANDLED, drops: RIDDEN_OR_HANDLED, loose: RIDDEN_OR_HANDLED },
  'trike-flag': { missing: ['outing', 'handling', 'weather'] },
  'suspension-ring': { stuck: RIDDEN_OR_HOURS, 'ring-gone': RIDDEN_OR_HANDLED },
  'bell-lights': { 'legal-missing': ANY_HOUR, weak: ANY_HOUR },
};

const NAMES = new Map(
  CHECKPOINTS.flatMap((checkpoint) =>
    checkpoint.faults.map((fault) => [`${checkpoint.key} ${fault.key}`, fault.name] as const),
  ),
);

/** What can make a fault arise; undefined where nobody said, or where it is no longer the fault that was meant. */
export function causesOfFault(
  checkpoint: string,
  fault: { readonly key: string; readonly name: string },
): readonly Cause[] | undefined {
  return NAMES.get(`${checkpoint} ${fault.key}`) === fault.name
    ? CAUSES_OF[checkpoint]?.[fault.key]
    : undefined;
}
