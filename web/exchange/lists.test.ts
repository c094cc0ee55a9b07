import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import ExcelJS from 'exceljs';
import { describe, expect, it } from 'vitest';
import type { Column, DateOrder, FleetDocument, ImportAnswers } from '@cadre/core/exchange';
import { plain, USUAL_BUILD } from '@cadre/core/fleet';
import { KIND_WORDS } from '@cadre/web/words';
import { Desk, type Opened, type Preview } from './desk';
import { issueWords } from './wording';

/** A fleet with one bike on a rack bikes · five hooks. */
const FLEET: FleetDocument = {
  schema: 'cadre-fleet-1',
  sites: [{ name: 'Boathouse', timeZone: 'Europe/London', opensAt: '09:00' }],
  racks: [{ site: 'Boathouse', name: 'Slip rail', hooks: 5 }],
  models: [{ name: 'Dunlin 20', build: USUAL_BUILD.child, fit: {} }],
  bikes: [
    {
      tag: 'Q01',
      model: 'Dunlin 20',
      size: '20 in',
      serial: '',
      boughtOn: '',
      warrantyUntil: '',
      site: 'Boathouse',
      rack: 'Slip rail',
      hook: 1,
      build: USUAL_BUILD.child,
      fit: {},
    },
  ],
};

async function open(name: string): Promise<{ desk: Desk; table: Extract<Opened, { kind: 'table' }> }> {
  const desk = new Desk();
  const table = await desk.open(new Blob([readFileSync(join('test-world/lists', name))]), {});
  if (table.kind !== 'table') throw new Error(`${name}: ${JSON.stringify(table)}`);
  return { desk, table };
}

interface Answered {
  readonly dateOrder?: DateOrder;
  readonly words?: Readonly<Record<string, Readonly<Record<string, string>>>>;
  readonly update?: boolean;
  readonly makePlaces?: boolean;
  readonly site?: string;
}

function preview(desk: Desk, table: Extract<Opened, { kind: 'table' }>, said: Answered = {}): Preview {
  const answers: ImportAnswers = {
    columns: table.guesses.map((guess) => guess.column),
    words: said.words ?? {},
    dateOrder: said.dateOrder ?? 'day-first',
    update: said.update ?? false,
    makePlaces: said.makePlaces ?? true,
    kindNames: KIND_WORDS,
    site: said.site ?? 'Boathouse',
  };
  return desk.preview(answers, FLEET);
}

const wrong = (seen: Preview): Record<string, string> =>
  Object.fromEntries(
    seen.wrong.map((row) => [`${row.line} ${row.tag}`, row.issues.map(issueWords).join('; ')]),
  );
const good = (desk: Desk) => new Map(desk.good().map((row) => [row.bike.tag, row.bike]));
const columnsOf = (table: Extract<Opened, { kind: 'table' }>): (Column | null)[] =>
  table.guesses.map((guess) => guess.column);

