import { asBuilt, coverageOf, type Coverage } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type BikeKind } from '@cadre/core/fleet';
import { CHECKPOINTS, SHIPPED_SHEETS } from './sheets';

export interface WalkedPair extends Coverage {
  readonly sheet: string;
  readonly kind: BikeKind;
}

/** Every shipped sheet over every kind of bike as usually built: asked, ruled out, critical, minutes. */
export function walkSheets(): readonly WalkedPair[] {
  return SHIPPED_SHEETS.flatMap((sheet) =>
    BIKE_KINDS.map((kind) => ({
      sheet: sheet.key,
      kind,
      ...coverageOf(sheet, asBuilt(USUAL_BUILD[kind]), CHECKPOINTS),
    })),
  );
}
