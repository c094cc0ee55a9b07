import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import { DEFAULT_POLICY, type ChecklistVersion } from '@cadre/core/catalogue';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { NO_FACTS } from '@cadre/core/fitness';
import type { BatchScope } from '@cadre/core/batch-check';
import { SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { localDb } from '@cadre/web/platform/local-db';
import { RefusedError } from '@cadre/web/platform/api';
import { useCatalogue } from '@cadre/web/catalogue';
import { useOutbox, type NamedChecklist } from '@cadre/web/checks';
import { useSession } from '@cadre/web/people';
import { useBatchCheck } from './use-batch-check';
import type { BatchCheck } from './batch-bike';
import { useInstruments } from '@cadre/web/instruments';
import { useBatchGrid, type BatchGrid } from './use-batch-grid';
import { usePaste } from './use-paste';

const author = newId();
const PRESSURES = SHIPPED_CHECKLISTS.find((checklist) => checklist.key === 'pressures');
const FRONT = 'tyre-pressure@front';
/** Tyres marked 2.1 to 3.8 bar, on wheels that hold more. */
const fit = { sidewallMinFront: 210, sidewallMaxFront: 380, sidewallMinRear: 210, sidewallMaxRear: 380 };
const bikeOf = (tag: string): Bike =>
  ({
    id: newId(),
    tag,
    modelId: null,
    model: 'm',
    size: 'M',
    serial: '',
    siteId: newId(),
    hookId: null,
    build: USUAL_BUILD.hardtail,
    fit,
    parts: [],
    whereabouts: 'in',
    version: 1,
    facts: NO_FACTS,
    openCheckId: null,
  }) as unknown as Bike;
let bikes: Bike[];
let scope: EffectScope;
let batch: BatchCheck;
let grid: BatchGrid;
let batchScope: BatchScope;

const settled = (condition: () => boolean): Promise<void> => vi.waitFor(() => expect(condition()).toBe(true));
const outcomes = (key = FRONT): (string | null)[] =>
  batch.rows.value.map((row) => {
    const column = batch.columns.value.find((each) => each.key === key);
    return column ? batch.cell(row, column).outcome : null;
  });
const savedMarks = async (): Promise<
  { outcome: string; way: string; note: string; typed: string | undefined }[]
> =>
  (await localDb.marks.toArray())
    .map(({ mark }) => ({
      outcome: mark.outcome,
      way: mark.way,
      note: mark.note,
      typed: mark.reading?.typed,
      at: mark.at,
    }))
    .sort((a, b) => a.at - b.at)
    .map(({ outcome, way, note, typed }) => ({ outcome, way, note, typed }));

async function open(of: BatchScope = { kind: 'checkpoint', checkpoint: 'tyre-pressure' }): Promise<void> {
  batchScope = of;
  scope = effectScope();
  scope.run(() => {
    batch = useBatchCheck({
      bikes: () => bikes,
      checklistKey: () => 'pressures',
      scope: () => batchScope,
      way: () => 'batch',
    });
    grid = useBatchGrid(batch, (key) => !hidden.has(key));
  });
  await settled(() => batch.ready.value && batch.columns.value.length > 0);
}

/** Rows and columns beside the screen. */
const hidden = new Set<string>();
beforeEach(async () => {
  hidden.clear();
  setActivePinia(createPinia());
  await Promise.all([localDb.checks.clear(), localDb.marks.clear(), localDb.things.clear()]);
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
  bikes = ['Q01', 'Q02', 'Q03'].map(bikeOf);
  signIn();
});
function signIn(): void {
  useSession().person = {
    id: author,
    name: 'Ann',
    role: 'inspector',
    trainee: false,
    competences: [],
  } as never;
  const catalogue = useCatalogue();
  catalogue.known = {
    checklists: [{ key: 'pressures', hash: 'b'.repeat(64), name: 'Pressures', clears: false }],
    policy: { policy: { ...DEFAULT_POLICY, marking: 'by-station' } },
  } as never;
  if (!PRESSURES) throw new Error('no checklist of pressures');
  vi.spyOn(catalogue, 'checklistOf').mockResolvedValue({ hash: 'b'.repeat(64), checklist: PRESSURES });
}
afterEach(() => scope.stop());

describe('checklists that cannot be had', () => {
  function openUnready(): void {
    scope = effectScope();
    scope.run(
      () =>
        (batch = useBatchCheck({
          bikes: () => bikes,
          checklistKey: () => 'pressures',
          scope: () => ({ kind: 'checklist' }),
          way: () => 'batch',
        })),
    );
  }
  const checklist = (): NamedChecklist => ({
    hash: 'b'.repeat(64),
    checklist: PRESSURES as ChecklistVersion,
  });

  it('without signal and not kept: said, and asked for again as soon as there is', async () => {
    const asked = vi.mocked(useCatalogue().checklistOf).mockResolvedValue(null);
    useOutbox().reachable = false;
    openUnready();
    await settled(
      () =>
        batch.trouble.value?.what === 'You are offline, and these checklists are not saved on this device.',
    );
    expect(batch.ready.value).toBe(false);
    asked.mockResolvedValue(checklist());
    useOutbox().reachable = true;
    await settled(() => batch.ready.value);
    expect(batch.trouble.value).toBeNull();
  });

  it.each([
    [new RefusedError({ code: 'session.required' } as never), 'You are not signed in.', 0],
    [new Error('the disk is gone'), 'This browser could not load or save the checklists.', 1],
  ])('%s: said, told where faults are seen, and tried again by hand', async (error, said, told) => {
    const reported = vi.fn();
    vi.stubGlobal('reportError', reported);
    const asked = vi.mocked(useCatalogue().checklistOf).mockRejectedValue(error);
    openUnready();
    await settled(() => batch.trouble.value?.what === said);
    expect(reported).toHaveBeenCalledTimes(told);
    asked.mockResolvedValue(checklist());
    await batch.loadChecklists();
    expect([batch.ready.value, batch.trouble.value]).toEqual([true, null]);
    vi.unstubAllGlobals();
  });
});

describe('down the batch', () => {
  it('a sound look is shown at once, kept as given on the batch, and the cursor stands on the next bike', async () => {
    await open();
    void grid.pass();
    expect(grid.rowAt.value).toBe(1);
    await settled(() => outcomes()[0] === 'pass');
    await settled(() => batch.rows.value[0]?.state === 'open');
    expect(await savedMarks()).toEqual([{ outcome: 'pass', way: 'batch', note: '', typed: undefined }]);
  });

  it('takes what a gauge sends as the gauge’s, at its bike: the same typed by hand at the next is not', async () => {
    const gauge = {
      ...{ id: 'g1', siteId: 's', kind: 'pressure-gauge', tag: 'G1', serial: 'X', unit: 'bar' },
      ...{ least: null, most: null, accuracy: null, lengthMm: null, checkEveryDays: null },
      ...{ lastCheck: null, goodAt: null, withdrawn: null, version: 1 },
    };
    vi.stubGlobal('fetch', (path: string) =>
      path.endsWith('/equipment')
        ? Promise.resolve(Response.json({ items: [gauge], doubtful: [] }))
        : Promise.reject(new TypeError('no network')),
    );
    await open();
    expect(useInstruments().receive('id=X kind=pressure-gauge value=2.4 unit=bar', null)).toBe(true);
    await settled(() => grid.rowAt.value === 1);
    grid.typing.value = '2.4';
    expect(await grid.commit()).toBe(true);
    const readings = (await localDb.marks.toArray()).map(({ mark }) => mark.reading?.instrumentId ?? 'hand');
    expect(readings.sort()).toEqual(['g1', 'hand']);
    // Switched to psi, it is asked about at this bike and not at the one before.
    useInstruments().receive('id=X kind=pressure-gauge value=34.8 unit=psi', null);
    expect(grid.instrument.said.value).toContain('set to psi');
    await grid.select(0, 0);
    expect(grid.instrument.confirm.value).toBeNull();
  });

  it('a number inside what is marked is sound by itself; outside it nobody can call it sound, until it is put right', async () => {
    await open();
    grid.typing.value = '2.4';
    expect(await grid.commit()).toBe(true);
    expect(grid.rowAt.value).toBe(1);
    grid.typing.value = '1,2';
    expect(await grid.commit()).toBe(false);
    expect(grid.said.value).toContain('Too low');
    await grid.pass();
    expect(grid.said.value).toContain('past its limit');
    grid.typing.value = '2.3';
    expect(await grid.commit()).toBe(true);
    await settled(() => outcomes()[1] === 'fixed');
    expect(await savedMarks()).toEqual([
      { outcome: 'pass', way: 'batch', note: '', typed: '2.4' },
      { outcome: 'fixed', way: 'batch', note: 'Was 1,2 bar', typed: '2.3' },
    ]);
  });

  it('what is refused stays in the cell, and the cursor with it', async () => {
    await open();
    grid.typing.value = '350';
    expect(await grid.commit()).toBe(false);
    expect([grid.typing.value, grid.rowAt.value]).toEqual(['350', 0]);
    expect(grid.said.value).toContain('outside the possible range');
    await grid.select(2, 0);
    expect([grid.typing.value, grid.rowAt.value]).toEqual(['350', 0]);
    expect(await savedMarks()).toEqual([]);
  });

  it('fill down gives soundness only, as one act that is undone as one', async () => {
    await open();
    await grid.pass();
    await settled(() => outcomes()[0] === 'pass');
    grid.go(0, 0);
    expect(grid.fillable.value).toHaveLength(2);
    await grid.fillDown();
    await settled(() => outcomes().every((outcome) => outcome === 'pass'));
    await batch.undo();
    await settled(() => outcomes()[1] === null && outcomes()[2] === null);
    expect(outcomes()[0]).toBe('pass');
  });

  it('fill down passes no bike that was not in sight, and says how many', async () => {
    await open();
    await grid.pass();
    await settled(() => outcomes()[0] === 'pass');
    grid.go(0, 0);
    hidden.add(batch.rows.value[2]?.bike.id ?? '');
    await grid.fillDown();
    expect([outcomes().slice(1), grid.said.value]).toEqual([
      [null, null],
      '1 bike was not in sight yet. Check them, then pass again.',
    ]);
    hidden.clear();
    await grid.fillDown();
    await settled(() => outcomes().every((outcome) => outcome === 'pass'));
  });

  it('a row is passed only when all its columns were in sight', async () => {
    await open();
    hidden.add(batch.columns.value[0]?.key ?? '');
    await grid.rowPass(0);
    expect([outcomes()[0], grid.said.value]).toEqual([null, expect.stringContaining('in sight')]);
    hidden.clear();
    await grid.rowPass(0);
    await settled(() => outcomes()[0] === 'pass');
  });

  it('undo means the act before it, though its marks are still on their way to the disk', async () => {
    await open();
    await grid.pass();
    await settled(() => outcomes()[0] === 'pass');
    grid.go(0, 0);
    const filling = grid.fillDown();
    await batch.undo();
    await filling;
    await settled(() => outcomes()[1] === null && outcomes()[2] === null);
    expect(outcomes()[0]).toBe('pass');
  });

  it('a row is given whole where its looks stand side by side, and signed with the others that are complete', async () => {
    await open({ kind: 'checklist' });
    await grid.rowPass(0);
    await settled(() => batch.signable.value.length === 1);
    expect(await batch.signAll()).toBe(1);
    await settled(() => batch.rows.value[0]?.state === 'signing');
    const [check] = await localDb.checks.toArray();
    expect(check?.signature?.markIds).toHaveLength(batch.rows.value[0]?.asked.length ?? 0);
  });

  it('what was called sound and then measured outside is sound no more, and is not signed', async () => {
    await open();
    await grid.pass();
    await settled(() => outcomes()[0] === 'pass');
    grid.go(0, 0);
    grid.typing.value = '1.2';
    expect(await grid.commit()).toBe(false);
    await settled(() => outcomes()[0] === null);
    expect(batch.signable.value).toEqual([]);
  });

  it('a reading that waits for a word is saved; once it is in a mark, it is saved there alone and comes back from it', async () => {
    const waiting = async (): Promise<string> => JSON.stringify(await localDb.things.get('readings-taken'));
    await open();
    grid.typing.value = '1.2';
    await grid.commit();
    await vi.waitFor(async () => expect(await waiting()).toContain('1.2'));
    grid.typing.value = '2.4';
    await grid.commit();
    await settled(() => outcomes()[0] === 'fixed');
    await vi.waitFor(async () => expect(await waiting()).not.toMatch(/1\.2|2\.4/));
    scope.stop();
    setActivePinia(createPinia());
    signIn();
    await open();
    const typed = (): string | undefined => {
      const [row, column] = [batch.rows.value[0], batch.columns.value[0]];
      return (row && column && batch.typed(row, column)?.typed) ?? undefined;
    };
    await settled(() => typed() === '2.4');
  });

  it('a reading waits in this browser until its check is signed', async () => {
    await open();
    grid.typing.value = '1.2';
    await grid.commit();
    await vi.waitFor(async () =>
      expect(JSON.stringify(await localDb.things.get('readings-taken'))).toContain('1.2'),
    );
  });
});

describe('a pasted column', () => {
  it('keeps what finds no column, and says so', async () => {
    await open({ kind: 'checkpoint', checkpoint: 'tyre-pressure' });
    const paste = usePaste(batch, grid, 'Q01;2.4;2.5;2.6');
    expect(paste.cells.value.at(-1)).toMatchObject({
      ready: false,
      said: 'this batch has no column for the value',
    });
    await paste.take();
    expect(paste.text.value).toBe('Q01;2.4;2.5;2.6');
  });
  it('shows where each line goes, takes what fits, and keeps the rest with its tag', async () => {
    await open();
    const paste = usePaste(batch, grid, '2.4\nx9\n2.5');
    expect(paste.cells.value.map((cell) => [cell.row.bike.tag, cell.ready])).toEqual([
      ['Q01', true],
      ['Q02', false],
      ['Q03', true],
    ]);
    expect(await paste.take()).toEqual([]);
    expect(paste.text.value).toBe('Q02\tx9');
    await settled(() => outcomes().join() === 'pass,,pass');
  });
  it('names what is low without taking it for sound, and asks for faults by hand', async () => {
    await open();
    const paste = usePaste(batch, grid, 'Q03;1.1\nQ02;f\nQ01;2.2');
    expect(paste.cells.value.find((cell) => cell.text === 'f')?.said).toContain('in the bike’s row');
    expect((await paste.take()).join()).toMatch(/^Q03: Too low/);
    expect(paste.text.value).toBe('Q02;f');
    await settled(() => outcomes().join() === 'pass,,');
  });
});
