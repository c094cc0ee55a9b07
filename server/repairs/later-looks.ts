import { v7 as newId } from 'uuid';
import { looksAfterRepair, type LaterLook, type TimedRecheck } from '@cadre/core/timed-rechecks';
import type { NewEvent } from '@cadre/server/platform/event-log';
import type { RepairEvents } from './events';
import * as t from './messages';

/** What a repair sets by itself. The kind is of the timed rechecks, further up: they make the row of it. */
export interface LaterEvents {
  'timed-recheck.set': { bikeId: string; recheck: TimedRecheck };
}

const wordsOf = ({ of, joints, finding }: LaterLook): string =>
  of === 'wheel'
    ? t.wheelAfterWork
    : of === 'joints'
      ? t.boltsAfterRepair({ joints: joints.map((joint) => joint.replaceAll('-', ' ')).join(', ') })
      : t.looseBefore({ checkpoint: finding?.words.checkpoint ?? '' });

/** The looks after some outings that the work of a repair asks for, as if somebody had set them. */
export function laterLooks(
  done: RepairEvents['repair.done'],
  by: string,
  at: number,
): readonly NewEvent<LaterEvents>[] {
  const { bikeId, touched, torques = [], findings } = done;
  return looksAfterRepair({ touched, torqued: torques.map(({ joint }) => joint), findings }).map((look) => ({
    kind: 'timed-recheck.set',
    happenedAt: at,
    body: {
      bikeId,
      recheck: {
        ...{ id: newId(), kind: look.kind, what: wordsOf(look).slice(0, 120), position: look.position },
        ...{ since: at, by, dueAt: null, outings: look.outings, outingsUsed: 0, raisedAt: null },
        ...{ gauged: null, floor: null },
      },
    },
  }));
}
