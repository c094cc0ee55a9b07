import { asBuilt, coverageOf, type Coverage } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type Build } from '@cadre/core/fleet';
import { BUILT_OTHERWISE } from './built-otherwise';
import { CHECKPOINTS, SHIPPED_CHECKLISTS } from './checklists';

export interface WalkedPair extends Coverage {
  readonly checklist: string;
  /** A kind of bike as usually built, or the name of one built otherwise. */
  readonly bike: string;
}

/** Every shipped checklist over every kind of bike as usually built and over those built otherwise: asked, ruled out, critical, minutes. */
export function walkChecklists(): readonly WalkedPair[] {
  const bikes: readonly (readonly [string, Build])[] = [
    ...BIKE_KINDS.map((kind) => [kind, USUAL_BUILD[kind]] as const),
    ...Object.entries(BUILT_OTHERWISE),
  ];
  return SHIPPED_CHECKLISTS.flatMap((checklist) =>
    bikes.map(([bike, build]) => ({
      checklist: checklist.key,
      bike,
      ...coverageOf(checklist, asBuilt(build), CHECKPOINTS),
    })),
  );
}
