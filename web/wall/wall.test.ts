import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Bike, Rack, Site } from '@cadre/contract/fleet';
import { NO_FACTS } from '@cadre/core/fitness';
import { FIT_ITEMS, MISMATCHES, PART_KINDS, USUAL_BUILD, type BikeKind } from '@cadre/core/fleet';
import { fitItemWords, fitText, fitValue, MISMATCH_WORDS, PART_WORDS } from '../words/fit/fit-words';
import { gatherChanges } from '../fleet/gather-changes';
import { differingFit, mergeFit } from '../models/merge-fit';
import { freeHooks, putAwayHint } from '../fleet/put-away';
import { columnsFor, tagSizeFor } from './tag-size';
import { heightOf, wallLines, type WallInput, type WallLine } from './wall-lines';

const site = (id: string): Site => ({ id, name: id, timeZone: 'Europe/London', opensAt: '09:00' });
const rack = (id: string, siteId: string, hooks: number, order = 1): Rack => ({
  id,
  siteId,
  name: id,
  order,
  hooks: Array.from({ length: hooks }, (_, index) => ({ id: `${id}-${index + 1}`, number: index + 1 })),
});
const bike = (
  tag: string,
  siteId: string,
  hookId: string | null,
  kind: BikeKind = 'hybrid',
  more: Partial<Bike> = {},
): Bike => ({
  id: tag,
  tag,
  modelId: null,
  model: 'm',
  size: 'M',
  serial: '',
  boughtOn: '',
  warrantyUntil: '',
  siteId,
  hookId,
  build: USUAL_BUILD[kind],
  own: [],
  fit: {},
  whereabouts: 'in',
  version: 1,
  facts: NO_FACTS,
  parts: [],
  marked: {},
  openCheckId: null,
  ...more,
});

const sites = [site('A'), site('B')];
const racks = [rack('rail', 'A', 5), rack('wall', 'A', 2, 2), rack('hut', 'B', 2)];
const bikes = [
  bike('Q1', 'A', 'rail-1'),
  bike('Q3', 'A', 'rail-3', 'child'),
  bike('Q9', 'A', null),
  bike('H1', 'B', 'hut-2', 'hybrid', { size: 'L' }),
];
const input = (more: Partial<WallInput> = {}): WallInput => ({
  sites,
  racks,
  bikes,
  grouping: 'hooks',
  fitnessOf: (each) => (each.tag === 'Q3' ? 'held' : 'due'),
  columns: 3,
  filtered: false,
  ...more,
});
const told = (lines: readonly WallLine[]): string[] =>
  lines.map((line) =>
    line.kind === 'hooks'
      ? line.places.map((place) => place.bike?.tag ?? `(${place.number})`).join(' ')
      : line.kind === 'heading'
        ? `# ${line.words}`
        : line.kind === 'site'
          ? `== ${line.site.name}`
          : `- ${line.rack.name}`,
  );

describe('the wall as lines', () => {
  it('cuts rails to the room, keeps gaps, and puts loose bikes last', () => {
    expect(told(wallLines(input()))).toEqual([
      '== A',
      '- rail',
      'Q1 (2) Q3',
      '(4) (5)',
      '- wall',
      '(1) (2)',
      '# No hook',
      'Q9',
      '== B',
      '- hut',
      '(1) H1',
    ]);
  });
  it('shows of a filter what it found, and no empty rail', () => {
    expect(told(wallLines(input({ bikes: [bikes[1] as Bike], filtered: true })))).toEqual([
      '== A',
      '- rail',
      'Q3',
    ]);
  });
  it('groups by fitness worst first, by kind, by size', () => {
    expect(told(wallLines(input({ grouping: 'fitness' })))).toEqual(['# Held', 'Q3', '# Due', 'H1 Q1 Q9']);
    expect(told(wallLines(input({ grouping: 'kind' })))).toEqual([
      '# Child’s bike',
      'Q3',
      '# Hybrid',
      'H1 Q1 Q9',
    ]);
    expect(told(wallLines(input({ grouping: 'size' })))).toEqual(['# L', 'H1', '# M', 'Q1 Q3 Q9']);
  });
  it('has every bike once, whatever it is grouped by, each line under a key of its own and of some height', () => {
    for (const grouping of ['hooks', 'fitness', 'kind', 'size'] as const) {
      const lines = wallLines(input({ grouping }));
      expect(
        lines
          .flatMap((line) =>
            line.kind === 'hooks' ? line.places.flatMap((place) => place.bike?.tag ?? []) : [],
          )
          .sort(),
      ).toEqual(['H1', 'Q1', 'Q3', 'Q9']);
      expect(new Set(lines.map((line) => line.key)).size).toBe(lines.length);
      for (const line of lines)
        expect(heightOf(line, 'medium', { arranging: true, roomRem: 24 })).toBeGreaterThan(1.5);
    }
  });
  it('gives hooks more room where each tag says more, and headings none', () => {
    const taller = wallLines(input({ grouping: 'hooks' })).map(
      (line) =>
        [
          line.kind,
          heightOf(line, 'medium', { arranging: false, roomRem: 60, says: true }) -
            heightOf(line, 'medium', { arranging: false, roomRem: 60 }),
        ] as const,
    );
    for (const [kind, by] of taller) expect(by).toBeCloseTo(kind === 'hooks' ? 1 : 0);
    expect(taller.some(([kind]) => kind === 'hooks')).toBe(true);
  });
  it('has larger tags the fewer bikes there are, and never none beside each other', () => {
    expect([10, 72, 2000].map((count) => tagSizeFor(count, 52))).toEqual(['large', 'medium', 'small']);
    expect(columnsFor('large', 3)).toBe(1);
    expect(columnsFor('small', 52)).toBeGreaterThan(columnsFor('medium', 52));
  });
});

