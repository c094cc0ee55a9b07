import { ZONES, type Zone } from '@cadre/core/catalogue';
import type { LineScope } from '@cadre/core/line';
import { EACH_RIDE_OUT } from './use-line';

/** What a line is of, as its address says it: whoever opens the same address sees the same line. */
export interface LineAddress {
  readonly tags: readonly string[];
  readonly checklistKey: string;
  readonly scope: LineScope;
  readonly way: 'line' | 'paper';
}

type Query = Readonly<Record<string, string | null | readonly (string | null)[] | undefined>>;
const one = (query: Query, key: string): string => {
  const value = query[key];
  return typeof value === 'string' ? value : '';
};

export function scopeText(scope: LineScope): string {
  return scope.kind === 'checklist'
    ? ''
    : scope.kind === 'zone'
      ? `zone:${scope.zone}`
      : `look:${scope.checkpoint}`;
}

export function readScope(text: string): LineScope {
  const [kind, key = ''] = text.split(':');
  if (kind === 'zone' && (ZONES as readonly string[]).includes(key))
    return { kind: 'zone', zone: key as Zone };
  if (kind === 'look' && key) return { kind: 'checkpoint', checkpoint: key };
  return { kind: 'checklist' };
}

export function readLineAddress(query: Query): LineAddress {
  return {
    tags: one(query, 'bikes').split(',').filter(Boolean),
    checklistKey: one(query, 'checklist') || EACH_RIDE_OUT,
    scope: readScope(one(query, 'of')),
    way: one(query, 'way') === 'paper' ? 'paper' : 'line',
  };
}

export function lineQuery(address: LineAddress): Record<string, string> {
  const of = scopeText(address.scope);
  return {
    bikes: address.tags.join(','),
    ...(address.checklistKey === EACH_RIDE_OUT ? {} : { checklist: address.checklistKey }),
    ...(of ? { of } : {}),
    ...(address.way === 'paper' ? { way: 'paper' } : {}),
  };
}
