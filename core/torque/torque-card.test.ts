import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { DEFAULT_POLICY, type MeasuredBike, type PolicyVersion } from '@cadre/core/catalogue';
import { BIKE_KINDS, fitIssues, fitItemsOf, JOINTS, USUAL_BUILD, type FitList } from '@cadre/core/fleet';
import { jointsOf, jointsTouched, torqueCard, type TorqueCardRow } from '.';

const bikeLike = (more: Partial<MeasuredBike> = {}): MeasuredBike => ({
  build: USUAL_BUILD.hardtail,
  model: {},
  own: {},
  parts: {},
  ...more,
});
const policyLike = (
  more: Partial<PolicyVersion> = {},
  practices: Partial<PolicyVersion['practices']> = {},
): PolicyVersion => ({
  ...DEFAULT_POLICY,
  practices: { ...DEFAULT_POLICY.practices, ...practices },
  ...more,
});
function rowOf(joint: string, bike: MeasuredBike, policy = policyLike()): TorqueCardRow {
  const row = torqueCard(bike, policy).find((each) => each.joint === joint);
  if (!row) throw new Error(`no ${joint} on the card`);
  return row;
}

describe('the joints work loosens', () => {
  it('are those of the bike at hand, at the end it was done', () => {
    const build = USUAL_BUILD.hardtail;
    expect(jointsTouched([{ touch: 'brake-work', position: 'front' }], build)).toContain('caliper-mount');
    expect(jointsTouched([{ touch: 'axle-out', position: 'rear' }], build)).toEqual(['axle-rear']);
    expect(jointsTouched([{ touch: 'chain-sprockets', position: 'only' }], build)).toEqual(['lock-ring']);
    expect(jointsTouched([{ touch: 'rear-suspension', position: 'only' }], build)).toEqual([]);
  });
});

describe('the joints on a card', () => {
  it.each([
    ['hardtail', ['stem-steerer', 'stem-faceplate', 'rotor-bolt', 'axle-front'], ['bar-clamp', 'pivot']],
    ['full-suspension', ['pivot', 'stem-faceplate'], ['bar-clamp']],
    [
      'trike',
      ['bar-clamp', 'crank-arm'],
      ['stem-steerer', 'stem-faceplate', 'seatpost-clamp', 'saddle-rail'],
    ],
    ['child', ['crank-arm', 'pedal'], ['rotor-bolt', 'pivot']],
  ] as const)('of a %s are those it has', (kind, has, hasNot) => {
    const joints = jointsOf(USUAL_BUILD[kind]).map((each) => each.joint);
    expect(joints).toEqual(expect.arrayContaining([...has]));
    for (const joint of hasNot) expect(joints).not.toContain(joint);
  });
  it('hold the bars once: by the faceplate, or by a clamp of their own', () => {
    for (const headset of ['threadless', 'threaded'] as const) {
      const joints = jointsOf({ ...USUAL_BUILD.hybrid, headset }).map((each) => each.joint);
      expect(joints.filter((joint) => joint === 'stem-faceplate' || joint === 'bar-clamp')).toHaveLength(1);
    }
  });
  it('nutted axles have two nuts, others one axle to thread home', () => {
    const joints = (retentionRear: 'nutted' | 'thru-axle') =>
      jointsOf({ ...USUAL_BUILD.hardtail, retentionRear }).find((each) => each.joint === 'axle-rear');
    expect(joints('nutted')).toMatchObject({ bolts: 2, cautions: ['both-nuts'] });
    expect(joints('thru-axle')).toMatchObject({ bolts: 1, cautions: ['fully-threaded'] });
  });
  it('warn of carbon where the fit list says that post, bar or steerer is of it', () => {
    const warned = (fit: Record<string, string>) =>
      jointsOf(USUAL_BUILD.hardtail, fit)
        .filter(({ cautions }) => cautions.includes('carbon'))
        .map(({ joint }) => joint);
    expect(warned({})).toEqual([]);
    expect(warned({ postMaterial: 'carbon' })).toEqual(['seatpost-clamp']);
    expect(warned({ postMaterial: 'steel' })).toEqual([]);
    expect(warned({ steererMaterial: 'carbon' })).toEqual(['stem-steerer']);
    expect(warned({ barMaterial: 'carbon' })).toEqual(
      expect.arrayContaining(['lever-clamp', 'stem-faceplate']),
    );
  });

  it('warn of the left thread, of carbon and of hoses where there are any', () => {
    const cautions = (joint: string, build = USUAL_BUILD.hardtail) =>
      jointsOf(build).find((each) => each.joint === joint)?.cautions;
    expect(cautions('pedal')).toEqual(['left-thread']);
    expect(cautions('seatpost-clamp')).toEqual([]);
    expect(cautions('seatpost-clamp', { ...USUAL_BUILD.hardtail, frameMaterial: 'carbon' })).toEqual([
      'carbon',
    ]);
    expect(cautions('caliper-mount')).toEqual(['hydraulics']);
    expect(
      cautions('caliper-mount', {
        ...USUAL_BUILD.hardtail,
        brakeFront: 'cable-disc',
        brakeRear: 'cable-disc',
      }),
    ).toEqual([]);
  });
});