describe('putting a bike away', () => {
  it('names its own hook, else the nearest free one where its kind hangs, else none', () => {
    expect(putAwayHint(bikes[0] as Bike, racks, bikes)).toEqual({
      hookId: 'rail-1',
      rack: 'rail',
      number: 1,
      own: true,
    });
    const onWall = [...bikes, bike('Q5', 'A', 'wall-1', 'trike')];
    expect(putAwayHint(bike('T2', 'A', null, 'trike'), racks, onWall)).toMatchObject({
      rack: 'wall',
      number: 2,
      own: false,
    });
    expect(putAwayHint(bike('X', 'C', null), racks, bikes)).toBeNull();
    expect(freeHooks(racks[2] as Rack, bikes).map((hook) => hook.number)).toEqual([1]);
  });
});

describe('changes told in a moment', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());
  const listen = () => {
    const asked: string[] = [];
    const { changed } = gatherChanges({
      one: (id) => asked.push(id),
      all: () => Promise.resolve(void asked.push('all')),
    });
    return { asked, changed };
  };
  it('ask once for each bike, for everything when they are many, or when one belongs to no bike', () => {
    const few = listen();
    for (const id of ['a', 'a', 'b']) few.changed(id);
    vi.runAllTimers();
    expect(few.asked).toEqual(['a', 'b']);
    const many = listen();
    for (let index = 0; index < 100; index += 1) many.changed(`${index}`);
    vi.runAllTimers();
    expect(many.asked).toEqual(['all']);
    const none = listen();
    none.changed('a');
    none.changed(null);
    vi.runAllTimers();
    expect(none.asked).toEqual(['all']);
  });
  it('leave the whole wall alone for a while after it was fetched, and forget nothing meanwhile', async () => {
    const { asked, changed } = listen();
    changed(null);
    await vi.advanceTimersByTimeAsync(150);
    changed('a');
    changed('b');
    await vi.advanceTimersByTimeAsync(150);
    expect(asked).toEqual(['all']);
    await vi.advanceTimersByTimeAsync(300);
    expect(asked).toEqual(['all', 'a', 'b']);
    changed('c');
    await vi.advanceTimersByTimeAsync(150);
    expect(asked).toEqual(['all', 'a', 'b', 'c']);
  });
});

describe('fit lists in words', () => {
  it('name every item, part and reason, and no two items alike', () => {
    const words = FIT_ITEMS.map((item) => fitItemWords(item.key));
    expect(new Set(words).size).toBe(words.length);
    expect(words.every((word) => /^[A-Z]/.test(word))).toBe(true);
    for (const kind of PART_KINDS) expect(PART_WORDS[kind]).toBeTruthy();
    for (const code of MISMATCHES) expect(MISMATCH_WORDS[code]).toMatch(/\.$/);
  });
  it('show pressures in bar and read them back', () => {
    const pressure = FIT_ITEMS.find((item) => item.key === 'sidewallMaxFront');
    if (!pressure) throw new Error('no such item');
    expect(fitText(pressure, 350)).toBe('3.5');
    expect(fitValue(pressure, '3,5')).toBe(350);
    expect(fitValue(pressure, '50 psi')).toBeCloseTo(344.74, 1);
    expect(fitValue(pressure, 'hard')).toBeNull();
  });
  it('merge field by field as chosen', () => {
    const mine = { maximumLoad: 100, chain: '11', cassette: '11-46' };
    const theirs = { maximumLoad: 120, chain: '11', hangerCode: 'X' };
    expect(differingFit(mine, theirs).map((field) => [field.name, field.mine, field.theirs])).toEqual([
      ['fit.maximumLoad', '100', '120'],
      ['fit.cassette', '11-46', ''],
      ['fit.hangerCode', '', 'X'],
    ]);
    expect(mergeFit(mine, theirs, new Set(['fit.maximumLoad', 'fit.cassette']))).toEqual({
      maximumLoad: 120,
      chain: '11',
    });
    expect(mergeFit(mine, theirs, new Set(['fit.hangerCode']))).toEqual({ ...mine, hangerCode: 'X' });
  });
});
