import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ACCESSORIES,
  BUILD_FIELDS,
  BUILD_WORDS,
  USUAL_BUILD,
  type Build,
  type BuildWord,
} from '@cadre/core/fleet';
import {
  dateOrderOf,
  defuse,
  FLEET_SCHEMA,
  guessColumns,
  headingOf,
  ALL_COLUMNS,
  isColumn,
  planDocument,
  planImport,
  readDate,
  slipOf,
  undefuse,
  writeTable,
  type FleetBike,
  type FleetDocument,
  type ImportAnswers,
} from '.';

const EMPTY: FleetDocument = {
  schema: FLEET_SCHEMA,
  sites: [{ name: 'Shed', timeZone: 'Europe/London', opensAt: '09:00' }],
  racks: [],
  models: [],
  bikes: [],
};
const anyBuild: fc.Arbitrary<Build> = fc
  .record({
    ...(Object.fromEntries(
      Object.entries(BUILD_WORDS).map(([field, words]) => [field, fc.constantFrom(...words)]),
    ) as unknown as {
      [F in BuildWord]: fc.Arbitrary<Build[F]>;
    }),
    sprockets: fc.integer({ min: 1, max: 14 }),
    accessories: fc.subarray([...ACCESSORIES]),
  })
  .map((build) => build as Build);
const anyBike = (index: number): fc.Arbitrary<FleetBike> =>
  fc
    .record({
      tag: fc.constant(`T${index}`),
      model: fc.constantFrom('=Heron', 'Reed; long', 'Plain "one"'),
      size: fc.constantFrom('', 'M', '24 in'),
      serial: fc.constantFrom('', '-S1', '+2'),
      boughtOn: fc.constantFrom('', '2024-02-29'),
      warrantyUntil: fc.constantFrom('', '2026-12-31'),
      site: fc.constant('Shed'),
      rack: fc.constantFrom('', 'Rail'),
      hook: fc.constant<number | null>(null),
      build: anyBuild,
      fit: fc.constantFrom<FleetBike['fit']>(
        {},
        { maximumLoad: 120.5 },
        { rotorMinFront: 1.55, hangerCode: 'LQ-1' },
      ),
    })
    .map((bike) => ({ ...bike, hook: bike.rack ? index + 1 : null }));
const fleetOf = fc
  .integer({ min: 1, max: 6 })
  .chain((count) => fc.tuple(...Array.from({ length: count }, (_, index) => anyBike(index)))) as fc.Arbitrary<
  FleetBike[]
>;

const answersFor = (headings: readonly string[]): ImportAnswers => ({
  columns: guessColumns(headings).map((guess) => guess.column),
  words: {},
  dateOrder: 'day-first',
  update: false,
  makePlaces: true,
  kindNames: {
    child: 'Child',
    hybrid: 'Hybrid',
    hardtail: 'Hardtail',
    'full-suspension': 'Full',
    'step-through': 'Step',
    cargo: 'Cargo',
    trike: 'Trike',
  },
  site: 'Shed',
});

describe('out and in again', () => {
  it('a table that was exported comes back as the same fleet, whatever the bikes are built like', () => {
    fc.assert(
      fc.property(fleetOf, (bikes) => {
        const [headings = [], ...rows] = writeTable({ ...EMPTY, bikes }).map((row) => row.map(defuse));
        const plan = planImport(rows, 2, answersFor(headings), EMPTY);
        expect(plan.rows.map((row) => row.act)).toEqual(bikes.map(() => 'add'));
        const back = plan.rows.flatMap((row) => (row.act === 'add' ? [row.bike] : []));
        expect(writeTable({ ...EMPTY, bikes: back })).toEqual(writeTable({ ...EMPTY, bikes }));
      }),
      { numRuns: 60 },
    );
  });

  it('the same fleet brought in over itself changes nothing', () => {
    fc.assert(
      fc.property(fleetOf, (bikes) => {
        const fleet = { ...EMPTY, racks: [{ site: 'Shed', name: 'Rail', hooks: 20 }], bikes };
        const [headings = [], ...rows] = writeTable(fleet);
        const plan = planImport(rows, 2, { ...answersFor(headings), update: true }, fleet);
        expect(plan.rows.map((row) => row.act)).toEqual(bikes.map(() => 'same'));
        expect(planDocument(fleet, { update: true }, fleet).rows.map((row) => row.act)).toEqual(
          bikes.map(() => 'same'),
        );
      }),
      { numRuns: 30 },
    );
  });

  it('every column has a heading of its own that is known for certain', () => {
    expect(new Set(ALL_COLUMNS.map(headingOf)).size).toBe(ALL_COLUMNS.length);
    for (const column of ALL_COLUMNS)
      expect(guessColumns([headingOf(column)])[0], column).toEqual({ column, sure: true });
    expect(isColumn('tag') && !isColumn('colour')).toBe(true);
    expect(BUILD_FIELDS.every((field) => isColumn(field))).toBe(true);
  });

  it('a cell that would run is defused, and comes back as it was', () => {
    for (const cell of ['=1+1', '+2', '-S1', '@x', '\tx']) {
      expect(defuse(cell)).toBe(`'${cell}`);
      expect(undefuse(defuse(cell))).toBe(cell);
    }
    expect(defuse("'quoted'")).toBe("'quoted'");
  });
});

