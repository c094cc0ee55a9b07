import { describe, expect, it } from 'vitest';
import {
  asBuilt,
  questionsOf,
  disturbancesOf,
  disturbedAt,
  isEnded,
  leastWork,
  positionsOfTouch,
  TOUCHES,
  withImplied,
  ZONES,
  type Touched,
} from '@cadre/core/catalogue';
import { INCIDENT_KINDS } from '@cadre/core/incidents';
import type { PartKind } from '@cadre/core/fleet';
import { recheckChecklist, touchesOfPart } from '@cadre/core/repairs';
import { TRIAL_BIKES } from '@cadre/test-world/core';
import { CHECKPOINTS } from './index';

/** What each kind of work and each incident disturbs, said once more by hand and the other way round: a row lost from the catalogue shows here. */
const DISTURBS: Readonly<Record<string, string>> = {
  'axle-out':
    'wheel-quick-release wheel-thru-axle wheel-nutted rim-brake-release rim-pads-track stops-wheel lever-returns lever-travel rotor tyre-clearance coaster-brake drum-brake',
  'axle-out@rear': 'hitch hub-gear chain-slack belt belt-tension shifts hanger assist-wiring motor-stops',
  'axle-out@front': 'trike-brake-balance lights',
  'tyre-off': 'tyre-casing tyre-direction sealant',
  'air-out': 'tyre-pressure tyre-firm tyre-seated valve',
  'wheel-trued': 'rim rim-run-out spokes tyre-clearance stops-wheel lever-returns rim-pads-track',
  'hub-bearings': 'hub-play hub-feel coaster-brake',
  'brake-work':
    'rim-brake-release lever-travel lever-hold stops-wheel lever-returns rim-pads rim-pads-track rim-brake-arms disc-pads pad-pin fixed-pad cable-pinch rotor rotor-fixings brake-mounts brake-hose brake-cable brake-fluid coaster-brake drum-brake trike-brake-balance parking-brake levers-on-bar bedded-in',
  'stem-headset':
    'headset-play headset-turns headset-clamp fork-whole trike-linkage trike-toe kingpin cargo-steering stem-tight quill-mark adjustable-stem faceplate bars levers-on-bar brake-hose brake-cable assist-wiring',
  'bar-levers-grips':
    'stem-tight faceplate bars grips shifter-clamp levers-on-bar lever-travel lever-hold stops-wheel lever-returns brake-hose brake-cable parking-brake trike-linkage trike-brake-balance shifts assist-wiring motor-stops bell-lights',
  'cranks-pedals':
    'crank-arms crank-torque ring-bolts bracket-play pedals cleats front-derailleur shifts chain-slack belt motor-stops',
  'chain-sprockets':
    'chain-joined chain-routed chain-slack belt belt-tension shifts front-derailleur hanger derailleur-gap cassette jockey-wheels coaster-brake drum-brake wheel-nutted rim-pads-track tyre-clearance hub-gear trike-idler',
  'gears-set': 'shifts front-derailleur hanger derailleur-gap gear-cable jockey-wheels hub-gear',
  'saddle-post': 'saddle-tight saddle-set post-depth dropper suspension-post trike-seat',
  'rear-suspension': 'suspension-pivots pivot-torque shock-shaft shock-sag tyre-clearance brake-hose',
  'fork-suspension': 'fork-legs fork-action fork-pressure suspension-ring headset-play',
  'assist-wiring': 'battery battery-contacts assist-wiring motor-mount motor-stops lights horn',
  accessories:
    'loads child-seat hitch cargo-straps mudguards kickstand lights bell-lights bell horn cage-bolts trike-flag tyre-clearance',
  crash:
    'fork-legs shock-shaft tyre-firm saddle-rails mudguards kickstand lever-hold assist-wiring front-derailleur',
  transport:
    'transport-marks wheel-quick-release wheel-thru-axle wheel-nutted rim-brake-release tyre-firm spokes tyre-clearance lever-travel stops-wheel lever-returns rotor disc-pads brake-hose brake-cable levers-on-bar stem-tight quill-mark adjustable-stem faceplate headset-play trike-linkage cargo-steering folding-hinge frame-whole hanger pedals post-depth saddle-tight trike-seat battery assist-wiring mudguards front-derailleur',
  immersion:
    'dunked-electrics battery battery-contacts motor-stops water-in frame-drain hub-feel headset-turns bracket-feel fork-action shock-shaft stops-wheel lever-returns brake-cable-inside coaster-brake drum-brake chain-lube gear-cable post-freed kingpin lights horn',
  contamination: 'stops-wheel rim-pads rim-pads-track disc-pads rotor coaster-brake drum-brake',
};

