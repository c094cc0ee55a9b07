import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asBuilt, askedOf, zonesOf } from '@cadre/core/catalogue';
import { foldMarks, type Mark } from '@cadre/core/checks';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT, SHIPPED_SHEETS } from '@cadre/core/shipped';
import { lineCell, lineColumns, MOST_QUESTIONS, outcomeOfReading, placePasted, readCell, type TypedReading } from '.';

const sheet = (key: string) => SHIPPED_SHEETS.find((each) => each.key === key) ?? RIDE_OUT;
const askedBy = (key: string) => BIKE_KINDS.map((kind) => askedOf(sheet(key), asBuilt(USUAL_BUILD[kind])));
const zones = zonesOf('m-front-first');

describe('the columns of a line', () => {
  it('are the questions of a short sheet, the trike’s two fronts among them', () => {
    const columns = lineColumns(askedBy('pressures'), { kind: 'sheet' }, zones);
    expect(columns.map((column) => column.key)).toContain('tyre-pressure@left-front');
    expect(columns.every((column) => column.kind === 'question')).toBe(true);
  });
  it('are the zones of a long one, in the order of the route', () => {
    const columns = lineColumns(askedBy('ride-out'), { kind: 'sheet' }, zones);
    expect(columns.every((column) => column.kind === 'zone')).toBe(true);
    expect(columns.map((column) => zones.indexOf(column.zone))).toEqual(columns.map((column) => zones.indexOf(column.zone)).sort((a, b) => a - b));
  });
  it('are the questions of the zone chosen', () => {
    const columns = lineColumns(askedBy('ride-out'), { kind: 'zone', zone: 'front-wheel' }, zones);
    expect(columns.length).toBeGreaterThan(3);
    expect(columns.every((column) => column.kind === 'question' && column.zone === 'front-wheel')).toBe(true);
  });
  it('leave no question of any bike out, on any shipped sheet', () => {
    for (const { key } of SHIPPED_SHEETS) {
      const byBike = askedBy(key);
      const columns = lineColumns(byBike, { kind: 'sheet' }, zones);
      for (const asked of byBike) expect(columns.flatMap((column) => lineCell(column, asked, new Map()).asked)).toHaveLength(asked.length);
      if (columns.some((column) => column.kind === 'question')) expect(columns.length).toBeLessThanOrEqual(MOST_QUESTIONS);
    }
  });
});

describe('a cell of the line', () => {
  it('shows the worst of its zone and what is left, and is empty where the build rules it out', () => {
    const asked = askedOf(RIDE_OUT, asBuilt(USUAL_BUILD.hardtail));
    const here = asked.filter((each) => each.zone === 'front-wheel');
    const said = (index: number, word: Mark['word']): Mark => ({
      id: String(index),
      checkpoint: here[index]?.checkpoint.key ?? '',
      position: here[index]?.position ?? 'only',
      word,
      way: 'line',
      faults: [],
      note: '',
      author: 'ann',
      device: 'd',
      at: index,
    });
    const cell = lineCell({ kind: 'zone', key: 'front-wheel', zone: 'front-wheel' }, asked, foldMarks([said(0, 'sound'), said(1, 'watch')]));
    expect(cell.outcome).toBe('watch');
    expect(cell.left).toHaveLength(here.length - 2);
    expect(lineCell({ kind: 'zone', key: 'assist', zone: 'assist' }, asked, new Map()).asked).toEqual([]);
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
  it('never gives two lines to one bike, nor loses a line unsaid', () => {
    const line = fc.oneof(fc.constantFrom('Q01\t2', 'Q02\t3', 'Q09\t1', 'q03;4'), fc.constantFrom('2.4', 's', ''));
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 8 }), fc.nat(3), (lines, from) => {
        const { rows: placed, issues } = placePasted(lines.join('\n') || '.', rows, from);
        expect(new Set(placed.map((row) => row.bikeId)).size).toBe(placed.length);
        const told = issues.reduce((sum, issue) => sum + (issue.code === 'too-many' ? issue.lines.length : issue.code === 'too-few' ? 0 : 1), 0);
        const trailing = (lines.join('\n') || '.').replace(/\n+$/, '').split('\n').length;
        expect(placed.length + told).toBe(trailing);
      }),
    );
  });
});

describe('what is typed into a cell', () => {
  const pressure = { measure: 'tyre-window' };
  const window = { floor: 210, ceiling: 380 };
  it.each([
    ['s', 'sound'],
    ['F', 'fault'],
    ['put right', 'put-right'],
    ['n', 'not-looked-at'],
  ])('“%s” is %s', (text, outcome) => expect(readCell(text, {}, null)).toEqual({ kind: 'outcome', outcome }));
  it.each([
    ['2.4', 'inside', 'sound'],
    ['1,2', 'low', null],
    ['35 psi', 'inside', 'sound'],
    ['5', 'high', null],
  ] as const)('“%s” is %s and by itself %s', (text, verdict, outcome) => {
    const cell = readCell(text, pressure, window);
    expect(cell).toMatchObject({ kind: 'reading', reading: { verdict } });
    expect(cell.kind === 'reading' && outcomeOfReading(cell.reading, null)).toBe(outcome);
  });
  it('is put right when it is inside after it was outside', () => {
    const reading = (verdict: TypedReading['verdict']): TypedReading => ({ measure: 'tyre-window', value: 1, typed: '1', verdict });
    expect(outcomeOfReading(reading('inside'), reading('low'))).toBe('put-right');
    expect(outcomeOfReading(reading('inside'), reading('inside'))).toBe('sound');
    expect(outcomeOfReading(reading('unknown'), reading('low'))).toBeNull();
  });
  it('is refused when it can be nothing', () => {
    expect(readCell('35', pressure, window)).toEqual({
      kind: 'refused',
      why: 'out-of-range',
      least: 0,
      most: 1100,
      likely: 'psi',
      measure: 'tyre-window',
    });
    expect(readCell('hm', pressure, window)).toEqual({ kind: 'refused', why: 'not-understood' });
    expect(readCell('2.4', {}, null)).toEqual({ kind: 'refused', why: 'not-understood' });
  });
});
