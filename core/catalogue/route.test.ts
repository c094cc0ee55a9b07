import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { CHECKPOINTS, RIDE_OUT, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import {
  asBuilt,
  questionsOf,
  leastTurns,
  LONG_CHECKLIST,
  PHASES,
  ROUTE_KEYS,
  STANCES,
  stationsOf,
  turnsOf,
  ZONES,
  zonesOf,
  type Checkpoint,
  type OwnRoute,
} from './index';

const [any] = CHECKPOINTS;
const look = (phase: Checkpoint['phase'], stance: Checkpoint['stance']) => ({
  checkpoint: { ...(any as Checkpoint), phase, stance },
});
type Look = ReturnType<typeof look>;

function everyOrder<T>(list: readonly T[]): T[][] {
  if (list.length === 0) return [[]];
  return list.flatMap((first, at) =>
    everyOrder([...list.slice(0, at), ...list.slice(at + 1)]).map((rest) => [first, ...rest]),
  );
}

describe('a route', () => {
  it.each(ROUTE_KEYS)('%s gives every zone its turn, once', (route) => {
    expect([...zonesOf(route)].sort()).toEqual([...ZONES].sort());
  });

  it('of the house’s own is walked as it was written', () => {
    const own: OwnRoute = { key: 'r', name: 'r', zones: [...ZONES].reverse() };
    const asked = questionsOf(RIDE_OUT, asBuilt(USUAL_BUILD.hardtail));
    const zones = stationsOf(asked, own).flatMap((station) => station.zones);
    expect(zones).toEqual(own.zones.filter((zone) => asked.some((each) => each.zone === zone)));
  });
});

describe('the order within a zone', () => {
  const looks = fc.array(
    fc.tuple(fc.constantFrom(...PHASES), fc.option(fc.constantFrom(...STANCES), { nil: undefined })),
    { maxLength: 6 },
  );

  it('changes side and phase as seldom as any order of all there are', () => {
    fc.assert(
      fc.property(looks, (said) => {
        const given = said.map(([phase, stance]) => look(phase, stance));
        const fewest = Math.min(...everyOrder(given).map(turnsOf));
        expect(turnsOf(leastTurns(given))).toBe(fewest);
      }),
      { numRuns: 150 },
    );
  });

  it('does each phase in one go, from the ground up unless that costs a turn, and keeps the order given where it changes nothing', () => {
    fc.assert(
      fc.property(looks, (said) => {
        const given = said.map(([phase, stance]) => look(phase, stance));
        const ordered = leastTurns(given);
        expect([...ordered].sort((a, b) => given.indexOf(a) - given.indexOf(b))).toEqual(given);
        const phases = ordered.map((each) => each.checkpoint.phase);
        expect(phases.filter((phase, index) => index > 0 && phases[index - 1] !== phase)).toHaveLength(
          Math.max(0, new Set(phases).size - 1),
        );
      }),
    );
    const oneSide = [look('opened', 'drive'), look('ground', 'drive'), look('stand', undefined)];
    expect(leastTurns(oneSide).map((each) => each.checkpoint.phase)).toEqual(['ground', 'stand', 'opened']);
    for (const side of STANCES) {
      const free: Look[] = [look('ground', side), look('ground', undefined), look('ground', undefined)];
      expect(leastTurns(free)).toEqual(free);
    }
  });
});

describe('stations of a long checklist', () => {
  const season = SHIPPED_CHECKLISTS.find((checklist) => checklist.key === 'season-opening');
  const asked = season ? questionsOf(season, asBuilt(USUAL_BUILD.hardtail)) : [];

  it('go round the bike once a phase', () => {
    expect(asked.length).toBeGreaterThanOrEqual(LONG_CHECKLIST);
    const stations = stationsOf(asked, 'm-front-first');
    const phases = stations.map((station) => station.phase);
    expect([...new Set(phases)]).toEqual([...PHASES]);
    expect(phases).toEqual(
      [...phases].sort((a, b) => PHASES.indexOf(a ?? 'ground') - PHASES.indexOf(b ?? 'ground')),
    );
    for (const station of stations)
      expect(station.questions.every((each) => each.checkpoint.phase === station.phase)).toBe(true);
    expect(new Set(stations.map((station) => station.key)).size).toBe(stations.length);
  });

  it('do not tear a short checklist apart', () => {
    const stations = stationsOf(questionsOf(RIDE_OUT, asBuilt(USUAL_BUILD.hardtail)), 'm-front-first');
    expect(stations.every((station) => station.phase === null)).toBe(true);
  });
});

describe('a station made of neighbouring zones', () => {
  const question = (zone: 'fork-headset' | 'cockpit', at: number) => ({
    ...{
      key: `${zone}${at}@only`,
      checkpoint: { ...(any as Checkpoint), key: `${zone}${at}`, phase: 'ground' as const },
      position: 'only' as const,
    },
    ...{ zone, critical: false, minutes: 1 },
  });
  const rows = (fork: number, cockpit: number) =>
    stationsOf(
      [
        ...Array.from({ length: fork }, (_, at) => question('fork-headset', at)),
        ...Array.from({ length: cockpit }, (_, at) => question('cockpit', at)),
      ],
      'front-to-back',
    ).map((station) => station.questions.length);
  it('holds exactly nine rows, and a tenth makes a station of its own', () => {
    expect(rows(5, 4)).toEqual([9]);
    expect(rows(5, 5)).toEqual([5, 5]);
  });
});
