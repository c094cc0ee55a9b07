import { describe, expect, it } from 'vitest';
import {
  asBuilt,
  questionsOf,
  DEFAULT_POLICY,
  leastWork,
  measuredOn,
  onChecklist,
  positionsOfTouch,
  TOUCHES,
  ZONES,
  type Touched,
} from '@cadre/core/catalogue';
import { resolveMarks, type Mark } from '@cadre/core/checks';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { findingLike, NOON } from '@cadre/test-world/core';
import { canTouch, judgeRecheck, recheckChecklist, wheelsRenewed } from './index';

const hardtail = USUAL_BUILD.hardtail;
const asks = (
  touched: readonly Touched[],
  failed: { checkpoint: string; position: 'front' | 'rear' | 'only' }[] = [],
): string[] =>
  questionsOf(recheckChecklist(failed, touched, CHECKPOINTS), asBuilt(hardtail)).map((each) => each.key);

describe('the checklist of a recheck', () => {
  it('asks what failed and what the work touched, at the end it touched', () => {
    const keys = asks(
      [{ touch: 'axle-out', position: 'rear' }],
      [{ checkpoint: 'spokes', position: 'rear' }],
    );
    expect(keys).toContain('spokes@rear');
    expect(keys).toContain('wheel-thru-axle@rear');
    expect(keys).toContain('stops-wheel@rear');
    expect(keys).not.toContain('stops-wheel@front');
    expect(keys).not.toContain('spokes@front');
  });

  it('asks both brakes’ hoses and the levers after a stem was loosened', () => {
    const keys = asks([{ touch: 'stem-headset', position: 'only' }]);
    expect(keys).toEqual(
      expect.arrayContaining([
        'headset-play@only',
        'stem-tight@only',
        'levers-on-bar@only',
        'brake-hose@front',
        'brake-hose@rear',
      ]),
    );
  });

  it('judges the wheel a repair renewed as a new one, at its end, and no other', () => {
    const touched = [{ touch: 'hub-bearings', position: 'rear' }] as const;
    expect(wheelsRenewed([{ kind: 'wheel' }], touched)).toEqual(['rear']);
    expect(wheelsRenewed([{ kind: 'tyre' }], touched)).toEqual([]);
    expect(recheckChecklist([], touched, CHECKPOINTS, ['rear']).newWheels).toEqual(['rear']);
    expect(recheckChecklist([], touched, CHECKPOINTS).newWheels).toBeUndefined();
    const bike = { build: hardtail, model: {}, own: {}, parts: {} };
    const isNew = (position: 'front' | 'rear', checklist: Parameters<typeof onChecklist>[1]) =>
      measuredOn({ position, zone: 'rear-wheel' }, onChecklist(bike, checklist), DEFAULT_POLICY).newWheel;
    expect([
      isNew('rear', { key: 'recheck', newWheels: ['rear'] }),
      isNew('front', { key: 'recheck', newWheels: ['rear'] }),
    ]).toEqual([true, false]);
    expect([isNew('front', { key: 'new-bike' }), isNew('front', { key: 'season-opening' })]).toEqual([
      true,
      false,
    ]);
  });

  it('gives no validity and makes everything critical', () => {
    const checklist = recheckChecklist([{ checkpoint: 'rim', position: 'front' }], [], CHECKPOINTS);
    expect(checklist).toMatchObject({ clears: false, validity: { until: 'never' } });
    expect(checklist.items.every((item) => item.critical)).toBe(true);
  });

  it.each(TOUCHES)('asks something of some bike for %s', (touch) => {
    const found = Object.values(USUAL_BUILD).some((build) =>
      positionsOfTouch(touch).some(
        (position) =>
          questionsOf(recheckChecklist([], [{ touch, position }], CHECKPOINTS), asBuilt(build)).length > 0,
      ),
    );
    expect(found).toBe(true);
  });

  it.each(Object.entries(USUAL_BUILD))('offers on a %s only work whose parts it has', (_kind, build) => {
    for (const [touch, own] of [
      ['assist-wiring', 'assist-wiring@only'],
      ['rear-suspension', 'suspension-pivots@only'],
      ['fork-suspension', 'fork-legs@only'],
    ] as const) {
      const asked = questionsOf(
        recheckChecklist([], [{ touch, position: 'only' }], CHECKPOINTS),
        asBuilt(build),
      ).map(({ key }) => key);
      expect(canTouch(touch, build), touch).toBe(asked.includes(own));
    }
  });

  it('proposes touches for a fault in every zone but those that disturb nothing', () => {
    const silent = ZONES.filter((zone) => leastWork({ zone, position: 'only' }).length === 0);
    expect(silent).toEqual(['frame', 'off-bike']);
    expect(leastWork({ zone: 'rear-brake', position: 'rear' })).toEqual([
      { touch: 'brake-work', position: 'rear' },
    ]);
  });
});