/** The least that putting a fault right disturbs, where that is not the usual work of its zone. */
const LEAST: Readonly<Record<string, string>> = {
  'tyre-pressure': 'air-out',
  'tyre-pressure flat': 'tyre-off',
  'tyre-firm': 'air-out',
  'tyre-firm flat': 'tyre-off',
  valve: 'air-out',
  sealant: 'air-out',
  'valve-core': 'air-out',
  'tyre-liner': 'tyre-off',
  'axle-threads': 'axle-out',
  'pads-for-event': 'brake-work',
  'pads-for-event thin': 'brake-work',
  'cable-pinch': 'brake-work',
  'cable-age': 'brake-work@front brake-work@rear gears-set',
  'chain-new': '',
  'front-derailleur': 'gears-set',
  'front-derailleur-set': 'gears-set',
  'shifter-cover': 'gears-set',
  'fork-travel-used': 'fork-suspension',
  'shock-travel-used': 'rear-suspension',
  'outdoor-cover': '',
  'tyre-casing': 'tyre-off',
  'tyre-seated': 'air-out',
  'tyre-direction': 'tyre-off',
  'rim-tape': 'tyre-off',
  spokes: 'wheel-trued',
  'spoke-tension-left': 'wheel-trued',
  'spoke-tension-right': 'wheel-trued',
  'rim-run-out': 'wheel-trued',
  rim: 'wheel-trued tyre-off',
  'hub-play': 'hub-bearings',
  'hub-feel': 'hub-bearings',
  freehub: 'hub-bearings',
  'wheel-reflectors': '',
  'rim-track': 'tyre-off wheel-trued brake-work',
  'rim-wall': 'tyre-off wheel-trued brake-work',
  'rim-pads-track': 'brake-work',
  'rim-pads-track track-worn': 'tyre-off wheel-trued brake-work',
  rotor: 'brake-work axle-out',
  'rotor-fixings': 'brake-work axle-out',
  'rotor-thickness': 'brake-work axle-out',
  'coaster-hub': 'hub-bearings brake-work chain-sprockets',
  'parking-brake': 'bar-levers-grips brake-work',
  'fork-legs': 'fork-suspension axle-out@front brake-work@front',
  'fork-action': 'fork-suspension axle-out@front brake-work@front',
  'fork-service': 'fork-suspension axle-out@front brake-work@front',
  'fork-pressure': 'fork-suspension',
  'fork-sag': 'fork-suspension',
  'suspension-ring': 'fork-suspension',
  'fork-whole': 'stem-headset axle-out@front brake-work@front',
  kingpin: 'stem-headset axle-out',
  'stem-tight': 'stem-headset',
  'quill-mark': 'stem-headset',
  'adjustable-stem': 'stem-headset',
  hanger: 'gears-set',
  'hanger-measured': 'gears-set',
  'derailleur-gap': 'gears-set',
  shifts: 'gears-set',
  'gear-cable': 'gears-set',
  'jockey-wheels': 'gears-set',
  'chain-lube': '',
  'drivetrain-clean': '',
  'shift-battery': '',
  cassette: 'chain-sprockets gears-set axle-out@rear',
  'hub-gear': 'gears-set axle-out@rear',
  'chain-slack': 'chain-sprockets axle-out@rear',
  belt: 'chain-sprockets axle-out@rear',
  'belt-tension': 'chain-sprockets axle-out@rear',
  'trike-idler': 'chain-sprockets',
  'battery-charge': '',
  'battery-health': '',
  firmware: '',
};

/** Stop faults that work may bring, and that no recheck asks: each with why. */
const NOT_ASKED_AGAIN: Readonly<Record<string, string>> = {
  'spoke-tension-left': 'Spokes are squeezed again; a meter is for the season.',
  'spoke-tension-right': 'Spokes are squeezed again; a meter is for the season.',
  'headset-bearings': 'It would have to be opened again.',
  'pedal-threads': 'The pedals would have to come off again.',
  'axle-threads': 'The axle would have to come out again; that it is home and tight is asked.',
  'fasteners-felt': 'A look of the whole bike; each joint is asked by its own checkpoint.',
  'closing-pass': 'A look of the whole bike; what was set is asked by its own checkpoint.',
  'post-freed': 'The post would have to come out again.',
  'hanger-measured': 'The derailleur would have to come off again; the hanger is looked at.',
  'every-fastener': 'A look of the whole bike; each joint is asked by its own checkpoint.',
  'load-test': 'A ride, for an event; the chain is asked in the stand.',
  'test-ride': 'A ride of the whole bike; what it tells is asked part by part.',
  recall: 'The maker’s word, not a hand’s.',
};

