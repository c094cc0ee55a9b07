import { describe, expect, it } from 'vitest';
import {
  asBuilt,
  questionsOf,
  coverageOf,
  criticalBecause,
  failingClause,
  rideOutFor,
  checklistIssues,
  checklistWarnings,
  stationsOf,
  STATION_ROWS,
} from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type BikeKind, type Build } from '@cadre/core/fleet';
import { BUILT_OTHERWISE, CHECKPOINTS, RIDE_OUT, RIDE_OUT_CHILDREN, SHIPPED_CHECKLISTS } from './index';
import { walkChecklists } from './walk';

const pairs = SHIPPED_CHECKLISTS.flatMap((checklist) =>
  BIKE_KINDS.map((kind) => [checklist.key, kind, checklist, USUAL_BUILD[kind]] as const),
);
const keysOn = (checklist: typeof RIDE_OUT, build: Build): string[] =>
  questionsOf(checklist, asBuilt(build)).map((each) => each.key);

/** The looks no bike goes out without, by what it is built like: from the trade's own list. */
const BEFORE_A_RIDE: readonly [string, (build: Build) => boolean][] = [
  ['spokes@front', () => true],
  ['rim@rear', () => true],
  ['tyre-casing@front', () => true],
  ['tyre-seated@rear', () => true],
  ['lever-travel@front', () => true],
  ['lever-hold@front', () => true],
  ['stops-wheel@front', () => true],
  ['lever-returns@front', () => true],
  ['brake-hose@front', (build) => build.brakeFront === 'hydraulic-disc'],
  ['brake-cable@front', (build) => build.brakeFront === 'rim' || build.brakeFront === 'cable-disc'],
  ['rim-pads-track@front', (build) => build.brakeFront === 'rim'],
  ['rotor-fixings@rear', (build) => /disc/.test(build.brakeRear)],
  ['coaster-brake@rear', (build) => build.brakeRear === 'coaster'],
  ['levers-on-bar@only', () => true],
  ['headset-play@only', (build) => build.kind !== 'trike'],
  ['fork-whole@only', (build) => build.kind !== 'trike'],
  ['trike-linkage@only', (build) => build.kind === 'trike'],
  ['cargo-steering@only', (build) => build.kind === 'cargo'],
  ['stem-tight@only', (build) => build.kind !== 'trike'],
  ['bars@only', () => true],
  ['grips@only', () => true],
  ['frame-whole@only', () => true],
  ['suspension-pivots@only', (build) => build.rearSuspension === 'shock'],
  ['crank-arms@only', () => true],
  ['pedals@only', () => true],
  ['chain-joined@only', (build) => build.transmission === 'chain'],
  ['chain-slack@only', (build) => build.gears !== 'derailleur' && build.transmission === 'chain'],
  ['shifts@only', (build) => build.gears !== 'single-speed'],
  ['hanger@only', (build) => build.gears === 'derailleur'],
  ['saddle-tight@only', (build) => build.seatpost !== 'seat-frame'],
  ['post-depth@only', (build) => build.seatpost !== 'seat-frame'],
  ['trike-seat@only', (build) => build.kind === 'trike'],
  ['trike-idler@only', (build) => build.kind === 'trike'],
  ['trike-brake-balance@only', (build) => build.kind === 'trike'],
  ['battery@only', (build) => build.assist !== 'none'],
  ['motor-stops@only', (build) => build.assist !== 'none'],
  ['cargo-straps@only', (build) => build.accessories.includes('cargo-box')],
];
const built = (bike: string): Build => {
  const build = BUILT_OTHERWISE[bike];
  if (!build) throw new Error(`no bike ${bike}`);
  return build;
};
const coaster: Build = { ...USUAL_BUILD.child, brakeRear: 'coaster', gears: 'single-speed', sprockets: 1 };

it('lubing goes with the return, not with the morning: bikes lubed as they come in are dry by dawn', () => {
  const checklistOf = (key: string) =>
    SHIPPED_CHECKLISTS.find((checklist) => checklist.key === key) ?? RIDE_OUT;
  for (const kind of BIKE_KINDS) {
    expect(keysOn(checklistOf('return'), USUAL_BUILD[kind]), kind).toContain('chain-lube@only');
    expect(keysOn(RIDE_OUT, USUAL_BUILD[kind]), kind).not.toContain('chain-lube@only');
  }
});

