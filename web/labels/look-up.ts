import type { LabelCode } from '@cadre/contract/labels';

/** What a scanned code is on. Codes are loaded with the first scan of one. */
export async function lookUpCode(code: string): Promise<LabelCode | null> {
  const { useLabels } = await import('./use-labels');
  return useLabels().lookUp(code);
}
