import { describe, expect, it } from 'vitest';
import { asBuilt, questionsOf } from '@cadre/core/catalogue';
import { INCIDENT_KINDS, CHECKLIST_AFTER } from '@cadre/core/incidents';
import { TRIAL_BIKES } from '@cadre/test-world/core';
import { CHECKPOINTS, checkpointsAfter, NOT_BY_CRASH, SHIPPED_CHECKLISTS } from './index';

const known = new Set(CHECKPOINTS.map(({ key }) => key));

describe('the checklist after an incident', () => {
  it.each(INCIDENT_KINDS)(
    'after a %s asks all the catalogue says it can do, on every bike, all of it critical',
    (kind) => {
      const checklist = SHIPPED_CHECKLISTS.find(({ key }) => key === CHECKLIST_AFTER[kind]);
      const cause = { crash: 'crash', immersion: 'water', transport: null, contamination: null }[kind];
      for (const [bike, build] of Object.entries(TRIAL_BIKES)) {
        const asked = new Map(
          questionsOf(checklist ?? { items: [] }, asBuilt(build)).map((each) => [each.key, each.critical]),
        );
        for (const { key, checkpoint } of questionsOf(
          { items: CHECKPOINTS.map((each) => ({ checkpoint: each, critical: false })) },
          asBuilt(build),
        )) {
          const stops = checkpoint.faults.filter((fault) => fault.floor === 'stop');
          const can =
            checkpoint.disturbedBy?.includes(kind) ||
            stops.some((fault) => fault.by?.some((by) => by === cause)) ||
            (kind === 'crash' &&
              stops.some((fault) => fault.by === undefined) &&
              !(checkpoint.key in NOT_BY_CRASH));
          expect(asked.get(key) ?? false, `${bike} ${key}`).toBe(Boolean(can));
        }
      }
      expect(checkpointsAfter(kind, CHECKPOINTS).length).toBeGreaterThan(kind === 'contamination' ? 6 : 20);
    },
  );

  it('after spray or oil asks only for brakes, and asks something of every bike', () => {
    const checklist = SHIPPED_CHECKLISTS.find(({ key }) => key === 'after-contamination') ?? { items: [] };
    for (const [bike, build] of Object.entries(TRIAL_BIKES)) {
      const asked = questionsOf(checklist, asBuilt(build));
      expect(asked.length, bike).toBeGreaterThan(0);
      expect(
        asked.filter(({ zone }) => !zone.endsWith('brake') && zone !== 'rear-wheel'),
        bike,
      ).toEqual([]);
    }
  });

  it('leaves out after a crash only what is named with a reason', () => {
    expect(Object.keys(NOT_BY_CRASH).filter((key) => !known.has(key))).toEqual([]);
    expect(Object.keys(NOT_BY_CRASH).sort()).toEqual([
      'disc-pads',
      'lever-reach',
      'rim-pads',
      'saddle-set',
      'tyre-pressure',
    ]);
  });

  it.each([
    [
      'crash',
      'hub-play tyre-clearance faceplate headset-turns headset-clamp headset-bearings spokes spoke-tension-left spoke-tension-right jockey-wheels battery-contacts belt belt-tension bar-tape charger test-ride',
    ],
    ['immersion', 'freehub corrosion charger battery battery-contacts'],
  ] as const)('after a %s asks what was forgotten once', (kind, keys) => {
    expect(checkpointsAfter(kind, CHECKPOINTS).map(({ key }) => key)).toEqual(
      expect.arrayContaining(keys.split(' ')),
    );
  });
});

/** What brings a stop that no ordinary outing brings, by cause, said once more by hand. */
