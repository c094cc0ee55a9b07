import type { Unmet } from '@cadre/core/day-plan';
import * as t from './messages';

/** Why a group goes short, and what would help. */
export const unmetWords: Readonly<Record<Unmet['because'], { readonly why: string; readonly help: string }>> =
  {
    'no-such-bike': { why: t.becauseNoBike, help: t.helpNoBike },
    'nobody-may': { why: t.becauseNobody, help: t.helpNobody },
    'no-time': { why: t.becauseNoTime, help: t.helpNoTime },
  };