describe('lists as they come out of spreadsheets', () => {
  it('1: semicolons, a mark before, decimal commas, other words in another order', async () => {
    const { desk, table } = await open('1-semicolons.csv');
    expect(table.written).toBe('UTF-8 with a mark, semicolons between');
    expect(columnsOf(table)).toEqual([
      'serial',
      'wheelSize',
      'fit:maximumLoad',
      'tag',
      'kind',
      'size',
      'boughtOn',
      'warrantyUntil',
      'site',
      'rack',
      'hook',
    ]);
    expect(desk.questions(columnsOf(table)).dates).toBe('day-first');
    const seen = preview(desk, table);
    expect(good(desk).get('N01')).toMatchObject({
      serial: 'SP-1001',
      boughtOn: '2024-03-24',
      warrantyUntil: '2026-03-24',
      rack: 'New rail',
      hook: 1,
      fit: { maximumLoad: 120.5 },
    });
    expect(good(desk).get('N01')?.build).toMatchObject({
      kind: 'hardtail',
      wheelSizeFront: '27.5',
      wheelSizeRear: '27.5',
      brakeFront: 'hydraulic-disc',
    });
    expect(good(desk).get('N04')?.build).toMatchObject({ kind: 'child', wheelSizeFront: '24' });
    expect(seen.counts).toEqual({ add: 4, change: 0, same: 0, wrong: 2, skip: 0 });
    expect(wrong(seen)).toEqual({
      '6 N05': 'Fit list: maximum load, rider and bags: “zu viel” is not a number. Write for example 20 kg.',
      '7 N06': 'Wheel size, both: “31” is not understood: choose its meaning above',
    });
    expect(seen.racks).toEqual([{ site: 'Boathouse', rack: 'New rail', hooksBefore: 0, hooks: 4 }]);
  });

  it('2: Windows letters, titles above, line breaks in cells, blank and total lines', async () => {
    const { desk, table } = await open('2-old-inventory.csv');
    expect(table.written).toBe('Windows-1252, commas between');
    expect(table.headings[0]).toBe('Fleet no');
    const seen = preview(desk, table, { makePlaces: false });
    expect([...good(desk).keys()]).toEqual(['OH-01', 'OH-02', 'OH-03']);
    expect(good(desk).get('OH-03')?.model).toBe('Bécasse 24½');
    expect(seen.counts.skip).toBe(3);
    expect(wrong(seen)).toEqual({ '9 OH-04': 'site “Boathose” is not known: did you mean Boathouse?' });
  });

  it('3: tabs, and dates that are asked about once', async () => {
    const { desk, table } = await open('3-tabs.tsv');
    expect(desk.questions(columnsOf(table)).dates).toBe('either');
    preview(desk, table, { dateOrder: 'month-first' });
    expect(good(desk).get('T01')?.boughtOn).toBe('2024-03-04');
    const seen = preview(desk, table, { dateOrder: 'day-first' });
    expect(good(desk).get('T01')).toMatchObject({ boughtOn: '2024-04-03', rack: 'Tab rail', hook: 1 });
    expect(good(desk).get('T04')).toMatchObject({ hook: 4 });
    expect(seen.counts).toMatchObject({ add: 4, wrong: 0 });
    expect(seen.models.map((model) => model.name)).toEqual(['Sandpiper']);
  });

  it('4: tags twice, in the fleet, missing, and no tags at all', async () => {
    const { desk, table } = await open('4-tags.csv');
    const seen = preview(desk, table);
    expect([...good(desk).keys()]).toEqual(['D01', 'D02']);
    expect(wrong(seen)).toEqual({
      '4 D01': 'tag D01 is already in row 2. Change one of them.',
      '5 Q01':
        'Q01 is already in the fleet. Tick “Change bikes that are already in the fleet”, or use another tag.',
      '6 ': 'has no tag. Enter a tag.',
      '7 LQ 7!': 'tag “LQ 7!” may have only letters, digits and dashes: for example LQ-7',
      '8 D-OVERLONG-TAG':
        'tag “D-OVERLONG-TAG” may have only letters, digits and dashes: for example D-OVERLONG-T',
    });
    const updated = preview(desk, table, { update: true });
    expect(updated.counts).toMatchObject({ add: 2, change: 1 });
    expect(updated.changed[0]?.differences.map((each) => each.column)).toEqual(
      expect.arrayContaining(['model', 'size', 'kind', 'wheelSizeFront']),
    );
    expect(updated.changed[0]?.bike).toMatchObject({ rack: 'Slip rail', hook: 1 });
  });

  it('5: builds in free words, with a proposal for what is not certain', async () => {
    const { desk, table } = await open('5-free-words.csv');
    const columns = columnsOf(table);
    expect(columns).toEqual([
      'tag',
      'kind',
      'brake',
      'sprockets',
      'retentionFront',
      'retentionRear',
      'tyre',
      'fork',
      'accessories',
      'frameMaterial',
    ]);
    const { words } = desk.questions(columns);
    expect(words.map(({ column, text, proposal }) => [column, text, proposal])).toEqual([
      ['kind', 'penny farthing', null],
      ['brake', 'disc', 'hydraulic-disc'],
      ['sprockets', '7 hub', '7'],
      ['accessories', 'bell, hoverboard', null],
    ]);
    const unanswered = preview(desk, table);
    expect(Object.keys(wrong(unanswered))).toEqual(['4 F03', '5 F04', '6 F05', '8 F07']);
    expect(wrong(unanswered)['4 F03']).toBe('Brakes, both: “disc” may mean hydraulic-disc: confirm above');
    const answered = preview(desk, table, {
      words: {
        brake: { disc: 'cable-disc' },
        sprockets: { [plain('7 hub')]: '7' },
        accessories: { [plain('bell, hoverboard')]: '' },
      },
    });
    expect(Object.keys(wrong(answered))).toEqual(['5 F04']);
    const bikes = good(desk);
    expect(bikes.get('F01')?.build).toMatchObject({
      kind: 'hardtail',
      brakeFront: 'hydraulic-disc',
      sprockets: 10,
      retentionFront: 'thru-axle',
      retentionRear: 'thru-axle',
      tyreRear: 'tubeless',
      fork: 'suspension',
      accessories: ['bell'],
    });
    expect(bikes.get('F02')?.build).toMatchObject({
      brakeRear: 'rim',
      sprockets: 8,
      gears: 'derailleur',
      frameMaterial: 'steel',
      retentionRear: 'quick-release',
      accessories: ['mudguards', 'rack', 'bell'],
    });
    expect(bikes.get('F03')?.build).toMatchObject({
      brakeFront: 'cable-disc',
      accessories: [],
      frameMaterial: 'aluminium',
    });
    expect(bikes.get('F06')?.build).toMatchObject({
      kind: 'full-suspension',
      rearSuspension: 'shock',
      frameMaterial: 'carbon',
    });
    expect(bikes.get('F07')?.build).toMatchObject({ brakeFront: 'drum', accessories: ['stand'] });
  });

  it('6: hooks taken, given twice, not there, and rack and hook in one cell', async () => {
    const { desk, table } = await open('6-hooks.csv');
    const seen = preview(desk, table, { makePlaces: false });
    expect(wrong(seen)).toEqual({
      '2 K01': 'Q01 is on hook 1 and not in this list. Choose another hook.',
      '4 K03': 'row 3 also uses hook 3. Choose another hook.',
      '5 K04': 'hook “0” does not exist: 1–5',
      '6 K05': 'rack “Slp rail” is not known: did you mean Slip rail?',
      '9 K08':
        'site “Moon base” is not known: tick “Add sites, racks and hooks named in the list”; rack “Crater” is not known: tick “Add sites, racks and hooks named in the list”',
    });
    // A row that names the rack alone gets its first hook nobody has or is given.
    expect([...good(desk).values()].map((bike) => [bike.tag, bike.hook])).toEqual([
      ['K02', 3],
      ['K06', 2],
      ['K07', 4],
    ]);
    expect(preview(desk, table).sites).toEqual(['Moon base']);
  });

  it('7: dates in every form', async () => {
    const { desk, table } = await open('7-dates.csv');
    expect(desk.questions(columnsOf(table)).dates).toBe('month-first');
    const seen = preview(desk, table, { dateOrder: 'month-first' });
    expect([...good(desk).values()].map((bike) => [bike.boughtOn, bike.warrantyUntil])).toEqual([
      ['2024-04-13', '2026-04-13'],
      ['2024-05-06', '2026-05-06'],
      ['2024-07-01', '2026-05-01'],
      ['2024-06-03', '2026-06-01'],
      ['2024-01-09', '2026-01-09'],
    ]);
    expect(Object.keys(wrong(seen))).toEqual(['6 M05', '7 M06']);
    expect(wrong(seen)['6 M05']).toBe(
      'Bought on: date “02/30/2024” is not understood. Write for example 2024-04-30.',
    );
  });

  it('8: a hint of the separator, quantities with units, columns of nothing', async () => {
    const { desk, table } = await open('8-quantities.csv');
    expect(table.written).toBe('UTF-8, bars between');
    expect(columnsOf(table)).toEqual([
      'tag',
      'model',
      'kind',
      'fit:sidewallMaxFront',
      'fit:batteryEnergy',
      'fit:maximumLoad',
      null,
      null,
      null,
    ]);
    const seen = preview(desk, table);
    expect(good(desk).get('W01')?.fit).toEqual({
      sidewallMaxFront: 350,
      batteryEnergy: 504,
      maximumLoad: 120,
    });
    expect(good(desk).get('W02')?.fit.sidewallMaxFront).toBeCloseTo(344.74, 2);
    expect(good(desk).get('W02')?.fit).toMatchObject({ batteryEnergy: 500 });
    expect(wrong(seen)).toEqual({
      '4 W03': 'Fit list: maximum load, rider and bags: “900” is outside the possible range. Check the unit.',
      '5 W04':
        'Fit list: tyre sidewall, maximum pressure, front: “hard” is not a number. Write for example 50 kPa.',
      '7 W05': "Fit list: maximum load, rider and bags: “1'20” is not a number. Write for example 20 kg.",
    });
  });

  it('remembers what a heading was said to mean', async () => {
    const desk = new Desk();
    const table = await desk.open(new Blob(['Thing;Sort\nA1;hybrid\n']), {
      [plain('Thing')]: 'tag',
      [plain('Sort')]: 'kind',
    });
    expect(table).toMatchObject({
      kind: 'table',
      guesses: [
        { column: 'tag', sure: true },
        { column: 'kind', sure: true },
      ],
    });
  });

  it('hands back what did not come in with why, and runs no cell', async () => {
    const desk = new Desk();
    const table = await desk.open(new Blob(['Tag,Model,Kind\n=1+1,Avocet,hybrid\nA2,Avocet,hybrid\n']), {});
    if (table.kind !== 'table') throw new Error('no table');
    const seen = preview(desk, table);
    expect(desk.badRows(Object.fromEntries(seen.wrong.map((row) => [row.line, 'bad tag'])))).toBe(
      "Tag,Model,Kind,Reason\r\n'=1+1,Avocet,hybrid,bad tag",
    );
  });
});

