import type { Build } from '@cadre/core/fleet';
import type { Checkpoint } from './checkpoint';
import type { RouteKey } from './route';
import { holds } from './rule';
import type { Position, Zone } from './words';

export interface SheetItem {
  readonly checkpoint: Checkpoint;
  /** Without it a check on this sheet is incomplete. */
  readonly critical: boolean;
  /** Asked only here, where the checkpoint could be asked in more places (a re-look of one wheel). */
  readonly positions?: readonly Position[] | undefined;
}

/** How long a complete, signed check counts. */
export type Validity = { readonly until: 'end-of-day-or-return' } | { readonly until: 'never' };

/**
 * A published choice of checkpoints with their wording frozen in. It never changes; what the record
 * names is the hash of this document.
 */
export interface SheetVersion {
  readonly schema: 1;
  readonly key: string;
  readonly version: number;
  readonly name: string;
  readonly purpose: string;
  readonly route: RouteKey;
  /** Whether a complete check on it makes a bike valid for going out. A re-look never does. */
  readonly clears: boolean;
  readonly validity: Validity;
  readonly items: readonly SheetItem[];
}

/** One question of a check: a checkpoint at one position of this bike. */
export interface Asked {
  readonly key: string;
  readonly checkpoint: Checkpoint;
  readonly position: Position;
  readonly zone: Zone;
  readonly critical: boolean;
}

export function askedKey(checkpoint: string, position: Position): string {
  return `${checkpoint}@${position}`;
}

function positionsOf(at: 'only' | 'front' | 'rear', build: Build): readonly Position[] {
  return at === 'front' && build.kind === 'trike' ? ['left-front', 'right-front'] : [at];
}

/** What this sheet asks of this build, in the sheet's order. What the build rules out is not in it. */
export function askedOf(sheet: SheetVersion, build: Build): readonly Asked[] {
  return sheet.items.flatMap(({ checkpoint, critical, positions }) =>
    (['only', 'front', 'rear'] as const).flatMap((at) => {
      const zone = checkpoint.at[at];
      if (!zone) return [];
      return positionsOf(at, build)
        .filter((position) => !positions || positions.includes(position))
        .filter((position) => holds(checkpoint.applies, build, position))
        .map((position) => ({ key: askedKey(checkpoint.key, position), checkpoint, position, zone, critical }));
    }),
  );
}

/**
 * The critical questions a sheet asks of a bike built anew that it did not ask of it before: what nobody has
 * looked at, however complete the last check was. Source: a critical nobody looked at does not clear a bike.
 */
export function newCriticals(sheet: SheetVersion, before: Build, after: Build): readonly string[] {
  const known = new Set(askedOf(sheet, before).map((asked) => asked.key));
  return askedOf(sheet, after)
    .filter((asked) => asked.critical && !known.has(asked.key))
    .map((asked) => asked.key);
}