const works: readonly Touched[] = TOUCHES.flatMap((touch) =>
  positionsOfTouch(touch).map((position) => ({ touch, position })),
);

describe('what disturbs a checkpoint', () => {
  it('is said of every one that ships', () => {
    expect(CHECKPOINTS.filter(({ disturbedBy }) => disturbedBy === undefined).map(({ key }) => key)).toEqual(
      [],
    );
  });

  it.each(Object.entries(DISTURBS))(
    '%s disturbs what a mechanic would look at again, and nothing else',
    (disturbance, keys) => {
      const said = CHECKPOINTS.filter(({ disturbedBy }) =>
        disturbedBy?.some((each) => each === disturbance),
      ).map(({ key }) => key);
      expect([...said].sort()).toEqual(keys.split(' ').sort());
    },
  );

  it('is nothing besides', () => {
    expect(
      [...new Set(CHECKPOINTS.flatMap(({ disturbedBy = [] }) => disturbedBy))].filter(
        (each) => !(each in DISTURBS),
      ),
    ).toEqual([]);
  });

  it('is some work wherever work may bring a stop, or is left out for a reason', () => {
    const byWork = CHECKPOINTS.filter(({ faults }) =>
      faults.some((fault) => fault.floor === 'stop' && fault.by?.includes('work')),
    );
    expect(byWork.length).toBeGreaterThan(20);
    const unasked = byWork.filter(
      (each) =>
        !disturbancesOf(each).some(
          (disturbance) => !(INCIDENT_KINDS as readonly string[]).includes(disturbance),
        ),
    );
    expect(unasked.map(({ key }) => key).sort()).toEqual(Object.keys(NOT_ASKED_AGAIN).sort());
  });

  it('is all work of its zone for a checkpoint that says nothing', () => {
    const own = { at: { front: 'front-brake', rear: 'rear-brake' } } as const;
    expect(disturbedAt(own, { touch: 'brake-work', position: 'rear' })).toEqual(['rear', 'rear-second']);
    expect(disturbedAt(own, { touch: 'axle-out', position: 'rear' })).toEqual([]);
    expect(disturbedAt({ at: { only: 'drivetrain' } }, { touch: 'gears-set', position: 'only' })).toEqual([
      'only',
    ]);
  });
});

describe('what putting a fault right disturbs at the least', () => {
  it('is said by checkpoint or fault, and where not is the usual work of the zone', () => {
    const said = CHECKPOINTS.flatMap((each): (readonly [string, string])[] => [
      ...(each.work ? [[each.key, each.work.join(' ')] as const] : []),
      ...each.faults.flatMap((fault) =>
        fault.work ? [[`${each.key} ${fault.key}`, fault.work.join(' ')] as const] : [],
      ),
    ]);
    expect(Object.fromEntries(said)).toEqual(LEAST);
  });

  it('is at the end of the fault, or the end it names', () => {
    expect(leastWork({ zone: 'rear-brake', position: 'rear' })).toEqual([
      { touch: 'brake-work', position: 'rear' },
    ]);
    expect(leastWork({ zone: 'rear-brake', position: 'only' })).toEqual([
      { touch: 'brake-work', position: 'rear' },
    ]);
    expect(leastWork({ zone: 'cockpit', position: 'only', work: ['stem-headset'] })).toEqual([
      { touch: 'stem-headset', position: 'only' },
    ]);
    expect(leastWork({ zone: 'fork-headset', position: 'only', work: ['axle-out@front'] })).toEqual([
      { touch: 'axle-out', position: 'front' },
    ]);
    expect(leastWork({ zone: 'frame', position: 'only' })).toEqual([]);
  });
});