describe('a plan', () => {
  const bike = (tag: string, more: Partial<FleetBike> = {}): FleetBike => ({
    tag,
    model: 'Reed',
    size: '',
    serial: '',
    boughtOn: '',
    warrantyUntil: '',
    site: 'Shed',
    rack: '',
    hook: null,
    build: USUAL_BUILD.hybrid,
    fit: {},
    ...more,
  });

  it('lets bikes of the list change hooks among themselves, and shows each difference', () => {
    const fleet = {
      ...EMPTY,
      racks: [{ site: 'Shed', name: 'Rail', hooks: 4 }],
      bikes: [bike('A', { rack: 'Rail', hook: 1 }), bike('B', { rack: 'Rail', hook: 2 })],
    };
    const plan = planImport(
      [
        ['A', 'Rail', '2'],
        ['B', 'Rail', '1'],
      ],
      2,
      { ...answersFor(['Tag', 'Rack', 'Hook']), update: true },
      fleet,
    );
    expect(plan.rows.map((row) => row.act === 'change' && row.differences)).toEqual([
      [{ column: 'hook', before: '1', after: '2' }],
      [{ column: 'hook', before: '2', after: '1' }],
    ]);
  });

  it('keeps of a bike what its row does not say', () => {
    const fleet = {
      ...EMPTY,
      bikes: [
        bike('A', {
          serial: 'S1',
          size: 'L',
          fit: { maximumLoad: 100 },
          build: { ...USUAL_BUILD.hybrid, fork: 'suspension' },
        }),
      ],
    };
    const plan = planImport(
      [['A', 'disc hydraulic']],
      2,
      { ...answersFor(['Tag', 'Front brake']), update: true },
      fleet,
    );
    const [row] = plan.rows;
    expect(row?.act === 'change' && row.bike).toMatchObject({
      serial: 'S1',
      size: 'L',
      fit: { maximumLoad: 100 },
      build: { fork: 'suspension', brakeFront: 'hydraulic-disc', brakeRear: 'rim' },
    });
  });

  it('takes a slip in a site’s name for a slip, and rails that differ in their number for two', () => {
    const rows = [
      ['A', 'hybrid', 'Shedd'],
      ['B', 'hybrid', 'Quay'],
    ];
    const plan = planImport(rows, 2, answersFor(['Tag', 'Kind', 'Site']), EMPTY);
    expect(
      plan.rows.map((row) =>
        row.act === 'wrong' ? row.issues.map((issue) => [issue.code, issue.correction]) : row.act,
      ),
    ).toEqual([[['site-unknown', 'Shed']], 'add']);
    expect([
      slipOf('Slp rail', ['Slip rail']),
      slipOf('Rail 2', ['Rail 1']),
      slipOf('Crater', ['Slip rail']),
    ]).toEqual(['Slip rail', null, null]);
  });

  it('counts the sprockets a column of gears names', () => {
    const rows = [
      ['A', 'hardtail', '12sp'],
      ['B', 'hardtail', '3 x 9'],
      ['C', 'hybrid', 'hub gear 7'],
      ['D', 'hybrid', 'derailleur'],
    ];
    const plan = planImport(rows, 2, answersFor(['Tag', 'Kind', 'Gears']), EMPTY);
    expect(
      plan.rows.map((row) => row.act === 'add' && [row.bike.build.gears, row.bike.build.sprockets]),
    ).toEqual([
      ['derailleur', 12],
      ['derailleur', 9],
      ['hub-gear', 8],
      ['derailleur', 8],
    ]);
  });

  it('takes names that differ in capitals and spaces alone for the same', () => {
    const rows = [
      ['A', 'Heron', 'hybrid', 'Far  shed', 'Rail'],
      ['B', 'heron ', 'hybrid', 'far shed', 'rail'],
      ['C', 'HERON', 'hybrid', 'shed', 'Other'],
    ];
    const plan = planImport(rows, 2, answersFor(['Tag', 'Model', 'Kind', 'Site', 'Rack']), EMPTY);
    expect(plan.sites).toEqual(['Far shed']);
    expect(plan.racks.map((rack) => [rack.site, rack.rack, rack.hooks])).toEqual([
      ['Far shed', 'Rail', 2],
      ['Shed', 'Other', 1],
    ]);
    expect(plan.models.map((model) => model.name)).toEqual(['Heron']);
  });

  it('builds a new bike on its model, and a new model on what most of its bikes share', () => {
    const fleet = {
      ...EMPTY,
      models: [{ name: 'Reed', build: { ...USUAL_BUILD.hybrid, sprockets: 9 }, fit: {} }],
    };
    const plan = planImport(
      [
        ['A', 'Reed', '', ''],
        ['B', 'Heron', 'hardtail', '10'],
        ['C', 'Heron', 'hardtail', '12'],
        ['D', 'Heron', 'hardtail', '12'],
      ],
      2,
      answersFor(['Tag', 'Model', 'Kind', 'Sprockets']),
      fleet,
    );
    expect(plan.rows.map((row) => row.act === 'add' && row.bike.build.sprockets)).toEqual([9, 10, 12, 12]);
    expect(plan.models.map((model) => [model.name, model.build.sprockets])).toEqual([['Heron', 12]]);
  });
});

