import type { PolicyVersion, ChecklistVersion } from '@cadre/core/catalogue';

export interface CatalogueEvents {
  'checklist.published': { hash: string; checklist: ChecklistVersion; note?: string; reason?: string };
  'checklist.draft-saved': { key: string; base: string | null; checklist: ChecklistVersion };
  'checklist.draft-dropped': { key: string };
  'policy.published': { hash: string; policy: PolicyVersion };
}
