import type { PolicyVersion, SheetVersion } from '@cadre/core/catalogue';

export interface CatalogueEvents {
  'sheet.published': { hash: string; sheet: SheetVersion; note?: string; reason?: string };
  'sheet.draft-saved': { key: string; base: string | null; sheet: SheetVersion };
  'sheet.draft-dropped': { key: string };
  'policy.published': { hash: string; policy: PolicyVersion };
}
