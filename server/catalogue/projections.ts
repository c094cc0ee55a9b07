import type { Projections } from '@cadre/server/platform/event-log';
import { policyEntity, sheetDraftEntity, sheetEntity } from './entities';
import type { CatalogueEvents } from './events';

export const catalogueProjections: Projections<CatalogueEvents> = {
  async 'sheet.published'(tx, { body: { hash, sheet, note = '', reason = '' }, author, happenedAt }) {
    const { key, version, clears } = sheet;
    const published = { publishedBy: author, publishedAt: new Date(happenedAt) };
    await tx
      .getRepository(sheetEntity)
      .insert({ hash, key, version, sheet, note, reason, clears, ...published });
    await tx.getRepository(sheetDraftEntity).delete({ key });
  },
  async 'sheet.draft-saved'(tx, { body: { key, base, sheet }, author, happenedAt }) {
    const drafts = tx.getRepository(sheetDraftEntity);
    const version = ((await drafts.findOneBy({ key }))?.version ?? 0) + 1;
    await drafts.save({ key, base, sheet, savedBy: author ?? '', savedAt: new Date(happenedAt), version });
  },
  async 'sheet.draft-dropped'(tx, { body }) {
    await tx.getRepository(sheetDraftEntity).delete({ key: body.key });
  },
  async 'policy.published'(tx, { body: { hash, policy }, author, happenedAt }) {
    const published = { publishedBy: author, publishedAt: new Date(happenedAt) };
    await tx.getRepository(policyEntity).insert({ hash, version: policy.version, policy, ...published });
  },
};