describe('dates of a file', () => {
  it.each([
    [['03/04/2024', '13/04/2024'], 'day-first'],
    [['03/04/2024', '04/13/2024'], 'month-first'],
    [['13/04/2024', '04/13/2024'], 'mixed'],
    [['03/04/2024'], 'either'],
    [['03/03/2024', '2024-01-02', ''], 'none'],
  ])('%j are %s', (texts, order) => expect(dateOrderOf(texts)).toBe(order));

  it.each(['31/02/2024', '2024-13-01', 'soon', '29/02/2023', '1/1/1850', ''])('“%s” is none', (text) =>
    expect(readDate(text, 'day-first')).toBeNull(),
  );
  it('reads back every day it writes', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('1950-01-01'), max: new Date('2100-12-31'), noInvalidDate: true }),
        (date) => {
          const iso = date.toISOString().slice(0, 10);
          const [year, month, day] = iso.split('-');
          expect(readDate(iso, 'day-first')).toBe(iso);
          expect(readDate(`${day}.${month}.${year}`, 'day-first')).toBe(iso);
          expect(readDate(`${month}/${day}/${year}`, 'month-first')).toBe(iso);
        },
      ),
    );
  });
});

describe('rows seen together', () => {
  const HEADINGS = ['Tag', 'Kind', 'Rack', 'Hook'];
  const hung = (tag: string, hook: number): FleetBike => ({
    ...{
      tag,
      model: 'Hybrid',
      size: '',
      serial: '',
      boughtOn: '',
      warrantyUntil: '',
      site: 'Shed',
      rack: 'Rail',
      hook,
      build: USUAL_BUILD.hybrid,
      fit: {},
    },
  });
  const fleet: FleetDocument = {
    ...EMPTY,
    racks: [{ site: 'Shed', name: 'Rail', hooks: 3 }],
    models: [{ name: 'Hybrid', build: USUAL_BUILD.hybrid, fit: {} }],
    bikes: [hung('A', 1), hung('B', 2), hung('X', 3)],
  };
  const plan = (rows: readonly (readonly string[])[], more: Partial<ImportAnswers> = {}) =>
    planImport(rows, 2, { ...answersFor(HEADINGS), update: true, ...more }, fleet).rows.map((row) =>
      'issues' in row
        ? `${row.tag} ${row.issues.map((issue) => issue.code).join()}`
        : row.act === 'skip'
          ? row.why
          : `${row.bike.tag} ${row.act}`,
    );

  it('swap two hooks, and free none for a row that is wrong, however many others counted on it', () => {
    expect(
      plan([
        ['A', '', 'Rail', '2'],
        ['B', '', 'Rail', '1'],
      ]),
    ).toEqual(['A change', 'B change']);
    // A cannot go where X hangs, so it stays on 1: B cannot go there, stays on 2, and the new one finds no room on either.
    expect(
      plan([
        ['A', '', 'Rail', '3'],
        ['B', '', 'Rail', '1'],
        ['N', 'hybrid', 'Rail', '2'],
      ]),
    ).toEqual(['A hook-taken', 'B hook-taken', 'N hook-taken']);
  });

  it('make no hook where making is off', () => {
    const rows = [['N', 'hybrid', 'Rail', '']];
    expect(plan(rows, { makePlaces: false })).toEqual(['N rack-full']);
    expect(plan(rows)).toEqual(['N add']);
    const moved = [
      ['A', '', '', ''],
      ['N', 'hybrid', 'Rail', ''],
    ];
    expect(
      planImport(
        moved,
        2,
        { ...answersFor(HEADINGS), update: true, makePlaces: false },
        { ...fleet, bikes: [hung('X', 3)] },
      ).racks,
    ).toEqual([]);
  });

  it('are bikes though they are called like a total, and a total where only figures follow', () => {
    expect(
      plan([
        ['TOTAL-1', 'hybrid', '', ''],
        ['SUM', 'hybrid', '', ''],
      ]),
    ).toEqual(['TOTAL-1 add', 'SUM add']);
    expect(
      plan([
        ['Total', '', '', '12'],
        ['Sum:', '', '', ''],
        ['', 'Total 12 bikes', '', ''],
        ['', '', '', ''],
      ]),
    ).toEqual(['total', 'total', 'total', 'blank']);
  });
});