describe('a file that is no list', () => {
  const opened = async (content: BlobPart): Promise<string> => {
    const answer = await new Desk().open(new Blob([content]), {});
    return answer.kind === 'fault' ? answer.fault : answer.kind;
  };
  it.each([
    ['nothing', '', 'empty'],
    ['60 columns of nothing', `${','.repeat(59)}\n`.repeat(40), 'empty'],
    ['a picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0, 0, 0, 13]), 'no-table'],
    ['a letter', 'Dear Sir,\nthe bikes are well.\n', 'no-headings'],
    ['one column', 'Tag\nA1\nA2\n', 'no-table'],
    ['a broken workbook', new Uint8Array([0x50, 0x4b, 3, 4, 1, 2, 3, 4, 5, 6, 7, 8]), 'broken-workbook'],
    ['another JSON', '{"bikes": 3}', 'not-a-fleet-file'],
    ['broken JSON', '{"schema": "cadre', 'not-a-fleet-file'],
    ['300 columns', `${Array.from({ length: 300 }, (_, i) => `tag${i}`).join(',')}\n`, 'too-wide'],
    ['25,000 rows', `Tag,Model\n${'A,B\n'.repeat(25_000)}`, 'too-long'],
  ])('%s is told at once', async (_name, content, fault) => {
    expect(await opened(content)).toBe(fault);
  });
  it('80 MB is refused before it is read', async () => {
    expect(await opened(new Uint8Array(80_000_000))).toBe('too-large');
  });
});

describe('a file made to stop its reader', () => {
  it('a stray cell in the last corner of a workbook is told by how far it reaches', async () => {
    const book = new ExcelJS.Workbook();
    const sheet = book.addWorksheet('Fleet');
    sheet.addRow(['Tag', 'Model']);
    sheet.getCell('XFD1048576').value = 'stray';
    const bytes = await book.xlsx.writeBuffer();
    expect(await new Desk().open(new Blob([bytes]), {})).toEqual({
      kind: 'fault',
      fault: 'too-wide',
      detail: '16384',
    });
  });
  it('a workbook that unpacks to gigabytes is not unpacked', async () => {
    const bytes = new Uint8Array(100);
    bytes.set([0x50, 0x4b, 3, 4]);
    const entry = new DataView(bytes.buffer, 40);
    entry.setUint32(0, 0x02014b50, true);
    entry.setUint32(24, 4_000_000_000, true);
    expect(await new Desk().open(new Blob([bytes]), {})).toMatchObject({ fault: 'too-large' });
  });
});
