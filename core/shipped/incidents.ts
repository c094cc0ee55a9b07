import type { By, Checkpoint } from '@cadre/core/catalogue';
import type { IncidentKind } from '@cadre/core/incidents';

/** What the catalogue says brings a fault, for what happened to a bike. Transport has no cause of its own: checkpoints name it. */
const CAUSE: Partial<Record<IncidentKind, By>> = { crash: 'crash', immersion: 'water' };

/**
 * Checkpoints with a stop fault that any outing may bring, and a crash still does not. A checkpoint that is not here is asked after a crash: none
 * can be forgotten.
 */
export const NOT_BY_CRASH: Readonly<Record<string, string>> = {
  'rim-pads': 'Worn or oiled by riding; how the pads meet the rim is asked.',
  'disc-pads': 'Worn or oiled by riding; rotor and caliper are asked.',
  'tyre-pressure': 'Lost air shows under the thumb; the gauge belongs to the next ride-out.',
  'lever-reach': 'Set for the next rider; lever and clamp are asked.',
  'saddle-set': 'Set for the next rider; saddle and post are asked.',
};

function isBroughtBy(checkpoint: Checkpoint, kind: IncidentKind): boolean {
  const cause = CAUSE[kind];
  const stops = checkpoint.faults.filter((fault) => fault.floor === 'stop');
  if (cause && stops.some((fault) => fault.by?.includes(cause))) return true;
  return kind === 'crash' && stops.some((fault) => !fault.by) && !Object.hasOwn(NOT_BY_CRASH, checkpoint.key);
}

/** Everything the catalogue says this can do to a bike: what a checklist after it asks, in the catalogue's order. */
export function checkpointsAfter(
  kind: IncidentKind,
  catalogue: readonly Checkpoint[],
): readonly Checkpoint[] {
  return catalogue.filter(
    (checkpoint) => checkpoint.disturbedBy?.includes(kind) || isBroughtBy(checkpoint, kind),
  );
}
