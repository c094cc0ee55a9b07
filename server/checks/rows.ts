import { DAY_MS } from '@cadre/core/time';
import { itemContent } from '@cadre/core/authorship';
import type { NewMark } from '@cadre/contract/checks';
import type { Mark } from '@cadre/core/checks';
import type { Item } from '@cadre/server/people';
import type { Actor } from '@cadre/server/platform/http';
import type { CheckRow, MarkRow } from './entities';

/** A mark as core knows it. Who delivered it and how it was signed is the record's business. */
export function markOf(row: MarkRow): Mark {
  const { checkId: _check, device: _device, deliveredBy: _deliverer, proof: _proof, ...said } = row;
  const { at, recordedAt: _recorded, reading, writerId, counter, ...rest } = said;
  return {
    ...rest,
    at: at.getTime(),
    writerId: writerId ?? row.author,
    counter: counter ?? 0,
    ...(reading ? { reading } : {}),
  };
}

/** A mark as it is stored, delivered by this session. */
export function rowOf(
  checkId: string,
  mark: NewMark,
  { actor, recordedAt }: { readonly actor: Actor; readonly recordedAt: number },
  proven = false,
): MarkRow {
  return {
    ...mark,
    checkId,
    reading: mark.reading ?? null,
    at: new Date(mark.at),
    recordedAt: new Date(recordedAt),
    device: actor.device,
    deliveredBy: mark.author === actor.id ? null : actor.id,
    proof: (proven && mark.proof) || null,
  };
}

/** What a mark is about. */
export type About = Pick<CheckRow, 'bikeId' | 'checklistHash'>;

/** So long before its check was begun a mark may have been given and still be of it. */
const BEFORE_MS = DAY_MS;

/** A mark as something its author may have signed. One from long before its check is no mark of it in another person's hands. */
export function itemOf(
  { bikeId, checklistHash, openedAt }: About & { readonly openedAt?: Date },
  mark: NewMark,
  actor?: Actor,
): Item {
  const isStale =
    actor !== undefined && mark.author !== actor.id && mark.at < (openedAt?.getTime() ?? 0) - BEFORE_MS;
  const { id, author, writerId, counter, proof, outcome } = mark;
  return {
    kind: 'mark',
    id,
    author,
    content: itemContent({ bikeId, checklistHash }, mark),
    proof: isStale ? undefined : proof && { writerId, counter, ...proof },
    warns: outcome === 'fail' || outcome === 'watch',
  };
}
