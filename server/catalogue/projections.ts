import type { Projections } from '@cadre/server/platform/event-log';
import { policyEntity, checklistDraftEntity, checklistEntity } from './entities';
import type { CatalogueEvents } from './events';

export const catalogueProjections: Projections<CatalogueEvents> = {
  async 'checklist.published'(tx, { body: { hash, checklist, note = '', reason = '' }, author, happenedAt }) {
    const { key, version, clears } = checklist;
    const published = { publishedBy: author, publishedAt: new Date(happenedAt) };
    await tx
      .getRepository(checklistEntity)
      .insert({ hash, key, version, checklist, note, reason, clears, ...published });
    await tx.getRepository(checklistDraftEntity).delete({ key });
  },
  async 'checklist.draft-saved'(tx, { body: { key, base, checklist }, author, happenedAt }) {
    const drafts = tx.getRepository(checklistDraftEntity);
    const version = ((await drafts.findOneBy({ key }))?.version ?? 0) + 1;
    await drafts.save({
      key,
      base,
      checklist,
      savedBy: author ?? '',
      savedAt: new Date(happenedAt),
      version,
    });
  },
  async 'checklist.draft-dropped'(tx, { body }) {
    await tx.getRepository(checklistDraftEntity).delete({ key: body.key });
  },
  async 'policy.published'(tx, { body: { hash, policy }, author, happenedAt }) {
    const published = { publishedBy: author, publishedAt: new Date(happenedAt) };
    await tx.getRepository(policyEntity).insert({ hash, version: policy.version, policy, ...published });
  },
};
