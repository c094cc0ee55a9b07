import type { Rest } from './earlier-pass';

/** The questions that rest on one person's passes in one check. */
export interface RestsOfPass {
  readonly checkId: string;
  readonly by: string;
  /** When the last of them passed. */
  readonly at: number;
  readonly keys: readonly string[];
}

/** What rests, by whose passes in which check, the newest first. */
export function restsByPass(rests: readonly Rest[]): readonly RestsOfPass[] {
  const byPass = new Map<string, RestsOfPass>();
  for (const { key, checkId, by, at } of rests) {
    const pass = `${checkId} ${by}`;
    const before = byPass.get(pass);
    byPass.set(pass, {
      checkId,
      by,
      at: Math.max(at, before?.at ?? at),
      keys: [...(before?.keys ?? []), key],
    });
  }
  return [...byPass.values()].sort((a, b) => b.at - a.at);
}
