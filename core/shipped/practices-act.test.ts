import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  asBuilt,
  DEFAULT_POLICY,
  DEFAULT_PRACTICES,
  INTERVAL_PRACTICES,
  isPracticeQuestion,
  measuredOn,
  practised,
  PRACTICE_QUESTIONS,
  PRACTICES,
  questionsOf,
  stationsOf,
  type Checkpoint,
  type PracticeQuestion,
  type Practices,
} from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type BikeKind, type FitList } from '@cadre/core/fleet';
import { judgeReading, type Measure } from '@cadre/core/measures';
import { torqueCard } from '@cadre/core/torque';
import { CHECKPOINTS, SHIPPED_CHECKLISTS } from './checklists';
import { PRACTICE_CHANGES } from './practice-changes';
import { shippedServices } from './services';

const read = (
  measure: Measure,
  values: readonly number[],
  practices: Practices,
  fit: FitList = {},
  kind: BikeKind = 'full-suspension',
) =>
  judgeReading(
    { measure, values, typed: values.join(' ') } as never,
    measuredOn(
      { position: 'front', zone: 'front-wheel' } as never,
      { build: USUAL_BUILD[kind], model: fit, own: {}, parts: {} },
      { practices, limits: {} },
    ),
  );

const torqueOf = (practices: Practices) =>
  torqueCard(
    {
      build: USUAL_BUILD.hardtail,
      model: { 'torqueMax:stem-steerer': 6, 'torqueMax:lever-clamp': 5 },
      own: {},
      parts: {},
    },
    { practices, torqueMost: {} },
  );

const checkpoint = (key: string): Checkpoint => {
  const found = CHECKPOINTS.find((each) => each.key === key);
  if (!found) throw new Error(`no checkpoint ${key}`);
  return found;
};
const by = <Q extends PracticeQuestion>(question: Q, side: Practices[Q]): Practices => ({
  ...DEFAULT_PRACTICES,
  [question]: side,
});
const asked = (key: string, question: PracticeQuestion, side: string): Checkpoint =>
  practised(checkpoint(key), { ...DEFAULT_PRACTICES, [question]: side } as Practices);
const faultOf = (key: string, question: PracticeQuestion, side: string, fault: string) =>
  asked(key, question, side).faults.find((each) => each.key === fault);

/** All that a program's practices decide: readings, joints, services, and every checkpoint as it is put. */
function decided(practices: Practices): string {
  const chain = [0.0049, 0.0055, 0.0074, 0.0076, 0.0099, 0.0101];
  const season = SHIPPED_CHECKLISTS.find((each) => each.key === 'season-opening');
  return JSON.stringify([
    BIKE_KINDS.map((kind) => chain.map((value) => read('chain', [value], practices, {}, kind))),
    [0.9, 1.5, 2.5].map((value) => read('run-out', [value], practices)),
    [0.16, 0.22, 0.27].map((value) => read('sag', [value], practices)),
    [100, 200, 300].map((value) => read('tyre-window', [value], practices, { tyreWidthFront: 57 })),
    torqueOf(practices),
    shippedServices(practices),
    CHECKPOINTS.map((each) => ({ ...practised(each, practices), byPractice: [] })),
    season
      ? questionsOf(season, asBuilt(USUAL_BUILD.hardtail), practices).map((question) => question.key)
      : [],
  ]);
}

