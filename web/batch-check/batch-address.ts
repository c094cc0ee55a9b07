import { ZONES, type Zone } from '@cadre/core/catalogue';
import type { BatchScope } from '@cadre/core/batch-check';
import { EACH_RIDE_OUT } from './use-batch-checklists';

/** What a batch is of, as its address says it: whoever opens the same address sees the same batch. */
export interface BatchAddress {
  readonly tags: readonly string[];
  readonly checklistKey: string;
  readonly scope: BatchScope;
  readonly way: 'batch' | 'paper';
}

type Query = Readonly<Record<string, string | null | readonly (string | null)[] | undefined>>;
const one = (query: Query, key: string): string => {
  const value = query[key];
  return typeof value === 'string' ? value : '';
};

export function scopeText(scope: BatchScope): string {
  return scope.kind === 'checklist'
    ? ''
    : scope.kind === 'wash'
      ? 'wash'
      : scope.kind === 'zone'
        ? `zone:${scope.zone}`
        : `look:${scope.checkpoint}`;
}

export function readScope(text: string): BatchScope {
  const [kind, key = ''] = text.split(':');
  if (kind === 'zone' && (ZONES as readonly string[]).includes(key))
    return { kind: 'zone', zone: key as Zone };
  if (kind === 'wash') return { kind: 'wash' };
  if (kind === 'look' && key) return { kind: 'checkpoint', checkpoint: key };
  return { kind: 'checklist' };
}

export function readLineAddress(query: Query): BatchAddress {
  return {
    tags: one(query, 'bikes').split(',').filter(Boolean),
    checklistKey: one(query, 'checklist') || EACH_RIDE_OUT,
    scope: readScope(one(query, 'of')),
    way: one(query, 'way') === 'paper' ? 'paper' : 'batch',
  };
}

export function batchQuery(address: BatchAddress): Record<string, string> {
  const of = scopeText(address.scope);
  return {
    bikes: address.tags.join(','),
    ...(address.checklistKey === EACH_RIDE_OUT ? {} : { checklist: address.checklistKey }),
    ...(of ? { of } : {}),
    ...(address.way === 'paper' ? { way: 'paper' } : {}),
  };
}
