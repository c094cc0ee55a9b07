import type { Labelled } from '@cadre/core/labels';
import type { Projections } from '@cadre/server/platform/event-log';

export interface LabelEvents {
  /** Codes were made, and those before them ended where there were any. The record has their hashes: it is handed on, and a code opens a page. */
  'labels.made': {
    kind: Labelled;
    labels: readonly { readonly subjectId: string; readonly hash: string; readonly renewed: boolean }[];
  };
}

export const labelProjections: Projections<LabelEvents> = {
  // The codes themselves are in a table no rebuild touches.
  'labels.made': async () => undefined,
};