describe('a practice', () => {
  const before = decided(DEFAULT_PRACTICES);
  it.each(PRACTICE_QUESTIONS)('%s: every side of it decides otherwise', (question) => {
    const sides = PRACTICES[question].map((side) =>
      decided({ ...DEFAULT_PRACTICES, [question]: side } as Practices),
    );
    expect(sides[0]).toBe(before);
    expect(new Set(sides).size).toBe(sides.length);
  });

  it('sets an interval only where it is said to, so that only those know no season', () => {
    const services = JSON.stringify(shippedServices(DEFAULT_PRACTICES));
    const setting = PRACTICE_QUESTIONS.filter((question) =>
      PRACTICES[question].some(
        (side) =>
          JSON.stringify(shippedServices({ ...DEFAULT_PRACTICES, [question]: side } as Practices)) !==
          services,
      ),
    );
    expect(setting.sort()).toEqual([...INTERVAL_PRACTICES].sort());
  });

  it('names a checkpoint, a practice and a side of it that there are, and not the shipped side', () => {
    for (const [key, changes] of Object.entries(PRACTICE_CHANGES)) {
      expect(checkpoint(key).byPractice).toEqual(changes);
      for (const { practice, side } of changes) {
        expect(isPracticeQuestion(practice)).toBe(true);
        expect((PRACTICES[practice] as readonly string[]).slice(1), `${key} ${practice}`).toContain(side);
        expect(checkpoint(key).practices, key).toContain(practice);
      }
    }
  });

  const anyPractices = fc.record(
    Object.fromEntries(
      PRACTICE_QUESTIONS.map((question) => [question, fc.constantFrom(...PRACTICES[question])]),
    ),
  ) as unknown as fc.Arbitrary<Practices>;

  it('never loosens what is marked on a part', () => {
    fc.assert(
      fc.property(anyPractices, fc.constantFrom(...BIKE_KINDS), (practices, kind) => {
        const marked = read('chain', [0.0061], practices, { chainLimit: 0.6 }, kind);
        expect(JSON.stringify(marked)).toContain('fail');
        const trail = read('sag', [0.29], practices, { suspensionUse: 'trail' }, 'full-suspension');
        expect(JSON.stringify(trail)).not.toContain('"outcome":"pass"');
        // A pressure under the sidewall's least is a stop, in any weather.
        const soft = read(
          'tyre-window',
          [170],
          practices,
          { sidewallMinFront: 180, sidewallMaxFront: 400 },
          kind,
        );
        expect(JSON.stringify(soft)).toContain('"uncorrected":"stop"');
        const most = { 'torqueMax:stem-steerer': 6 };
        const [stem] = torqueCard(
          { build: USUAL_BUILD.hardtail, model: most, own: {}, parts: {} },
          { practices, torqueMost: {} },
        ).filter((row) => row.joint === 'stem-steerer');
        expect(JSON.stringify(stem?.answer)).not.toMatch(/"target":(6\.|[7-9]|\d\d)/);
      }),
    );
  });

  it('never takes a stop fault, a caution, a measure or a place away, whatever else is chosen', () => {
    fc.assert(
      fc.property(anyPractices, fc.constantFrom(...CHECKPOINTS), (practices, written) => {
        const put = practised(written, practices);
        for (const fault of written.faults) {
          const now = put.faults.find((each) => each.key === fault.key);
          expect(now, `${written.key} ${fault.key}`).toBeDefined();
          if (fault.floor === 'stop') expect(now?.floor).toBe('stop');
        }
        expect(put.cautions).toEqual(expect.arrayContaining([...written.cautions]));
        expect([put.key, put.at, put.applies, put.measure, put.phase]).toEqual([
          written.key,
          written.at,
          written.applies,
          written.measure,
          written.phase,
        ]);
      }),
    );
  });

  it('asks a bike the very same questions, whatever is chosen', () => {
    const keysOf = (checklist: (typeof SHIPPED_CHECKLISTS)[number], kind: BikeKind, practices: Practices) =>
      questionsOf(checklist, asBuilt(USUAL_BUILD[kind]), practices)
        .map((question) => `${question.key} ${question.critical}`)
        .sort();
    fc.assert(
      fc.property(
        anyPractices,
        fc.constantFrom(...SHIPPED_CHECKLISTS),
        fc.constantFrom(...BIKE_KINDS),
        (practices, checklist, kind) => {
          expect(keysOf(checklist, kind, practices)).toEqual(keysOf(checklist, kind, DEFAULT_PRACTICES));
        },
      ),
    );
  });

  it('does not make a stop of its own lighter even where its data says so', () => {
    const lax: Checkpoint = {
      ...checkpoint('tyre-casing'),
      byPractice: [
        {
          practice: 'sidewallSlash',
          side: 'stitch',
          faults: [{ key: 'slash', name: 'Slashed', floor: 'watch', doNext: 'Nothing.' }],
        },
      ],
    };
    expect(
      practised(lax, by('sidewallSlash', 'stitch')).faults.find((each) => each.key === 'slash')?.floor,
    ).toBe('stop');
  });
});

