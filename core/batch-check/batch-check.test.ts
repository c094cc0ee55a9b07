import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asBuilt, questionsOf, zonesOf, type Checkpoint } from '@cadre/core/catalogue';
import { resolveMarks, type Mark } from '@cadre/core/checks';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT, CHECKPOINTS, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { onLike } from '@cadre/test-world/core';
import {
  isAgainst,
  batchCell,
  batchColumns,
  MOST_QUESTIONS,
  WASH_BAY,
  outcomeOfReading,
  placePasted,
  readCell,
  type TypedReading,
} from '.';

const checklist = (key: string) => SHIPPED_CHECKLISTS.find((each) => each.key === key) ?? RIDE_OUT;
const askedBy = (key: string) =>
  BIKE_KINDS.map((kind) => questionsOf(checklist(key), asBuilt(USUAL_BUILD[kind])));
const zones = zonesOf('m-front-first');

describe('the columns of a batch', () => {
  it('are the questions of a short checklist, the trike’s two fronts among them', () => {
    const columns = batchColumns(askedBy('pressures'), { kind: 'checklist' }, zones);
    expect(columns.map((column) => column.key)).toContain('tyre-pressure@left-front');
    expect(columns.every((column) => column.kind === 'question')).toBe(true);
  });
  it('are the zones of a long one, in the order of the route', () => {
    const columns = batchColumns(askedBy('ride-out'), { kind: 'checklist' }, zones);
    expect(columns.every((column) => column.kind === 'zone')).toBe(true);
    expect(columns.map((column) => zones.indexOf(column.zone))).toEqual(
      columns.map((column) => zones.indexOf(column.zone)).sort((a, b) => a - b),
    );
  });
  it('are the questions of the zone chosen', () => {
    const columns = batchColumns(askedBy('ride-out'), { kind: 'zone', zone: 'front-wheel' }, zones);
    expect(columns.length).toBeGreaterThan(3);
    expect(columns.every((column) => column.kind === 'question' && column.zone === 'front-wheel')).toBe(true);
  });
  it('are in the wash bay what shows under the sponge, of the very check that follows', () => {
    const known = new Set(CHECKPOINTS.map(({ key }) => key));
    expect([...WASH_BAY].filter((key) => !known.has(key))).toEqual([]);
    const columns = batchColumns(askedBy('ride-out'), { kind: 'wash' }, zones);
    const keys = columns.map((column) => column.kind === 'question' && column.checkpoint.key);
    expect(keys).toContain('frame-whole');
    expect(keys).toContain('tyre-casing');
    expect(keys.filter((key) => !key || !WASH_BAY.has(key))).toEqual([]);
  });
  it('leave no question of any bike out, on any shipped checklist', () => {
    for (const { key } of SHIPPED_CHECKLISTS) {
      const byBike = askedBy(key);
      const columns = batchColumns(byBike, { kind: 'checklist' }, zones);
      for (const asked of byBike)
        expect(columns.flatMap((column) => batchCell(column, asked, new Map()).questions)).toHaveLength(
          asked.length,
        );
      if (columns.some((column) => column.kind === 'question'))
        expect(columns.length).toBeLessThanOrEqual(MOST_QUESTIONS);
    }
  });
});

describe('a cell of the batch', () => {
  it('shows the worst of its zone and what is left, and is empty where the build rules it out', () => {
    const asked = questionsOf(RIDE_OUT, asBuilt(USUAL_BUILD.hardtail));
    const here = asked.filter((each) => each.zone === 'front-wheel');
    const said = (index: number, outcome: Mark['outcome']): Mark => ({
      id: String(index),
      checkpoint: here[index]?.checkpoint.key ?? '',
      position: here[index]?.position ?? 'only',
      outcome,
      way: 'batch',
      faults: [],
      note: '',
      author: 'ann',
      writerId: 'd',
      counter: 0,
      at: index,
    });
    const cell = batchCell(
      { kind: 'zone', key: 'front-wheel', zone: 'front-wheel' },
      asked,
      resolveMarks([said(0, 'pass'), said(1, 'watch')]),
    );
    expect(cell.outcome).toBe('watch');
    expect(cell.left).toHaveLength(here.length - 2);
    expect(batchCell({ kind: 'zone', key: 'assist', zone: 'assist' }, asked, new Map()).questions).toEqual(
      [],
    );
  });
});