describe('judging a recheck', () => {
  const repaired = findingLike({ state: 'repaired', repairedBy: 'tom' });
  const look = (outcome: Mark['outcome'], signedBy = 'pia', complete = true, finding = repaired) => {
    const mark: Mark = {
      id: 'm',
      checkpoint: finding.checkpoint,
      position: finding.position,
      outcome,
      way: 'single',
      faults: [],
      note: '',
      author: signedBy,
      writerId: 'd',
      counter: 0,
      at: 1,
    };
    return judgeRecheck({
      repaired: [finding],
      answers: resolveMarks([mark]),
      complete,
      signedBy,
      policy: DEFAULT_POLICY,
      now: NOON,
    });
  };

  it('makes a stop found sound wait for the release', () => {
    expect(look('pass')).toMatchObject({ ok: true, value: [{ state: 'rechecked' }] });
  });

  it('closes a soon found sound: nothing held the bike', () => {
    const soon = findingLike({
      state: 'repaired',
      severity: 'soon',
      floor: 'soon',
      limit: { until: NOON + 1, outings: 5 },
      repairedBy: 'tom',
    });
    expect(look('pass', 'tom', true, soon)).toMatchObject({ ok: true, value: [{ state: 'closed' }] });
  });

  it.each(['open', 'in-work', 'rechecked', 'closed'] as const)(
    'moves no finding that is %s: nobody repaired it since',
    (state) => {
      expect(look('pass', 'pia', true, findingLike({ state }))).toEqual({ ok: true, value: [] });
    },
  );

  it('moves nothing when it is incomplete or failed again', () => {
    expect(look('pass', 'pia', false)).toEqual({ ok: true, value: [] });
    expect(look('fail')).toEqual({ ok: true, value: [] });
  });

  it('wants a second person for a soon on brakes that ran out, not for one that has time left', () => {
    const soon = { state: 'repaired', severity: 'soon', floor: 'soon', repairedBy: 'tom' } as const;
    const overdue = findingLike({ ...soon, limit: { until: NOON, outings: 5 } });
    expect(look('pass', 'tom', true, overdue)).toMatchObject({
      ok: false,
      refusal: { code: 'recheck.second-person' },
    });
    expect(look('pass', 'pia', true, overdue)).toMatchObject({ ok: true, value: [{ state: 'rechecked' }] });
    expect(
      look('pass', 'tom', true, findingLike({ ...soon, limit: { until: NOON + 1, outings: 5 } })).ok,
    ).toBe(true);
    expect(
      look(
        'pass',
        'tom',
        true,
        findingLike({ ...soon, limit: { until: NOON + 1, outings: 5 }, outingsUsed: 5 }),
      ).ok,
    ).toBe(false);
  });

  it('wants a second person for a stop on brakes, not for one on the saddle', () => {
    expect(look('pass', 'tom')).toMatchObject({ ok: false, refusal: { code: 'recheck.second-person' } });
    expect(
      look('pass', 'tom', true, findingLike({ state: 'repaired', zone: 'saddle-post', repairedBy: 'tom' }))
        .ok,
    ).toBe(true);
  });
});