describe('what is asked and done by practice', () => {
  it.each<[string, PracticeQuestion, string, RegExp]>([
    ['wheel-quick-release', 'quickRelease', 'palm', /firm palm/],
    ['wheel-quick-release', 'quickRelease', 'turns', /half turn/],
    ['wheel-quick-release', 'quickRelease', 'wrench', /firm palm/],
    ['wheel-thru-axle', 'quickRelease', 'palm', /by its lever or key/],
    ['wheel-thru-axle', 'quickRelease', 'wrench', /torque wrench/],
    ['axle-threads', 'axleThreads', 'grease', /thin coat of grease/],
    ['axle-threads', 'axleThreads', 'anti-seize', /anti-seize/],
    ['tyre-pressure', 'pressure', 'house', /your policy’s pressure/],
    ['tyre-pressure', 'pressure', 'window', /range printed on the tyre wall, and not over/],
    ['tyre-pressure', 'pressure', 'calculated', /start calculated/],
    ['sealant', 'sealantLook', 'dipstick', /thin stick/],
    ['sealant', 'sealantLook', 'shake', /beside your ear/],
    ['sealant', 'sealantLook', 'inside', /lumps out/],
    ['chain-lube', 'lubeKind', 'oil', /drop on each roller/],
    ['chain-lube', 'lubeKind', 'wax', /overnight/],
    ['chain-new', 'newChain', 'keep-grease', /no degreaser/],
    ['chain-new', 'newChain', 'strip', /into the tank/i],
    ['drivetrain-clean', 'degreasing', 'on-bike', /on the bike/],
    ['drivetrain-clean', 'degreasing', 'tank', /into the tank/],
    ['washed', 'cleaning', 'clean-first', /before anything is checked/],
    ['washed', 'cleaning', 'wash-looks', /look while the sponge goes/],
    ['every-fastener', 'boltCheck', 'feel', /left alone/],
    ['every-fastener', 'boltCheck', 'nip', /even pull/],
    ['every-fastener', 'boltCheck', 'torque-all', /torque wrench on every bolt/],
    ['every-fastener', 'torque', 'witness', /painted line/],
    ['crank-torque', 'torque', 'witness', /painted line/],
    ['crank-torque', 'boltCheck', 'nip', /even pull/],
    ['headset-clamp', 'torque', 'witness', /painted line/],
    ['faceplate', 'torque', 'witness', /painted line/],
    ['faceplate', 'torque', 'ten-under', /gap above and below/],
  ])('%s with %s by %s: how it is looked at', (key, question, side, says) =>
    expect(asked(key, question, side).how).toMatch(says),
  );

  it.each<[string, PracticeQuestion, string, RegExp]>([
    ['rim-run-out', 'wheelRunOut', 'by-brake', /disc brake under 2 mm/],
    ['rim-run-out', 'wheelRunOut', 'one-mm', /^Under 1 mm/],
    ['fork-sag', 'sag', 'park', /20 and 30/],
    ['shock-sag', 'sag', 'park', /28 and 35/],
    ['chain-wear', 'chainLimit', 'early', /0\.5 %/],
    ['chain-wear', 'chainLimit', 'ruler', /sixteenth/],
    ['chain-wear', 'chainLimit', 'three-quarters', /0\.75 %/],
    ['tyre-pressure', 'winterPressure', 'lower', /never under the least/],
    ['pads-for-event', 'padsBeforeEvent', 'keep', /Twice what is likely/],
    ['pads-for-event', 'padsBeforeEvent', 'new', /of this week/],
  ])('%s with %s by %s: what passes', (key, question, side, says) =>
    expect(asked(key, question, side).passWhen).toMatch(says),
  );

  it.each<[string, PracticeQuestion, string, string, string, RegExp]>([
    ['spokes', 'looseSpoke', 'mechanic', 'slack', 'soon', /^To the mechanic/],
    ['spokes', 'looseSpoke', 'nip', 'slack', 'soon', /quarter turn/],
    ['spokes', 'looseSpoke', 'nip', 'all-slack', 'stop', /Do not ride/],
    ['tyre-casing', 'sidewallSlash', 'replace', 'slash', 'stop', /Replace/],
    ['tyre-casing', 'sidewallSlash', 'stitch', 'slash', 'stop', /no thread of the casing/],
    ['tyre-casing', 'sidewallSlash', 'stitch', 'stitched', 'watch', /every time/],
    ['tyre-casing', 'sidewallSlash', 'stitch', 'threads', 'stop', /Replace/],
    ['hub-feel', 'roughHub', 'bearings', 'rough', 'soon', /New bearings/],
    ['hub-feel', 'roughHub', 'cones', 'rough', 'soon', /set the cones/],
    ['hub-feel', 'roughHub', 'replace', 'rough', 'soon', /from the shelf/],
    ['disc-pads', 'oilyPads', 'scrap', 'oiled', 'stop', /Scrap/],
    ['disc-pads', 'oilyPads', 'sand', 'oiled', 'stop', /does not stop the wheel/],
    ['rim-pads', 'oilyPads', 'sand', 'oiled', 'stop', /does not stop the wheel/],
    ['pad-thickness', 'oilyPads', 'sand', 'oiled', 'stop', /does not stop the wheel/],
    ['headset-turns', 'headset', 'regreased', 'notch', 'soon', /opened/],
    ['headset-turns', 'headset', 'bearings', 'notch', 'soon', /New bearings/],
    ['headset-turns', 'headset', 'whole', 'notch', 'soon', /New headset/],
    ['headset-bearings', 'headset', 'whole', 'rough', 'soon', /New headset/],
    ['headset-bearings', 'headset', 'bearings', 'steerer-crack', 'stop', /mechanic/],
    ['chain-joined', 'chainOiled', 'after-gears', 'dry', 'upkeep', /^Set the gears/],
    ['chain-joined', 'chainOiled', 'before-gears', 'dry', 'upkeep', /then set the gears/],
    ['rim-run-out', 'wheelRunOut', 'one-mm', 'touches', 'stop', /True it/],
    ['drivetrain-clean', 'degreasing', 'tank', 'link', 'stop', /New link/],
    ['washed', 'cleaning', 'wash-looks', 'seen', 'watch', /looked at dry/],
    ['pads-for-event', 'padsBeforeEvent', 'new', 'old', 'soon', /bed them in/],
  ])('%s with %s by %s: %s is %s, and what is done', (key, question, side, fault, floor, doNext) => {
    const found = faultOf(key, question, side, fault);
    expect(found?.floor).toBe(floor);
    expect(found?.doNext).toMatch(doNext);
  });

  it('a stitched wall is a fault only where walls are stitched', () =>
    expect(faultOf('tyre-casing', 'sidewallSlash', 'replace', 'stitched')).toBeUndefined());

  it('the wheel that takes a rough hub’s place is work of its own', () =>
    expect(faultOf('hub-feel', 'roughHub', 'replace', 'rough')?.work).toEqual(['axle-out', 'tyre-off']));

  it.each<[PracticeQuestion, string, string, number]>([
    ['sealantLook', 'inside', 'sealant', 6],
    ['sealantLook', 'shake', 'sealant', 0.7],
    ['boltCheck', 'torque-all', 'every-fastener', 10],
    ['degreasing', 'tank', 'drivetrain-clean', 10],
  ])('%s by %s: %s takes %d minutes', (question, side, key, minutes) =>
    expect(asked(key, question, side).minutes).toBe(minutes),
  );

  it.each([
    ['after-gears', 'shifts', 'chain-lube'],
    ['before-gears', 'chain-lube', 'shifts'],
  ] as const)('the chain is oiled %s: %s comes before %s in the stand', (side, first, then) => {
    const event = SHIPPED_CHECKLISTS.find((each) => each.key === 'event');
    if (!event) throw new Error('no event');
    const order = stationsOf(
      questionsOf(event, asBuilt(USUAL_BUILD.hardtail), by('chainOiled', side)),
      event.route,
    )
      .flatMap((station) => station.questions)
      .map((question) => question.checkpoint.key);
    expect(order.indexOf(first)).toBeLessThan(order.indexOf(then));
  });

  it.each<[string, Practices, number]>([
    ['a hybrid in summer', DEFAULT_PRACTICES, 350],
    ['a hybrid in the wet, let down a little', by('winterPressure', 'lower'), 350 * 0.925],
  ])('the pressure aimed at for %s', (_name, practices, kPa) => {
    const said = read(
      'tyre-window',
      [220],
      practices,
      { sidewallMinFront: 250, sidewallMaxFront: 500 },
      'hybrid',
    );
    expect(JSON.stringify(said)).toContain(`"aim":{"value":${kPa}`);
  });

  it('a pressure let down for the wet stays over the least that is marked', () => {
    const marked = { sidewallMinFront: 340, sidewallMaxFront: 500 };
    const said = read('tyre-window', [220], by('winterPressure', 'lower'), marked, 'hybrid');
    expect(JSON.stringify(said)).toContain('"aim":{"value":340,"source":"marking"');
  });

  it('where a start is calculated no figure of ours is named; one that was chosen is aimed at, under any default floor', () => {
    const markings = { sidewallMaxFront: 400, tyreWidthFront: 57 };
    expect(JSON.stringify(read('tyre-window', [100], by('pressure', 'calculated'), markings))).not.toContain(
      'aim',
    );
    const chosen = { ...markings, startPressureFront: 120 };
    const said = read('tyre-window', [100], by('pressure', 'calculated'), chosen);
    expect(JSON.stringify(said)).toContain('"aim":{"value":120,"source":"start"');
  });

  it('the policy that ships chooses the first side of each', () =>
    expect(DEFAULT_POLICY.practices).toEqual(
      Object.fromEntries(PRACTICE_QUESTIONS.map((question) => [question, PRACTICES[question][0]])),
    ));
});
