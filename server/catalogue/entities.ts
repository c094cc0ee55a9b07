import { EntitySchema } from 'typeorm';
import type { PolicyVersion, SheetVersion } from '@cadre/core/catalogue';
import { digest, json, whole, word } from '@cadre/server/database';

export interface SheetRow {
  hash: string;
  key: string;
  version: number;
  sheet: SheetVersion;
}
export const sheetEntity = new EntitySchema<SheetRow>({
  name: 'sheet_version',
  columns: { hash: digest({ primary: true }), key: word(), version: whole(), sheet: json() },
  indices: [{ name: 'sheet_key', columns: ['key', 'version'] }],
});

export interface PolicyRow {
  hash: string;
  version: number;
  policy: PolicyVersion;
}
export const policyEntity = new EntitySchema<PolicyRow>({
  name: 'policy_version',
  columns: { hash: digest({ primary: true }), version: whole(), policy: json() },
  indices: [{ name: 'policy_version_number', columns: ['version'], unique: true }],
});
