import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BIKE_KINDS, USUAL_BUILD, type Build } from '@cadre/core/fleet';
import { CHECKPOINTS, RIDE_OUT, RIDE_OUT_CHILDREN, SHIPPED_SHEETS } from '@cadre/core/shipped';
import { RE_LOOK_TABLE } from '@cadre/core/repairs';
import {
  askedOf,
  DEFAULT_POLICY,
  holds,
  marksOneByOne,
  ROUTE_KEYS,
  SEVERITIES,
  STATION_ROWS,
  stationsOf,
  worstSeverity,
  ZONES,
  zonesOf,
} from './index';

const builds = BIKE_KINDS.map((kind) => [kind, USUAL_BUILD[kind]] as const);

describe('the shipped catalogue', () => {
  it('has every checkpoint once, with a look, a sound and faults that say what to do', () => {
    expect(new Set(CHECKPOINTS.map((each) => each.key)).size).toBe(CHECKPOINTS.length);
    expect(CHECKPOINTS.length).toBeGreaterThan(40);
    for (const checkpoint of CHECKPOINTS) {
      expect(Object.keys(checkpoint.at).length, checkpoint.key).toBeGreaterThan(0);
      expect(checkpoint.how.length, checkpoint.key).toBeGreaterThan(30);
      expect(checkpoint.sound.length, checkpoint.key).toBeGreaterThan(5);
      expect(checkpoint.faults.length, checkpoint.key).toBeGreaterThan(0);
      expect(new Set(checkpoint.faults.map((fault) => fault.key)).size).toBe(checkpoint.faults.length);
      for (const fault of checkpoint.faults) {
        expect(SEVERITIES).toContain(fault.floor);
        expect(fault.doNext.length, `${checkpoint.key} ${fault.key}`).toBeGreaterThan(8);
      }
    }
  });

  it('applies each checkpoint to some bike and rules it out nowhere it belongs', () => {
    const brakeBuilds = builds.flatMap(([, build]) => [
      build,
      { ...build, brakeRear: 'drum', brakeFront: 'drum' } as Build,
      { ...build, headset: 'threaded', transmission: 'belt', gears: 'hub-gear' } as Build,
    ]);
    for (const checkpoint of CHECKPOINTS) {
      const positions = (['only', 'front', 'rear'] as const).filter((at) => checkpoint.at[at]);
      expect(
        brakeBuilds.some((build) =>
          positions.some((at) =>
            holds(checkpoint.applies, { ...build, brakeRear: checkpoint.key === 'coaster-brake' ? 'coaster' : build.brakeRear }, at),
          ),
        ),
        checkpoint.key,
      ).toBe(true);
    }
  });

  it('names only checkpoints that exist in the table of what work touches', () => {
    const known = new Set(CHECKPOINTS.map((each) => each.key));
    for (const keys of Object.values(RE_LOOK_TABLE)) for (const key of keys) expect(known.has(key), key).toBe(true);
  });

  it.each(['crack', 'carbon', 'weep', 'damaged'])('sends a fault like %s to a qualified mechanic', (key) => {
    const faults = CHECKPOINTS.flatMap((each) => each.faults).filter((fault) => fault.key === key && fault.floor === 'stop');
    expect(faults.length).toBeGreaterThan(0);
    // A cracked rotor or pedal is a part one changes; frames, forks, rims, fluid and batteries are not.
    const judged = CHECKPOINTS.filter((each) => ['rim', 'fork-whole', 'frame-whole', 'brake-hose', 'battery', 'bars'].includes(each.key)).flatMap(
      (each) => each.faults,
    );
    expect(judged.filter((fault) => fault.key === key && fault.floor === 'stop').every((fault) => fault.toMechanic)).toBe(true);
  });
});