describe('every checklist over every kind of bike', () => {
  it('is walked and printed', () => {
    const walk = walkChecklists();
    const bikes = BIKE_KINDS.length + Object.keys(BUILT_OTHERWISE).length;
    expect(walk).toHaveLength(SHIPPED_CHECKLISTS.length * bikes);
    process.stdout.write(
      walk
        .map(
          (row) =>
            `${row.checklist.padEnd(18)} ${row.bike.padEnd(16)} asked ${row.asked}, ruled out ${row.ruledOut}, critical ${row.criticals}, ${row.minutes.toFixed(1)} min\n`,
        )
        .join(''),
    );
    // No pair without a critical where a bike goes out on it.
    for (const row of walk)
      if (SHIPPED_CHECKLISTS.find((checklist) => checklist.key === row.checklist)?.clears)
        expect(row.criticals, `${row.checklist} on ${row.bike}`).toBeGreaterThan(0);
  });

  it.each(pairs)(
    '%s asks a %s each thing once, by a rule that holds, critical only for a stop',
    (_checklist, _kind, checklist, build) => {
      const asked = questionsOf(checklist, asBuilt(build));
      expect(asked.length).toBeGreaterThan(0);
      expect(new Set(asked.map((each) => each.key)).size).toBe(asked.length);
      for (const each of asked)
        expect(failingClause(each.checkpoint.applies, asBuilt(build), each.position)).toBeNull();
      const derived = asked.filter(
        (each) => criticalBecause(each.checkpoint, checklist.between ?? []) !== null,
      );
      if (checklist.key.startsWith('after-')) expect(asked.every((each) => each.critical)).toBe(true);
      else expect(asked.filter((each) => each.critical)).toEqual(derived);
    },
  );

  it.each(pairs)(
    '%s is walked round a %s by stations that lose nothing',
    (_checklist, _kind, checklist, build) => {
      const asked = questionsOf(checklist, asBuilt(build));
      const stations = stationsOf(asked, checklist.route);
      expect(stations.flatMap((each) => each.questions.map((question) => question.key)).sort()).toEqual(
        asked.map((each) => each.key).sort(),
      );
      for (const station of stations.filter((each) => each.zones.length > 1))
        expect(station.questions.length).toBeLessThanOrEqual(STATION_ROWS);
      if (checklist.clears) expect(stations.length).toBeLessThanOrEqual(8);
    },
  );

  it.each(SHIPPED_CHECKLISTS.map((checklist) => [checklist.key, checklist] as const))(
    '%s has nothing against its publication',
    (_key, checklist) => {
      expect(checklistIssues(checklist)).toEqual([]);
      expect(
        checklistWarnings(checklist).filter(
          (warning) => warning.code === 'rule-idle' || warning.code === 'nothing-asked-of',
        ),
      ).toEqual([]);
    },
  );
});

