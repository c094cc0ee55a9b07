import type { PrepStepKind } from '@cadre/core/event-prep';
import * as t from './messages';

/** What is done before an event, in words. */
export const stepWords: Readonly<Record<PrepStepKind, { readonly name: string; readonly says: string }>> = {
  order: { name: t.order, says: t.orderSays },
  clean: { name: t.clean, says: t.cleanSays },
  soak: { name: t.soak, says: t.soakSays },
  morning: { name: t.morning, says: t.morningSays },
};
