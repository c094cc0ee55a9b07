import {
  listSheets,
  getSheet,
  sheetVersions,
  publishSheet,
  listDrafts,
  saveDraft,
  dropDraft,
} from '@cadre/contract/catalogue';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Catalogue } from './service';

export const catalogueRoutes = (catalogue: Catalogue): readonly Implemented[] => [
  answering(listSheets, async (_call, actor) => catalogue.list(actor)),
  answering(getSheet, async ({ params }, actor) => catalogue.get(actor, params.hash)),
  answering(sheetVersions, async ({ params }, actor) => catalogue.versions(actor, params.key)),
  answering(publishSheet, async ({ body }, actor) => catalogue.publish(actor, body)),
  answering(listDrafts, async (_call, actor) => catalogue.drafts(actor)),
  answering(saveDraft, async ({ params, body }, actor) => catalogue.saveDraft(actor, params.key, body)),
  answering(dropDraft, async ({ params, body }, actor) => catalogue.dropDraft(actor, params.key, body)),
];
