import { itemContent } from '@cadre/core/authorship';
import type { NewMark } from '@cadre/contract/checks';
import type { Mark } from '@cadre/core/checks';
import type { Item } from '@cadre/server/people';
import type { Actor } from '@cadre/server/platform/http';
import type { CheckRow, MarkRow } from './entities';

/** A mark as core knows it. Who delivered it and how it was signed is the record's business. */
export function markOf(row: MarkRow): Mark {
  const { checkId: _check, device: _device, deliveredBy: _deliverer, proof: _proof, ...said } = row;
  const { at, reading, writerId, counter, ...rest } = said;
  return {
    ...rest,
    at: at.getTime(),
    writerId: writerId ?? row.author,
    counter: counter ?? 0,
    ...(reading ? { reading } : {}),
  };
}

/** A mark as it is stored, delivered by this session. */
export function rowOf(checkId: string, mark: NewMark, actor: Actor, proven = false): MarkRow {
  return {
    ...mark,
    checkId,
    reading: mark.reading ?? null,
    at: new Date(mark.at),
    device: actor.device,
    deliveredBy: mark.author === actor.id ? null : actor.id,
    proof: (proven && mark.proof) || null,
  };
}

/** What a mark is about. */
export type About = Pick<CheckRow, 'bikeId' | 'checklistHash'>;

/** A mark as something its author may have signed. */
export function itemOf({ bikeId, checklistHash }: About, mark: NewMark): Item {
  const { id, author, writerId, counter, proof, outcome } = mark;
  return {
    kind: 'mark',
    id,
    author,
    content: itemContent({ bikeId, checklistHash }, mark),
    proof: proof && { writerId, counter, ...proof },
    warns: outcome === 'fail' || outcome === 'watch',
  };
}
