import type { PolicyVersion, ChecklistVersion } from '@cadre/core/catalogue';
import type { Projections } from '@cadre/server/platform/event-log';
import { policyEntity, checklistDraftEntity, checklistEntity } from './entities';

export interface CatalogueEvents {
  'checklist.published': { hash: string; checklist: ChecklistVersion; note?: string; reason?: string };
  'checklist.draft-saved': { key: string; base: string | null; checklist: ChecklistVersion };
  'checklist.draft-dropped': { key: string };
  'policy.published': { hash: string; policy: PolicyVersion };
}

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
