import type { correctClock } from '@cadre/contract/clock';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { isClockBehind } from '@cadre/core/fitness';
import { openFindingsSince } from '@cadre/server/findings';
import { recordedUntil, resetRecordedUntil } from '@cadre/server/fitness';
import { PROGRAM_CHAIN, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import type { ClockEvents } from './events';

/** What a lead says of the server's clock after it was set back. */
export class Clock {
  constructor(
    private readonly log: EventLog<ClockEvents>,
    private readonly now: () => number,
  ) {}

  async correct(actor: Actor, body: BodyOf<typeof correctClock>): Promise<AnswerOf<typeof correctClock>> {
    requireAct(actor, 'edit-program');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: body, author: actor.id, everySite: true },
      async (tx) => {
        const [from, to] = [await recordedUntil(tx), this.now()];
        if (!isClockBehind(to, from)) throw new RefusedError('clock.not-behind');
        if (from !== body.recordedUntil)
          throw new RefusedError('conflict.version', {}, { current: { recordedUntil: from } });
        const findings = (await openFindingsSince(tx, to)).map(({ bikeId, finding }) => ({
          bikeId,
          // As long as it was given, from now on.
          finding: finding.limit
            ? { ...finding, limit: { ...finding.limit, until: finding.limit.until - finding.openedAt + to } }
            : finding,
        }));
        await resetRecordedUntil(tx, to);
        return { kind: 'clock.corrected', body: { from, to, note: body.note, findings } };
      },
      async (tx) => ({ recordedUntil: await recordedUntil(tx), now: this.now() }),
    );
  }
}
