import { describe, expect, it } from 'vitest';
import { asBuilt, holds, TOUCHES, ZONES } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { DRAWING_SIZE, guidesFor, labelBox, recheckedAfter } from '@cadre/core/guides';
import { CHECKPOINTS } from './checklists';
import { GUIDES } from './guides';
import * as drawings from './guides/drawings';
import { TRACES } from './traces';

const usual = [
  ...BIKE_KINDS.map((kind) => USUAL_BUILD[kind]),
  { ...USUAL_BUILD.hybrid, transmission: 'belt' as const, gears: 'hub-gear' as const },
].map((build) => asBuilt({ ...build, accessories: ['lights', ...build.accessories] }));

describe('the repair guides that ship', () => {
  it('are about thirty, each with steps, tools, a time and when to stop', () => {
    expect(GUIDES.length).toBeGreaterThanOrEqual(30);
    expect(new Set(GUIDES.map(({ key }) => key)).size).toBe(GUIDES.length);
    for (const guide of GUIDES) {
      expect(guide.steps.length, guide.key).toBeGreaterThanOrEqual(3);
      expect(guide.tools.length, guide.key).toBeGreaterThan(0);
      expect(guide.minutes, guide.key).toBeGreaterThan(0);
      expect(guide.stopWhen, guide.key).toMatch(/^Stop (if|at)/);
      expect(
        guide.zones.every((zone) => ZONES.includes(zone)),
        guide.key,
      ).toBe(true);
      expect(
        guide.touches.every((touch) => TOUCHES.includes(touch)),
        guide.key,
      ).toBe(true);
    }
  });

  it.each(GUIDES.map((guide) => [guide.key, guide] as const))(
    '%s repairs what the catalogue knows, on a bike there is',
    (_key, guide) => {
      for (const { checkpoint: key, faults = [] } of guide.repairs) {
        const checkpoint = CHECKPOINTS.find((each) => each.key === key);
        expect(checkpoint, key).toBeDefined();
        for (const fault of faults)
          expect(
            checkpoint?.faults.map((each) => each.key),
            `${key} ${fault}`,
          ).toContain(fault);
      }
      const { applies } = guide;
      if (applies)
        expect(
          usual.some((fitted) =>
            (['only', 'front', 'rear'] as const).some((end) => holds(applies, fitted, end)),
          ),
        ).toBe(true);
    },
  );

  it('say what a brake, steering or wheel job needs before anyone rides', () => {
    for (const guide of GUIDES.filter(({ zones }) => zones.some((zone) => /brake|headset|wheel/.test(zone))))
      expect(
        guide.steps.some(({ caution }) => caution),
        guide.key,
      ).toBe(true);
  });

  it('are there for every cause of a search that a workshop of one’s own may repair', () => {
    const without = TRACES.flatMap((trace) =>
      trace.causes
        .filter(({ mechanic }) => !mechanic)
        .filter(({ place }) => guidesFor(GUIDES, { checkpoint: place.checkpoint }).length === 0)
        .map(({ place }) => place.checkpoint),
    );
    expect([...new Set(without)].sort()).toEqual(NO_GUIDE);
  });

  it('are found by fault first, leave out what this bike does not have, and say what is rechecked', () => {
    const [first] = guidesFor(GUIDES, { checkpoint: 'disc-pads', fault: 'oiled' });
    expect(first?.key).toBe('disc-pads');
    expect(guidesFor(GUIDES, { checkpoint: 'disc-pads', fault: 'nothing' })).toEqual([]);
    const child = asBuilt(USUAL_BUILD.child);
    expect(guidesFor(GUIDES, { fitted: child }).map(({ key }) => key)).not.toContain('dropper');
    const headset = GUIDES.find(({ key }) => key === 'headset');
    const after = headset ? recheckedAfter(headset, 'only', child, CHECKPOINTS).map(({ key }) => key) : [];
    expect(after).toEqual(expect.arrayContaining(['headset-play', 'stem-tight']));
  });
});

/** Causes whose repair is left to the maker's instructions. */
const NO_GUIDE: readonly string[] = [
  ...['battery-charge', 'brake-hose', 'fork-service', 'motor-stops', 'rim', 'saddle-rails', 'stops-wheel'],
  'suspension-post',
];

describe('the drawings of the guides', () => {
  const { width, height } = DRAWING_SIZE;
  const isWithin = ([x, y]: readonly [number, number]): boolean =>
    x >= 0 && x <= width && y >= 0 && y <= height;

  it('are there for nearly all of them, and none is drawn for nothing', () => {
    const drawn = GUIDES.flatMap(({ drawing }) => drawing ?? []);
    expect(GUIDES.filter(({ drawing }) => !drawing).map(({ key }) => key)).toEqual([
      ...['suspension-pivots', 'assist-contacts', 'kickstand-guards', 'lights'].sort(),
    ]);
    expect(new Set(drawn)).toEqual(new Set(Object.values(drawings)));
  });

  it.each(Object.entries(drawings))('%s has its names inside, apart, and each at a part', (_key, drawing) => {
    const boxes = drawing.labels.map(labelBox);
    for (const [index, box] of boxes.entries()) {
      const { text, to } = drawing.labels[index] ?? { text: '', to: [-1, -1] as const };
      expect(isWithin([box.left, box.top]) && isWithin([box.right, box.bottom]), text).toBe(true);
      expect(isWithin(to), text).toBe(true);
      for (const other of boxes.slice(index + 1))
        expect(
          box.right < other.left ||
            other.right < box.left ||
            box.bottom < other.top ||
            other.bottom < box.top,
          text,
        ).toBe(true);
    }
    expect(drawing.paths.some(({ as }) => as === 'work' || as === 'move')).toBe(true);
    for (const { d } of drawing.paths) {
      expect(d).toMatch(/^M[-\d. MLHVQSTACZahlqvz]+$/);
      expect(d).not.toMatch(/NaN/);
    }
  });
});
