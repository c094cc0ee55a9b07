import type { EntityManager } from 'typeorm';
import { leastWork, type PolicyVersion, type Position, type Touched } from '@cadre/core/catalogue';
import type { Happening } from '@cadre/core/exposure';
import { rulesOfProgram } from '@cadre/core/services';
import { CHECKPOINTS, shippedServices } from '@cadre/core/shipped';

/** What an entry of a bike's record says of what was done with the bike. A kind that is not here may have done anything. */
const SAYS: Readonly<Record<string, Happening['what'] | 'moved' | 'repaired' | 'serviced' | null>> = {
  'check.opened': null,
  'check.marked': null,
  'check.signed': null,
  'check.amended': null,
  'check.co-signed': null,
  'check.abandoned': null,
  'finding.closed': null,
  'finding.merged': null,
  'finding.severity-set': null,
  'finding.under-policy': null,
  'photo.added': null,
  'odometer.read': null,
  'repair.planned': null,
  'bike.released': null,
  'hang-tag.hung': 'handling',
  'bike.hung': 'handling',
  'repair.started': 'handling',
  'timed-recheck.set': 'handling',
  'timed-recheck.raised': null,
  'timed-recheck.answered': 'handling',
  'bike.moved': 'moved',
  'outing.started': null,
  'outing.ended': null,
  'repair.done': 'repaired',
  'service.done': 'serviced',
  'incident.reported': 'incident',
  'trace.saved': null,
  'trace.ended': null,
  'trace.proved': null,
  'trace.closed': null,
  'puncture.recorded': null,
  'sound.added': null,
};

interface Entry {
  readonly chain: string;
  readonly bikeId: string | null;
  readonly kind: string;
  readonly body: string;
  readonly recordedAt: Date;
}

type Body = Partial<{
  from: string;
  to: string;
  touched: readonly Touched[];
  service: string;
  bikes: readonly { readonly id: string }[];
}>;

const CHECKPOINT_OF = new Map(CHECKPOINTS.map((checkpoint) => [checkpoint.key, checkpoint]));

/** The usual work of a checkpoint, at every place it is asked. */
function workAt(key: string): readonly Touched[] {
  const checkpoint = CHECKPOINT_OF.get(key);
  return Object.entries(checkpoint?.at ?? {}).flatMap(([position, zone]) =>
    leastWork({ zone, position: position as Position, work: checkpoint?.work }),
  );
}

/**
 * What a service does to a bike, by its rule: the work it names and the usual work of the checkpoints it settles. Where the catalogue says that
 * it loosens nothing a hand was at the bike; where nothing says what it loosens it may have been anything.
 */
function serviceDone(service: string, policy: PolicyVersion): Omit<Happening, 'at'> {
  const rules = rulesOfProgram(shippedServices(policy.practices), policy.services);
  const { works = [], checkpoints = [] } = rules.find((rule) => rule.key === service)?.settledBy ?? {};
  const touched = [
    ...works.map((touch): Touched => ({ touch, position: 'only' })),
    ...checkpoints.flatMap(workAt),
  ];
  if (touched.length > 0) return { what: 'work', touched };
  const isSaid = checkpoints.length > 0 && checkpoints.every((key) => CHECKPOINT_OF.get(key)?.work);
  return { what: isSaid ? 'handling' : 'changed' };
}

function happeningOf({ kind, body, recordedAt }: Entry, policy: PolicyVersion): Happening | null {
  const says = SAYS[kind];
  const at = recordedAt.getTime();
  if (says === null) return null;
  if (says === undefined) return { at, what: 'changed' };
  if (says === 'handling' || says === 'incident') return { at, what: says };
  const told = JSON.parse(body) as Body;
  if (says === 'moved') return { at, what: told.from === 'out' || told.to === 'out' ? 'outing' : 'handling' };
  if (says === 'serviced') return { at, ...serviceDone(told.service ?? '', policy) };
  const touched = told.touched ?? [];
  // Work of which nobody said what it loosened may have loosened anything.
  return touched.length > 0 ? { at, what: 'work', touched } : { at, what: 'changed' };
}

/** The newest entry recorded before a moment, by its place in the record; what came after is all that can have happened since. */
async function ordinalBefore(tx: EntityManager, moment: number): Promise<number> {
  const [row] = await tx.query<{ ordinal: number | string }[]>(
    'SELECT ordinal FROM entry WHERE recordedAt < ? ORDER BY ordinal DESC LIMIT 1',
    [new Date(moment)],
  );
  return Number(row?.ordinal ?? 0);
}

/** What was done with each of these bikes since a moment, as the record tells it: dated by when it was recorded, for nothing can have happened after. */
export async function happeningsSince(
  tx: EntityManager,
  bikeIds: readonly string[],
  policy: PolicyVersion,
  moment: number,
): Promise<ReadonlyMap<string, readonly Happening[]>> {
  const after = await ordinalBefore(tx, moment);
  const entries = await tx.query<Entry[]>(
    'SELECT chain, bikeId, kind, body, recordedAt FROM entry WHERE bikeId IN (?) AND ordinal > ? ORDER BY ordinal',
    [bikeIds, after],
  );
  const models = await tx.query<Entry[]>(
    "SELECT chain, bikeId, kind, body, recordedAt FROM entry WHERE ordinal > ? AND kind = 'model.changed'",
    [after],
  );
  const byBike = new Map<string, Happening[]>(bikeIds.map((id) => [id, []]));
  const chains = new Map<string, string>();
  for (const entry of entries) {
    // Its record goes on at another site: what the way there did to it nobody says.
    const before = chains.get(entry.bikeId ?? '');
    chains.set(entry.bikeId ?? '', entry.chain);
    if (before !== undefined && before !== entry.chain)
      byBike.get(entry.bikeId ?? '')?.push({ at: entry.recordedAt.getTime(), what: 'changed' });
    const happening = happeningOf(entry, policy);
    if (happening) byBike.get(entry.bikeId ?? '')?.push(happening);
  }
  for (const { body, recordedAt } of models)
    for (const { id } of (JSON.parse(body) as Body).bikes ?? [])
      byBike.get(id)?.push({ at: recordedAt.getTime(), what: 'changed' });
  return byBike;
}
