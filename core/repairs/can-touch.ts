import type { Touch } from '@cadre/core/catalogue';
import type { Build } from '@cadre/core/fleet';

/** Whether a bike built so can be worked on like that at all: nobody is offered a shock on a rigid bike. */
export function canTouch(touch: Touch, build: Pick<Build, 'assist' | 'rearSuspension' | 'fork'>): boolean {
  switch (touch) {
    case 'assist-wiring':
      return build.assist !== 'none';
    case 'rear-suspension':
      return build.rearSuspension !== 'none';
    case 'fork-suspension':
      return build.fork === 'suspension';
    default:
      return true;
  }
}