describe('a pasted column', () => {
  const rows = ['Q01', 'Q02', 'Q03', 'Q04'].map((tag) => ({ id: `id-${tag}`, tag }));
  it('goes down by order from where one stands', () => {
    const pasted = placePasted('2.1\n2.2\n2.3\r\n', rows, 1);
    expect(pasted).toEqual({
      by: 'order',
      rows: [
        { bikeId: 'id-Q02', texts: ['2.1'], line: 1 },
        { bikeId: 'id-Q03', texts: ['2.2'], line: 2 },
        { bikeId: 'id-Q04', texts: ['2.3'], line: 3 },
      ],
      issues: [],
    });
  });
  it('goes by tag when it names them, in any order and case', () => {
    const pasted = placePasted('q03\t2.3\t2.5\nQ01;2.1', rows, 0);
    expect(pasted.by).toBe('tag');
    expect(pasted.rows.map((row) => [row.bikeId, row.texts])).toEqual([
      ['id-Q03', ['2.3', '2.5']],
      ['id-Q01', ['2.1']],
    ]);
  });
  it('tells lines that find no bike, and bikes that get none', () => {
    expect(placePasted('1\n2\n3', rows, 2).issues).toEqual([{ code: 'too-many', lines: [3] }]);
    expect(placePasted('1\n2\n3', rows, 0).issues).toEqual([{ code: 'too-few', tags: ['Q04'] }]);
    expect(placePasted('Q01\t1\nQ09\t2\nQ01\t3\nQ02\t4', rows, 0).issues).toEqual([
      { code: 'unknown-tag', line: 2, text: 'Q09' },
      { code: 'tag-twice', line: 3, text: 'Q01' },
    ]);
  });
  it('never gives two lines to one bike, nor loses a batch unsaid', () => {
    const line = fc.oneof(
      fc.constantFrom('Q01\t2', 'Q02\t3', 'Q09\t1', 'q03;4'),
      fc.constantFrom('2.4', 's', ''),
    );
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 8 }), fc.nat(3), (lines, from) => {
        const { rows: placed, issues } = placePasted(lines.join('\n') || '.', rows, from);
        expect(new Set(placed.map((row) => row.bikeId)).size).toBe(placed.length);
        const told = issues.reduce(
          (sum, issue) =>
            sum + (issue.code === 'too-many' ? issue.lines.length : issue.code === 'too-few' ? 0 : 1),
          0,
        );
        const trailing = (lines.join('\n') || '.').replace(/\n+$/, '').split('\n').length;
        expect(placed.length + told).toBe(trailing);
      }),
    );
  });
});

describe('what is typed into a cell', () => {
  const pressure = { measure: 'tyre-window' };
  const { faults } = CHECKPOINTS.find((each) => each.key === 'tyre-pressure') as Checkpoint;
  const on = onLike({ fit: { sidewallMinFront: 210, sidewallMaxFront: 380 } });
  it.each([
    ['p', 'pass'],
    ['F', 'fail'],
    ['fixed', 'fixed'],
    ['s', 'skipped'],
  ])('“%s” is %s', (text, outcome) => expect(readCell(text, {}, on)).toEqual({ kind: 'outcome', outcome }));
  it.each([
    ['2.4', 'go-on', 'pass'],
    ['1,2', 'pump', null],
    ['35 psi', 'go-on', 'pass'],
    ['5', 'let-down', null],
  ] as const)('“%s” says %s and by itself %s', (text, next, outcome) => {
    const cell = readCell(text, pressure, on);
    expect(cell).toMatchObject({ kind: 'reading', reading: { verdicts: [{ next }] } });
    expect(cell.kind === 'reading' && outcomeOfReading(cell.reading, null, faults)).toBe(outcome);
    expect(cell.kind === 'reading' && isAgainst(cell.reading)).toBe(outcome === null);
  });
  const reading = (text: string, at = on): TypedReading => {
    const cell = readCell(text, pressure, at);
    if (cell.kind !== 'reading') throw new Error(text);
    return cell.reading;
  };
  it('is put right when it is inside after it was outside', () => {
    expect(outcomeOfReading(reading('2.4'), reading('1'), faults)).toBe('fixed');
    expect(outcomeOfReading(reading('2.4'), reading('2.5'), faults)).toBe('pass');
    expect(outcomeOfReading(reading('2.4', onLike()), reading('1'), faults)).toBeNull();
  });
  it('says nothing by itself where the look has faults no number tells of', () =>
    expect(
      outcomeOfReading(reading('2.4'), null, [
        ...faults,
        { key: 'cut', name: 'Cut', floor: 'stop', doNext: '' },
      ]),
    ).toBeNull());
  it('is refused when it can be nothing', () => {
    expect(readCell('35', pressure, on)).toEqual({
      kind: 'refused',
      why: 'out-of-range',
      least: 0,
      most: 1100,
      unit: 'kPa',
      likely: 'psi',
      measure: 'tyre-window',
    });
    expect(readCell('hm', pressure, on)).toEqual({ kind: 'refused', why: 'not-understood' });
    expect(readCell('2.4', {}, on)).toEqual({ kind: 'refused', why: 'not-understood' });
    expect(readCell('1.6 1.6', { measure: 'rotor' }, on)).toEqual({
      kind: 'refused',
      why: 'how-many',
      few: 3,
      many: 24,
    });
    expect(readCell('9', { measure: 'disc-pad' }, on)).toMatchObject({
      kind: 'refused',
      why: 'out-of-range',
      least: 0,
      most: 6,
    });
  });
});
