import { boltOrder } from '@cadre/core/measures';

/** A pull counts for its stage from so much of it on: a wrench clicks a little early. */
const REACHED = 0.97;

/** What is tightened next on a joint: which bolt, to which stage. Done: every bolt reached the last stage. */
export type NextPull =
  | { readonly state: 'pull'; readonly stage: number; readonly bolt: number; readonly newtonMetres: number }
  | { readonly state: 'done'; readonly newtonMetres: number };

export type PullAnswer =
  | { readonly state: 'reached' }
  /** Not there yet: the same bolt again. */
  | { readonly state: 'short'; readonly wanted: number }
  /** Over what the joint takes: loosened and begun again, and never recorded as tight. */
  | { readonly state: 'over'; readonly most: number };

/** A joint as it is tightened: its stages in N m, the last its target, its bolts, and the most it takes (null: nothing is stated). */
export interface TorqueRun {
  readonly stages: readonly number[];
  readonly bolts: number;
  readonly most: number | null;
}

/** What is tightened next after these pulls, each of which reached its stage: all bolts in their order to one stage, then to the next. */
export function nextPull({ stages, bolts }: TorqueRun, pulls: readonly number[]): NextPull {
  const order = boltOrder(bolts);
  const inTurn = order.ok ? order.value : [1];
  const target = stages[Math.floor(pulls.length / inTurn.length)];
  if (target === undefined)
    return { state: 'done', newtonMetres: Math.max(...pulls.slice(-inTurn.length), 0) };
  return {
    ...{ state: 'pull', stage: Math.floor(pulls.length / inTurn.length) },
    ...{ bolt: inTurn[pulls.length % inTurn.length] ?? 1, newtonMetres: target },
  };
}

/** What a reading of the wrench, N m, is for the pull that is due. */
export function pullAnswer(run: TorqueRun, pulls: readonly number[], newtonMetres: number): PullAnswer {
  if (run.most !== null && newtonMetres > run.most + 1e-9) return { state: 'over', most: run.most };
  const next = nextPull(run, pulls);
  return next.state === 'pull' && newtonMetres < next.newtonMetres * REACHED
    ? { state: 'short', wanted: next.newtonMetres }
    : { state: 'reached' };
}
