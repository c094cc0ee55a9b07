import { asBuilt, coverageOf, type Coverage } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type BikeKind } from '@cadre/core/fleet';
import { CHECKPOINTS, SHIPPED_CHECKLISTS } from './checklists';

export interface WalkedPair extends Coverage {
  readonly checklist: string;
  readonly kind: BikeKind;
}

/** Every shipped checklist over every kind of bike as usually built: asked, ruled out, critical, minutes. */
export function walkChecklists(): readonly WalkedPair[] {
  return SHIPPED_CHECKLISTS.flatMap((checklist) =>
    BIKE_KINDS.map((kind) => ({
      checklist: checklist.key,
      kind,
      ...coverageOf(checklist, asBuilt(USUAL_BUILD[kind]), CHECKPOINTS),
    })),
  );
}