describe('the torque of a joint on a card', () => {
  it('is the safer of stem and bar: 6 and 5, ten under, is 4.5', () => {
    const row = rowOf(
      'stem-faceplate',
      bikeLike({ model: { 'torqueMax:stem-faceplate': 6, 'torqueMax:bar-clamp': 5 } }),
      policyLike({}, { torque: 'ten-under' }),
    );
    expect(row.answer).toMatchObject({
      kind: 'target',
      target: 4.5,
      ceiling: { of: 'model:bar-clamp', value: 5 },
    });
    expect(row.stated).toHaveLength(2);
  });
  it('post 6.5 most and 6.2 least against frame 6.0 is a conflict, with both named', () => {
    const row = rowOf(
      'seatpost-clamp',
      bikeLike({
        model: { 'torqueMax:seatpost-clamp': 6 },
        parts: { 'torqueMax:seatpost-clamp': 6.5, 'torqueMin:seatpost-clamp': 6.2 },
      }),
    );
    expect(row.answer).toEqual({
      kind: 'conflict',
      ceiling: { of: 'model:seatpost-clamp', value: 6 },
      floor: { of: 'part:seatpost-clamp', value: 6.2 },
    });
  });
  it('the bike’s own figure stands for its model’s, a part’s stands beside them', () => {
    const stated = { model: { 'torqueMax:crank-arm': 35 }, own: { 'torqueMax:crank-arm': 40 } };
    expect(rowOf('crank-arm', bikeLike(stated)).answer).toMatchObject({
      target: 40,
      ceiling: { of: 'bike:crank-arm' },
    });
    expect(
      rowOf('crank-arm', bikeLike({ ...stated, parts: { 'torqueMax:crank-arm': 38 } })).answer,
    ).toMatchObject({ target: 38 });
  });
  it('the house lowers it and never raises it; alone it is a figure too', () => {
    const house = (most: number) => policyLike({ torqueMost: { 'lever-clamp': most } });
    const marked = bikeLike({ model: { 'torqueMax:lever-clamp': 4 } });
    expect(rowOf('lever-clamp', marked, house(3)).answer).toMatchObject({
      target: 3,
      ceiling: { of: 'house:lever-clamp' },
    });
    expect(rowOf('lever-clamp', marked, house(9)).answer).toMatchObject({ target: 4 });
    expect(rowOf('lever-clamp', bikeLike(), house(3)).answer).toMatchObject({ target: 3 });
  });
  it('nothing stated, or only a least, gives none', () => {
    expect(rowOf('saddle-rail', bikeLike())).toMatchObject({ stated: [], answer: null });
    expect(rowOf('saddle-rail', bikeLike({ own: { 'torqueMin:saddle-rail': 8 } })).answer).toBeNull();
  });
  it.each([
    [{}, 'lever-clamp', 'figure'],
    [{ torque: 'witness' }, 'stem-steerer', 'witness'],
    [{ torque: 'witness', leverClamp: 'just-firm' }, 'lever-clamp', 'just-firm'],
    [{ leverClamp: 'just-firm' }, 'stem-steerer', 'figure'],
  ] as const)('under the practices %o the %s is done by %s', (practices, joint, way) =>
    expect(rowOf(joint, bikeLike(), policyLike({}, practices)).way).toBe(way),
  );

  it('is never over anything stated, whatever is stated anywhere', () => {
    const torque = fc.double({ min: 0.5, max: 80, noNaN: true });
    const fit = fc.dictionary(
      fc.constantFrom(...JOINTS.flatMap((joint) => [`torqueMax:${joint}`, `torqueMin:${joint}`])),
      torque,
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...BIKE_KINDS),
        fit,
        fit,
        fit,
        torque,
        fc.boolean(),
        (kind, model, own, parts, house, under) => {
          const policy = policyLike(
            { torqueMost: { 'stem-steerer': house } },
            { torque: under ? 'ten-under' : 'stated' },
          );
          for (const row of torqueCard({ build: USUAL_BUILD[kind], model, own, parts }, policy)) {
            const [most, least] = (['most', 'least'] as const).map((end) =>
              row.stated.filter((each) => each.end === end).map((each) => each.value),
            );
            if (row.answer === null) expect(most).toEqual([]);
            else if (row.answer.kind === 'conflict')
              expect(Math.max(...(least ?? []))).toBeGreaterThan(Math.min(...(most ?? [])));
            else {
              expect(row.answer.target).toBeLessThanOrEqual(Math.min(...(most ?? [])));
              expect(row.answer.target).toBeGreaterThanOrEqual(Math.max(0, ...(least ?? [])));
            }
          }
        },
      ),
    );
  });
  it('reads only what a fit list takes', () => {
    const fit: FitList = Object.fromEntries(
      fitItemsOf(USUAL_BUILD.hardtail)
        .filter((item) => item.topic === 'torque')
        .map((item) => [item.key, 5]),
    );
    expect(fitIssues(fit)).toEqual([]);
    expect(
      torqueCard(bikeLike({ model: fit }), policyLike()).every((row) => row.answer?.kind === 'target'),
    ).toBe(true);
  });
});