describe('the ride-out sheets', () => {
  it.each(builds)('ask a %s only what it has, each thing once, and never nothing critical', (_kind, build) => {
    for (const sheet of SHIPPED_SHEETS) {
      const asked = askedOf(sheet, build);
      expect(new Set(asked.map((each) => each.key)).size).toBe(asked.length);
      expect(asked.filter((each) => each.critical).length).toBeGreaterThan(15);
    }
  });

  it('ask front and rear apart, and both fronts of a trike', () => {
    const hardtail = askedOf(RIDE_OUT, USUAL_BUILD.hardtail).map((each) => each.key);
    expect(hardtail).toContain('wheel-thru-axle@front');
    expect(hardtail).toContain('wheel-thru-axle@rear');
    expect(hardtail).not.toContain('rim-pads@front');
    const trike = askedOf(RIDE_OUT, USUAL_BUILD.trike).map((each) => each.key);
    expect(trike).toContain('wheel-nutted@left-front');
    expect(trike).toContain('wheel-nutted@right-front');
    expect(trike).toContain('trike-linkage@only');
    expect(trike).not.toContain('headset-play@only');
    expect(trike).not.toContain('lever-travel@rear');
  });

  it('ask the brake that is fitted at that end', () => {
    const coaster: Build = { ...USUAL_BUILD.child, brakeRear: 'coaster', gears: 'single-speed', sprockets: 1 };
    const asked = askedOf(RIDE_OUT_CHILDREN, coaster).map((each) => each.key);
    expect(asked).toContain('coaster-brake@rear');
    expect(asked).toContain('rim-pads@front');
    expect(asked).not.toContain('rim-pads@rear');
    expect(asked).not.toContain('lever-travel@rear');
    expect(asked).toContain('chain-slack@only');
    expect(asked).not.toContain('shifts@only');
  });

  it('leave no assisted bike without its battery looked at, on either sheet', () => {
    for (const sheet of SHIPPED_SHEETS) expect(askedOf(sheet, USUAL_BUILD['step-through']).map((each) => each.key)).toContain('battery@only');
  });

  it('make critical what has a stop fault', () => {
    for (const item of RIDE_OUT.items.filter((each) => each.critical))
      expect(item.checkpoint.faults.some((fault) => fault.floor === 'stop')).toBe(true);
  });
});

describe('stations', () => {
  it.each(ROUTE_KEYS)('on route %s give every zone its turn', (route) => {
    expect([...zonesOf(route)].sort()).toEqual([...ZONES].sort());
  });

  it.each(builds)('hold everything a %s is asked, once, and no more than fits on show', (_kind, build) => {
    for (const sheet of SHIPPED_SHEETS) {
      const asked = askedOf(sheet, build);
      const stations = stationsOf(asked, sheet.route);
      expect(stations.flatMap((each) => each.asked.map((question) => question.key)).sort()).toEqual(asked.map((each) => each.key).sort());
      for (const station of stations.filter((each) => each.zones.length > 1)) expect(station.asked.length).toBeLessThanOrEqual(STATION_ROWS);
      expect(stations.length).toBeLessThanOrEqual(8);
    }
  });
});

describe('words', () => {
  it('finds the worst severity wherever it stands', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...SEVERITIES), { minLength: 1 }), (list) => {
        const worst = worstSeverity(list as [(typeof SEVERITIES)[number]]);
        expect(SEVERITIES.indexOf(worst)).toBe(Math.min(...list.map((each) => SEVERITIES.indexOf(each))));
      }),
    );
  });

  it('marks one by one for trainees by default, for all when asked, for none when by station', () => {
    const [trainee, other] = [{ trainee: true }, { trainee: false }];
    expect(marksOneByOne(DEFAULT_POLICY, trainee)).toBe(true);
    expect(marksOneByOne(DEFAULT_POLICY, other)).toBe(false);
    expect(marksOneByOne({ marking: 'criticals-one-by-one' }, other)).toBe(true);
    expect(marksOneByOne({ marking: 'by-station' }, trainee)).toBe(false);
  });
});