describe('work, over every bike and every checkpoint', () => {
  const bikes = Object.entries(TRIAL_BIKES);
  it.each(works.map((work) => [`${work.touch}@${work.position}`, work] as const))(
    'after %s asks all it can disturb there, and nothing of the other end',
    (_name, work) => {
      const checklist = recheckChecklist([], [work], CHECKPOINTS);
      let seen = 0;
      for (const [bike, build] of bikes) {
        const asked = new Set(questionsOf(checklist, asBuilt(build)).map(({ key }) => key));
        for (const question of questionsOf(
          { items: CHECKPOINTS.map((checkpoint) => ({ checkpoint, critical: false })) },
          asBuilt(build),
        )) {
          const disturbed = withImplied([work]).some((each) =>
            disturbancesOf(question.checkpoint).some((disturbance) => {
              const [touch, end] = disturbance.split('@');
              if (touch !== each.touch) return false;
              const isRear = each.position === 'rear';
              if (end !== undefined) return (end === 'rear') === isRear;
              if (question.position === 'only' || !isEnded(each.touch))
                return question.position === 'only' || !isOtherEnd(touch, question.position);
              return question.position.startsWith('rear') === isRear;
            }),
          );
          expect(asked.has(question.key), `${bike} ${question.key}`).toBe(disturbed);
          if (disturbed) seen += 1;
        }
      }
      expect(seen).toBeGreaterThan(0);
    },
  );

  it.each([
    [
      'a coaster’s rear wheel',
      'coaster',
      ['axle-out', 'rear'],
      'coaster-brake@rear chain-slack@only wheel-nutted@rear',
    ],
    [
      'a hub gear’s rear wheel',
      'belt',
      ['axle-out', 'rear'],
      'hub-gear@only belt@only belt-tension@only shifts@only',
    ],
    [
      'a drum’s rear wheel',
      'drum',
      ['axle-out', 'rear'],
      'drum-brake@rear lever-travel@rear shifts@only hanger@only',
    ],
    [
      'pads of a rim brake',
      'hybrid',
      ['brake-work', 'front'],
      'rim-brake-release@front rim-pads-track@front stops-wheel@front',
    ],
    [
      'a trued wheel between rim pads',
      'hybrid',
      ['wheel-trued', 'rear'],
      'rim-pads-track@rear rim-run-out@rear',
    ],
    [
      'cranks of a mid-motor',
      'belt',
      ['cranks-pedals', 'only'],
      'motor-stops@only shifts@only crank-arms@only',
    ],
    [
      'a bar',
      'hardtail',
      ['bar-levers-grips', 'only'],
      'lever-hold@front lever-hold@rear stops-wheel@front stops-wheel@rear',
    ],
  ] as const)('asks after %s what it felt normal without', (_name, bike, [touch, position], keys) => {
    const build = TRIAL_BIKES[bike];
    if (!build) throw new Error(`no trial bike ${bike}`);
    const asked = questionsOf(recheckChecklist([], [{ touch, position }], CHECKPOINTS), asBuilt(build)).map(
      ({ key }) => key,
    );
    expect(asked).toEqual(expect.arrayContaining(keys.split(' ')));
  });
});

/** Work on the chain ends at the rear wheel, on a fork at the front one. */
function isOtherEnd(touch: string, position: string): boolean {
  if (['cranks-pedals', 'chain-sprockets', 'gears-set', 'rear-suspension'].includes(touch))
    return !position.startsWith('rear');
  return touch === 'fork-suspension' && position.startsWith('rear');
}

const BROUGHT_BY: Readonly<Record<string, string>> = {
  wear: 'freehub.slips rim-run-out.touches rim-track.worn spoke-tension-left.none spoke-tension-left.all-slack spoke-tension-right.none spoke-tension-right.all-slack tyre-clearance.rubs fixed-pad.on-body axle-threads.thread cable-pinch.slips cable-pinch.crushed fasteners-felt.loose rim-wall.thin rotor-thickness.thin pad-thickness.thin pad-pin.missing pistons.wet brake-cable-inside.strand rim-brake-arms.wobbles coaster-hub.shoes headset-turns.binds-hard headset-clamp.torque headset-clamp.steerer headset-bearings.steerer-crack fork-action.stuck faceplate.loose bar-tape.pitted kingpin.play kingpin.cotter corrosion.deep every-fastener.turned pivot-torque.loose crank-torque.loose pedal-threads.thread jockey-wheels.bolt hub-gear.washer belt-tension.slack belt-tension.teeth load-test.skips saddle-rails.cracked post-freed.cracked battery-contacts.burnt motor-mount.loose charger.damaged helmet.buckle test-ride.pulls test-ride.brake',
  water:
    'freehub.slips fork-action.stuck corrosion.deep battery-contacts.burnt charger.damaged dunked-electrics.under',
  crash:
    'rim-run-out.touches spoke-tension-left.none spoke-tension-right.none tyre-clearance.rubs headset-turns.binds-hard headset-clamp.steerer headset-bearings.steerer-crack trike-toe.far-out faceplate.loose bar-tape.pitted bars-off.marked kingpin.play frame-line.out fasteners-felt.loose jockey-wheels.bolt belt-tension.teeth hanger-measured.cracked saddle-rails.cracked battery-contacts.burnt motor-mount.loose charger.damaged helmet.impact helmet.buckle test-ride.pulls crash-story.unknown transport-marks.pressed',
  work: 'axle-threads.thread cable-pinch.slips cable-pinch.crushed fasteners-felt.loose closing-pass.open rim-run-out.touches spoke-tension-left.none spoke-tension-left.all-slack spoke-tension-right.none spoke-tension-right.all-slack tyre-clearance.rubs tyre-direction.wrong-size fixed-pad.on-body pad-pin.missing brake-fluid.wrong rim-brake-arms.wobbles bedded-in.not-yet headset-turns.binds-hard headset-clamp.torque headset-clamp.steerer headset-bearings.steerer-crack fork-pressure.over trike-toe.far-out faceplate.loose kingpin.play kingpin.cotter every-fastener.turned pivot-torque.loose shock-sag.over crank-torque.loose pedal-threads.thread chain-routed.short jockey-wheels.bolt hub-gear.washer belt-tension.slack load-test.skips hanger-measured.cracked post-freed.cracked motor-mount.loose recall.open test-ride.pulls test-ride.brake',
  age: 'pistons.wet fork-action.stuck bar-tape.pitted corrosion.deep every-fastener.turned battery-contacts.burnt charger.damaged recall.open',
};

