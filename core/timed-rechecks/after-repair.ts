import type { Position, Touched } from '@cadre/core/catalogue';
import type { Finding } from '@cadre/core/findings';
import type { Joint } from '@cadre/core/fleet';
import type { TimedRecheckKind } from './timed-recheck';

/** A look that the work itself asks for, after so many outings. */
export interface LaterLook {
  readonly of: 'wheel' | 'joints' | 'was-loose';
  readonly kind: TimedRecheckKind;
  readonly position: Position;
  readonly outings: number;
  /** Of joints: those that were torqued; of what was loose: its finding. */
  readonly joints: readonly Joint[];
  readonly finding: Pick<Finding, 'id' | 'words' | 'position'> | null;
}

/** New spokes, wheels and joints settle in their first outings. What was loose shows after its next. */
const SETTLED_AFTER = 3;
const LOOSE_AFTER = 1;

/** Faults that say a joint had come loose. */
const LOOSE: ReadonlySet<string> = new Set([
  ...['loose', 'pad-loose', 'carrier', 'mount', 'box', 'anchor'],
  ...['pivot', 'nut', 'bolt', 'locknut', 'idler'],
]);

/** What a repair that is done asks to be looked at again by itself, so that nobody has to remember it. */
export function looksAfterRepair(repair: {
  readonly touched: readonly Touched[];
  readonly torqued: readonly Joint[];
  readonly findings: readonly Finding[];
}): readonly LaterLook[] {
  const trued = [
    ...new Set(repair.touched.flatMap(({ touch, position }) => (touch === 'wheel-trued' ? [position] : []))),
  ];
  const joints = [...new Set(repair.torqued)];
  return [
    ...trued.map((position): LaterLook => ({
      ...{ of: 'wheel', kind: 'recheck', position, outings: SETTLED_AFTER },
      ...{ joints: [], finding: null },
    })),
    ...(joints.length > 0
      ? [
          {
            ...({ of: 'joints', kind: 're-torque', position: 'only', outings: SETTLED_AFTER } as const),
            ...{ joints, finding: null },
          },
        ]
      : []),
    ...repair.findings
      .filter((finding) => LOOSE.has(finding.fault))
      .map((finding): LaterLook => ({
        ...{ of: 'was-loose', kind: 'recheck', position: finding.position, outings: LOOSE_AFTER },
        ...{ joints: [], finding },
      })),
  ];
}
