import { computed, type ComputedRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { SEVERITIES, type Severity } from '@cadre/core/catalogue';
import { isOverdue, type Finding } from '@cadre/core/findings';
import { plain, type BikeKind } from '@cadre/core/fleet';
import { useNow } from '@cadre/web/platform/time';
import { withPosition, ZONE_WORDS, KIND_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

/** A finding of the fleet as a row: what it is, where, since when, and how long it may ride. */
export interface FindingRow {
  readonly id: string;
  readonly bikeId: string;
  readonly tag: string;
  readonly kind: BikeKind;
  readonly finding: Finding;
  readonly what: string;
  readonly where: string;
  readonly severity: Severity;
  readonly overdue: boolean;
  readonly openedAt: number;
  /** When a soon becomes a stop; far off for what has no limit, so that it sorts last. */
  readonly until: number;
  readonly text: string;
}

export const FOUND_STATES = ['open', 'in-work', 'repaired', 'rechecked'] as const;
export type FoundState = (typeof FOUND_STATES)[number];

export const FOUND_STATE_WORDS: Record<FoundState, string> = {
  open: t.toRepair,
  'in-work': t.inRepair,
  repaired: t.toRecheck,
  rechecked: t.toRelease,
};

export interface FindingsInHand {
  readonly all: ComputedRef<readonly FindingRow[]>;
  readonly rows: ComputedRef<readonly FindingRow[]>;
  readonly search: ComputedRef<string>;
  readonly severities: ComputedRef<readonly Severity[]>;
  readonly states: ComputedRef<readonly FoundState[]>;
  set(part: { q?: string; severity?: readonly Severity[]; state?: readonly FoundState[] }): void;
}

const listed = <T extends string>(value: unknown, known: readonly T[]): readonly T[] =>
  typeof value === 'string' ? known.filter((each) => value.split(',').includes(each)) : [];

/** Every open finding of the fleet, with search and filters that stand in the address: a view is a bookmark. */
export function useFindings(): FindingsInHand {
  const fleet = useFleet();
  const route = useRoute();
  const router = useRouter();
  const now = useNow();
  const all = computed<readonly FindingRow[]>(() =>
    fleet.bikes.flatMap((bike) =>
      (bike.facts.findings as readonly Finding[]).map((finding): FindingRow => {
        const what = `${withPosition(finding.words.checkpoint, finding.position)}: ${finding.words.fault.toLowerCase()}`;
        const where = ZONE_WORDS[finding.zone];
        return {
          id: finding.id,
          bikeId: bike.id,
          tag: bike.tag,
          kind: bike.build.kind,
          finding,
          what,
          where,
          severity: finding.severity,
          overdue: isOverdue(finding, now.value),
          openedAt: finding.openedAt,
          until: finding.severity === 'soon' ? (finding.limit?.until ?? Infinity) : Infinity,
          text: plain(
            [
              bike.tag,
              bike.model,
              bike.size,
              KIND_WORDS[bike.build.kind],
              what,
              where,
              finding.words.note,
              fleet.nameOf(finding.openedBy),
            ].join(' '),
          ),
        };
      }),
    ),
  );
  const search = computed(() => (typeof route.query.q === 'string' ? route.query.q : ''));
  const severities = computed(() => listed(route.query.severity, SEVERITIES));
  const states = computed(() => listed(route.query.state, FOUND_STATES));
  const rows = computed(() => {
    const tokens = plain(search.value).split(' ').filter(Boolean);
    return all.value.filter(
      (row) =>
        tokens.every((token) => row.text.includes(token)) &&
        (severities.value.length === 0 || severities.value.includes(row.severity)) &&
        (states.value.length === 0 || (states.value as readonly string[]).includes(row.finding.state)),
    );
  });
  function set(part: { q?: string; severity?: readonly Severity[]; state?: readonly FoundState[] }): void {
    const said = Object.entries(part).map(
      ([key, value]) => [key, typeof value === 'string' ? value : value.join(',')] as const,
    );
    const query = Object.fromEntries(
      Object.entries({ ...route.query, ...Object.fromEntries(said) }).filter(([, text]) => text),
    );
    void router.replace({ query });
  }
  return { all, rows, search, severities, states, set };
}