describe('the checklists a bike goes out on', () => {
  const onItsChecklist = (kind: BikeKind) => (kind === 'child' ? RIDE_OUT_CHILDREN : RIDE_OUT);
  it.each([
    ...BIKE_KINDS.map((kind) => [kind, USUAL_BUILD[kind]] as const),
    ['child with a coaster', coaster] as const,
  ])(
    'ask of a %s, as criticals, all the trade looks at before a ride, and nothing of that it has not',
    (_name, build) => {
      const checklist = onItsChecklist(build.kind);
      const criticals = questionsOf(checklist, asBuilt(build))
        .filter((each) => each.critical)
        .map((each) => each.key);
      for (const [look, belongs] of BEFORE_A_RIDE) {
        const key = build.kind === 'trike' ? look.replace('@front', '@left-front') : look;
        expect(criticals.includes(key), key).toBe(belongs(build));
      }
      expect(coverageOf(checklist, asBuilt(build), CHECKPOINTS).missed).toEqual([]);
    },
  );

  it('ask front and rear apart, and both fronts of a trike', () => {
    const hardtail = keysOn(RIDE_OUT, USUAL_BUILD.hardtail);
    expect(hardtail).toContain('wheel-thru-axle@front');
    expect(hardtail).toContain('wheel-thru-axle@rear');
    expect(hardtail).not.toContain('rim-pads@front');
    const trike = keysOn(RIDE_OUT, USUAL_BUILD.trike);
    expect(trike).toEqual(
      expect.arrayContaining(['wheel-nutted@left-front', 'wheel-nutted@right-front', 'trike-linkage@only']),
    );
    expect(trike).not.toContain('lever-travel@rear');
  });

  it('ask the brake that is fitted at that end', () => {
    const asked = keysOn(RIDE_OUT_CHILDREN, coaster);
    expect(asked).toEqual(
      expect.arrayContaining(['coaster-brake@rear', 'rim-pads@front', 'chain-slack@only']),
    );
    for (const key of ['rim-pads@rear', 'lever-travel@rear', 'shifts@only']) expect(asked).not.toContain(key);
  });

  it('ask each of two brakes at one wheel by what it is, apart, and put a trike with drums and a parking brake to the push', () => {
    const two = keysOn(RIDE_OUT_CHILDREN, built('two-brakes'));
    expect(two).toEqual(
      expect.arrayContaining([
        ...['rim-pads@rear', 'lever-travel@rear', 'stops-wheel@rear', 'coaster-brake@rear-second'],
        ...['rim-pads@front', 'chain-slack@only'],
      ]),
    );
    for (const key of [
      'coaster-brake@rear',
      'rim-pads@rear-second',
      'lever-travel@rear-second',
      'spokes@rear-second',
    ])
      expect(two).not.toContain(key);
    const trike = keysOn(RIDE_OUT, built('drum-trike'));
    expect(trike).toEqual(
      expect.arrayContaining([
        'drum-brake@left-front',
        'drum-brake@right-front',
        'drum-brake@rear',
        'parking-brake@only',
      ]),
    );
    expect(trike.filter((key) => key.endsWith('rear-second'))).toEqual([]);
  });

  it('ask a front derailleur, and lined tyres inside only where they are opened', () => {
    const asks = (key: string, bike: string) => {
      const checklist = SHIPPED_CHECKLISTS.find((each) => each.key === key) ?? RIDE_OUT;
      return keysOn(checklist, built(bike));
    };
    expect(asks('ride-out', 'two-rings')).toContain('front-derailleur@only');
    expect(asks('ride-out', 'drum')).not.toContain('front-derailleur@only');
    expect(asks('season-opening', 'two-rings')).toContain('front-derailleur-set@only');
    expect(asks('ride-out', 'lined')).not.toContain('tyre-liner@front');
    expect(asks('season-opening', 'lined')).toEqual(
      expect.arrayContaining(['tyre-liner@front', 'tyre-liner@rear', 'valve-core@rear', 'sealant@front']),
    );
  });

  it('are chosen by kind', () => {
    for (const kind of BIKE_KINDS)
      expect(rideOutFor(SHIPPED_CHECKLISTS, kind)?.key).toBe(
        kind === 'child' ? 'ride-out-children' : 'ride-out',
      );
    // Checklists published before they said for whom they are.
    const old = SHIPPED_CHECKLISTS.filter((checklist) => checklist.key.startsWith('ride-out')).map(
      ({ kinds: _kinds, ...checklist }) => checklist,
    );
    expect(rideOutFor(old, 'child')?.key).toBe('ride-out-children');
    expect(rideOutFor(old, 'cargo')?.key).toBe('ride-out');
    expect(rideOutFor([], 'cargo')).toBeNull();
  });

  it('go by the day’s ride-out in a turnaround, and leave it out elsewhere', () => {
    expect(
      SHIPPED_CHECKLISTS.filter((checklist) => checklist.clears).map((checklist) => [
        checklist.key,
        checklist.afterRideOut ?? false,
      ]),
    ).toEqual([
      ['ride-out', false],
      ['ride-out-children', false],
      ['turnaround', true],
    ]);
  });
});

describe('what was left out once', () => {
  /** Each gap, on the checklist it was missing from, with a bike it is asked of. */
  it.each<[string, string, string]>([
    ['return', 'hardtail', 'tyre-firm fork-travel-used rim-run-out fasteners-felt'],
    ['return', 'lined', 'shock-travel-used'],
    [
      'new-bike',
      'hybrid',
      'chain-new ring-bolts spoke-tension-left spoke-tension-right cage-bolts cable-rub frame-film',
    ],
    ['event', 'lined', 'every-fastener pivot-torque shock-action fork-service spoke-tension-left load-test'],
    [
      'season-opening',
      'lined',
      'bracket-play hanger saddle-rails cable-age dropper-shaft shifter-cover valve-core',
    ],
    ['season-opening', 'carbon', 'bar-tape'],
    ['season-opening', 'hybrid', 'rim-wall closing-pass frame-drain'],
    ['season-opening', 'hardtail', 'axle-threads'],
    ['bolts', 'hybrid', 'levers-on-bar brake-mounts cable-pinch shifter-clamp saddle-tight'],
    ['wet-season', 'lined', 'sealant'],
    ['wet-season', 'two-rings', 'outdoor-cover'],
    ['lay-up', 'two-rings', 'outdoor-cover'],
    ['lights', 'two-rings', 'horn device-charge'],
    ['event', 'two-rings', 'closing-pass horn device-charge'],
  ])('%s asks a %s: %s', (key, bike, wanted) => {
    const checklist = SHIPPED_CHECKLISTS.find((each) => each.key === key);
    const build = BUILT_OTHERWISE[bike] ?? USUAL_BUILD[bike as BikeKind];
    if (!checklist) throw new Error(`no checklist ${key}`);
    const asked = new Set(questionsOf(checklist, asBuilt(build)).map((each) => each.checkpoint.key));
    expect(wanted.split(' ').filter((each) => !asked.has(each))).toEqual([]);
  });
});
