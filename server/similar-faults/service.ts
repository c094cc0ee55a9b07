import { In, type DataSource, type EntityManager } from 'typeorm';
import type { listSimilarFaults } from '@cadre/contract/similar-faults';
import type { AnswerOf } from '@cadre/contract/http';
import { leastWork } from '@cadre/core/catalogue';
import { similarFaults, TELLING_WORK_MS } from '@cadre/core/findings';
import { publishedChecklists } from '@cadre/server/catalogue';
import { findFinding } from '@cadre/server/findings';
import { bikeEntity } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { havingFault, lookedSince, matesOf } from './mates';

/** The checklist a line of one look takes: each bike's own ride-out where that asks it, else the shortest that does. */
async function checklistFor(tx: EntityManager, checkpoint: string): Promise<string | null> {
  const asking = (await publishedChecklists(tx)).filter(({ checklist }) =>
    checklist.items.some((item) => item.checkpoint.key === checkpoint),
  );
  if (asking.some(({ checklist }) => checklist.clears)) return null;
  return asking.sort((a, b) => a.checklist.items.length - b.checklist.items.length)[0]?.key ?? null;
}

export class SimilarFaults {
  constructor(private readonly source: DataSource) {}

  /** The bikes where the fault of a finding may be too, and whether somebody has looked there since. */
  async of(actor: Actor, id: string): Promise<AnswerOf<typeof listSimilarFaults>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const { bikeId, finding } = await findFinding(tx, id);
    const mates = await matesOf(tx, new Date(finding.openedAt - TELLING_WORK_MS));
    const own = mates.find((mate) => mate.bikeId === bikeId);
    const touches = leastWork(finding).map((each) => each.touch);
    const siblings = own ? similarFaults(finding, own, mates, touches) : [];
    const ids = siblings.map((sibling) => sibling.bikeId);
    const looked = await lookedSince(tx, ids, finding.checkpoint, new Date(finding.openedAt));
    const found = await havingFault(tx, ids, finding.checkpoint, finding.fault);
    const tags = new Map(
      (
        await tx.getRepository(bikeEntity).find({ where: { id: In(ids) }, select: { id: true, tag: true } })
      ).map((bike) => [bike.id, bike.tag]),
    );
    return {
      siblings: siblings.map((sibling) => ({
        ...sibling,
        tag: tags.get(sibling.bikeId) ?? '',
        lookedAt: looked.get(sibling.bikeId) ?? null,
        found: found.has(sibling.bikeId),
      })),
      checkpoint: finding.checkpoint,
      checklistKey: await checklistFor(tx, finding.checkpoint),
    };
  }
}
