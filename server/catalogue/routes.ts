import {
  listChecklists,
  getChecklist,
  checklistVersions,
  publishChecklist,
  listDrafts,
  saveDraft,
  dropDraft,
} from '@cadre/contract/catalogue';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Catalogue } from './service';

export const catalogueRoutes = (catalogue: Catalogue): readonly Implemented[] => [
  answering(listChecklists, async (_call, actor) => catalogue.list(actor)),
  answering(getChecklist, async ({ params }, actor) => catalogue.get(actor, params.hash)),
  answering(checklistVersions, async ({ params }, actor) => catalogue.versions(actor, params.key)),
  answering(publishChecklist, async ({ body }, actor) => catalogue.publish(actor, body)),
  answering(listDrafts, async (_call, actor) => catalogue.drafts(actor)),
  answering(saveDraft, async ({ params, body }, actor) => catalogue.saveDraft(actor, params.key, body)),
  answering(dropDraft, async ({ params, body }, actor) => catalogue.dropDraft(actor, params.key, body)),
];
