import type { EntityManager } from 'typeorm';
import type { Round } from '@cadre/contract/rounds';
import { roundRows } from '@cadre/core/rounds';
import type { NewEvent } from '@cadre/server/platform/event-log';
import type { RoundEvents } from './events';
import { describeRounds, findRound } from './read';

/** Ends a round that is not wanted any more: the same reason stands with every bike not done. */
export async function roundClosed(
  tx: EntityManager,
  id: string,
  why: string,
  now: number,
): Promise<NewEvent<RoundEvents>> {
  const [round] = (await describeRounds(tx, [await findRound(tx, id)], now)) as [Round];
  const left = roundRows(round.bikeIds, round.looks, now).filter((row) => row.state !== 'done');
  return {
    kind: 'round.closed',
    body: { roundId: id, undone: left.map(({ bikeId }) => ({ bikeId, why })) },
  };
}