describe('what brings a fault', () => {
  it.each(Object.entries(BROUGHT_BY))('%s brings what a mechanic would expect of it', (cause, faults) => {
    const said = CHECKPOINTS.flatMap((checkpoint) =>
      checkpoint.faults
        .filter((fault) => fault.by?.some((each) => each === cause))
        .map((fault) => `${checkpoint.key}.${fault.key}`),
    );
    expect([...said].sort()).toEqual(faults.split(' ').sort());
  });
});

describe('what cannot be done without other work', () => {
  it('is asked with it: a tyre is not off without the wheel out and the air gone, nor a hub open without its axle', () => {
    const implied = (touch: 'tyre-off' | 'hub-bearings'): readonly string[] =>
      withImplied([{ touch, position: 'rear' }]).map((each) => each.touch);
    expect(implied('tyre-off')).toEqual(['tyre-off', 'axle-out', 'air-out']);
    expect(implied('hub-bearings')).toEqual(['hub-bearings', 'axle-out']);
  });

  it('is the usual work of each zone', () => {
    const usual = ZONES.map((zone) => [
      zone,
      leastWork({ zone, position: 'only' })
        .map(({ touch }) => touch)
        .join(' '),
    ]);
    expect(Object.fromEntries(usual)).toEqual({
      'front-wheel': 'axle-out',
      'front-brake': 'brake-work',
      'fork-headset': 'stem-headset',
      cockpit: 'bar-levers-grips',
      frame: '',
      'rear-suspension': 'rear-suspension',
      'cranks-pedals': 'cranks-pedals',
      drivetrain: 'chain-sprockets gears-set',
      'saddle-post': 'saddle-post',
      'rear-brake': 'brake-work',
      'rear-wheel': 'axle-out',
      assist: 'assist-wiring',
      accessories: 'accessories',
      'off-bike': '',
    });
  });

  it('is what each part disturbs when it is renewed', () => {
    const of = (
      kind: PartKind,
      position: 'front' | 'rear' | 'only',
      gears: 'derailleur' | 'hub-gear' = 'derailleur',
    ): string =>
      touchesOfPart(kind, position, { gears })
        .map((each) => (each.position === 'only' ? each.touch : `${each.touch}@${each.position}`))
        .join(' ');
    expect(of('wheel', 'front')).toBe(
      'axle-out@front tyre-off@front wheel-trued@front hub-bearings@front brake-work@front',
    );
    expect(of('wheel', 'rear')).toBe(
      'axle-out@rear tyre-off@rear wheel-trued@rear hub-bearings@rear brake-work@rear chain-sprockets gears-set',
    );
    expect([of('tyre', 'front'), of('rotor', 'rear'), of('pads', 'front')]).toEqual([
      'tyre-off@front',
      'axle-out@rear brake-work@rear',
      'brake-work@front',
    ]);
    expect([of('chain', 'only'), of('chain', 'only', 'hub-gear')]).toEqual([
      'chain-sprockets gears-set',
      'chain-sprockets gears-set axle-out@rear',
    ]);
    expect(of('cassette', 'only')).toBe('chain-sprockets gears-set axle-out@rear');
    expect(of('fork', 'only')).toBe('stem-headset fork-suspension axle-out@front brake-work@front');
    expect([
      of('shock', 'only'),
      of('saddle', 'only'),
      of('seatpost', 'only'),
      of('battery', 'only'),
      of('pedals', 'only'),
      of('other', 'only'),
    ]).toEqual(['rear-suspension', 'saddle-post', 'saddle-post', 'assist-wiring', 'cranks-pedals', '']);
  });
});
