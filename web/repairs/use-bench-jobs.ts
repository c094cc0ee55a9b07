import { computed, type ComputedRef } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { StockItem } from '@cadre/contract/parts';
import type { Repair } from '@cadre/contract/repairs';
import { isStopNow, type Finding } from '@cadre/core/findings';
import { overdueServices, type DueService, type FitnessAnswer } from '@cadre/core/fitness';
import { likelyPart, placesOn } from '@cadre/core/parts';
import { jobMinutes, type BenchJob } from '@cadre/core/repairs';
import { useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';

const LOOK_ONLY = 10;

export interface BenchFacts {
  readonly answer: (bike: Bike) => FitnessAnswer;
  readonly items: () => readonly StockItem[];
  readonly repairs: () => readonly Repair[];
}

/** What stops the bike, or where nothing does what asks for a repair in time. */
function toRepair(bike: Bike, now: number): readonly Finding[] {
  const findings = bike.facts.findings as readonly Finding[];
  const stops = findings.filter((finding) => isStopNow(finding, now));
  return stops.length > 0
    ? stops
    : findings.filter((finding) => finding.severity === 'soon' || finding.severity === 'upkeep');
}

/** One of each part the findings likely take, where the house keeps one for this bike: of several the one that lies there. */
function likelyNeeds(
  bike: Bike,
  findings: readonly Finding[],
  items: readonly StockItem[],
): BenchJob['needs'] {
  const ids = findings.flatMap((finding) => {
    if (finding.state !== 'open' && finding.state !== 'in-work') return [];
    const part = likelyPart(finding);
    if (!part) return [];
    const fitting = items.filter(
      (item) =>
        item.kind === part.kind &&
        placesOn(item, { build: bike.build, modelId: bike.modelId }).includes(part.position),
    );
    const best = fitting.find((item) => item.onHand > 0) ?? fitting[0];
    return best ? [best.id] : [];
  });
  return [...new Set(ids)].map((itemId) => ({ itemId, count: ids.filter((id) => id === itemId).length }));
}

/** The jobs of the bench, each with what it takes and what it waits for. */
export function useBenchJobs({ answer, items, repairs }: BenchFacts): ComputedRef<readonly BenchJob[]> {
  const fleet = useFleet();
  const now = useNow();
  /** Overdue services that have a date or keep the bike in: planned work of the others waits for its day. */
  const pressing = (bike: Bike): readonly DueService[] =>
    overdueServices(bike.facts, now.value).filter((each) => each.overdue !== 'maintenance');
  /** Held, or kept in by nothing but a service: it may go out once the work is done. */
  const isFreed = (bike: Bike): boolean => {
    const { fitness, reasons } = answer(bike);
    return (
      fitness === 'held' ||
      (fitness === 'due' && reasons.every((reason) => reason.code === 'service-overdue'))
    );
  };
  const isJob = (bike: Bike): boolean =>
    !bike.facts.assessment &&
    (answer(bike).fitness === 'held' ||
      bike.facts.repairs.length > 0 ||
      bike.facts.findings.some((finding) => finding.severity === 'soon' || finding.severity === 'upkeep') ||
      pressing(bike).length > 0);
  const jobOf = (bike: Bike): BenchJob => {
    const findings = toRepair(bike, now.value);
    const own = repairs().filter((repair) => repair.bikeId === bike.id && repair.state === 'started');
    const waits = own.find((repair) => repair.plan.waits)?.plan.waits ?? null;
    const planned = own.flatMap((repair) => repair.plan.needs);
    const services = pressing(bike);
    const limits = [
      ...findings.flatMap((finding) =>
        finding.severity === 'soon' && finding.limit ? [finding.limit.until] : [],
      ),
      ...services.flatMap(({ until }) => (until !== undefined && until > now.value ? [until] : [])),
    ];
    return {
      ...{ bikeId: bike.id, siteId: bike.siteId, kind: bike.build.kind, size: bike.size },
      frees: isFreed(bike),
      minutes: findings.length + services.length > 0 ? jobMinutes(findings, services.length) : LOOK_ONLY,
      since: Math.min(
        ...[
          ...findings.map((finding) => finding.openedAt),
          ...bike.facts.holds.map((hold) => hold.since),
          ...services.map((each) => each.dueAt),
          now.value,
        ],
      ),
      until: limits.length > 0 && !isFreed(bike) ? Math.min(...limits) : null,
      work: findings[0]?.zone ?? services[0]?.service ?? 'look',
      needs: planned.length > 0 ? planned : likelyNeeds(bike, findings, items()),
      away: waits ? { until: waits.until } : null,
    };
  };
  return computed(() => fleet.bikes.filter(isJob).map(jobOf));
}
