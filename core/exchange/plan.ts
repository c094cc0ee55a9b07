import { fitIssues, USUAL_BUILD, type BikeKind, type Build } from '@cadre/core/fleet';
import type { Column } from './columns';
import { dateOrderOf, readDate } from './dates';
import type { FleetBike, FleetDocument } from './document';
import { readBuild } from './read-build';
import { readFit } from './read-fit';
import { readPlace } from './read-place';
import { readTag } from './read-tag';
import { knownOf, rackKey, type Known } from './known';
import type { ImportAnswers, ImportPlan, PlaceToMake, PlannedRow, RowIssue } from './planned';
import { hookKey, placesToMake, settle, type Read } from './settle';
import { undefuse } from './write';

/** What must be asked once for the whole file before it can be planned. */
export function dateQuestion(
  rows: readonly (readonly string[])[],
  columns: readonly (Column | null)[],
): ReturnType<typeof dateOrderOf> {
  const texts = columns.flatMap((column, index) =>
    column === 'boughtOn' || column === 'warrantyUntil' ? rows.map((row) => row[index] ?? '') : [],
  );
  return dateOrderOf(texts);
}

/** The first words of a line under the list, with a count or a colon behind them: "TOTAL-1" is none, a tag may be called so. */
const TOTAL =
  /^(grand\s+)?(total|sum|subtotal|gesamt|count|bikes? in all|end of list)(\s*[:=]?\s*\d*)?(\s*bikes?)?\s*[:=]?$/i;
const FIGURE = /^[\d\s.,:=]*(bikes?)?$/i;

/** A line that is no bike: nothing in it, or a total under the list, which has nothing but figures beside its word. */
function skipped(row: readonly string[]): 'blank' | 'total' | null {
  const [first, ...others] = row.map((cell) => cell.trim()).filter(Boolean);
  if (first === undefined) return 'blank';
  return TOTAL.test(first) && others.every((cell) => FIGURE.test(cell)) ? 'total' : null;
}

const TEXTS = [
  ['model', 80],
  ['size', 20],
  ['serial', 60],
] as const;

/** The build most bikes of a model in the file share: what a model made from them is built like. */
function modelBuilds(read: readonly Read[], known: ReadonlySet<string>): ImportPlan['models'] {
  const byModel = new Map<string, FleetBike[]>();
  for (const { bike } of read)
    if (!known.has(bike.model)) byModel.set(bike.model, [...(byModel.get(bike.model) ?? []), bike]);
  return [...byModel].map(([name, bikes]) => {
    const counts = new Map<string, { build: Build; count: number }>();
    for (const { build } of bikes) {
      const key = JSON.stringify({ ...build, accessories: [...build.accessories].sort() });
      counts.set(key, { build, count: (counts.get(key)?.count ?? 0) + 1 });
    }
    const commonest = [...counts.values()].sort((a, b) => b.count - a.count)[0];
    return { name, build: commonest?.build ?? USUAL_BUILD.hybrid, fit: {} };
  });
}

/** Reads one row on its own: its fields, or everything wrong with them at once. */
function readRow(
  line: number,
  cells: ReadonlyMap<Column, string>,
  answers: ImportAnswers,
  fleet: Known,
): Read | { readonly tag: string; readonly issues: readonly RowIssue[] } {
  const issues: RowIssue[] = [];
  const tag = readTag(cells.get('tag') ?? '', issues);
  const before = fleet.bikeByTag.get(tag) ?? null;
  const said = (column: Column): string => undefuse((cells.get(column) ?? '').trim());
  const texts = Object.fromEntries(
    TEXTS.map(([column, most]) => {
      const value = said(column);
      if (value.length > most)
        issues.push({ column, code: 'too-long', value, correction: value.slice(0, most) });
      return [column, value];
    }),
  ) as Record<'model' | 'size' | 'serial', string>;
  const dates = Object.fromEntries(
    (['boughtOn', 'warrantyUntil'] as const).map((column) => {
      const value = said(column);
      const date = value === '' ? '' : readDate(value, answers.dateOrder);
      if (date === null) issues.push({ column, code: 'date-unread', value, correction: '2024-04-30' });
      return [column, date ?? ''];
    }),
  ) as Record<'boughtOn' | 'warrantyUntil', string>;
  const model = fleet.spell('model', texts.model) || before?.model || '';
  const build = readBuild(
    {
      cells,
      words: answers.words,
      base: before?.build ?? fleet.modelByName.get(model)?.build ?? null,
      size: texts.size || before?.size || '',
    },
    issues,
  );
  const kind: BikeKind | undefined = build?.kind;
  if (model === '' && !kind)
    issues.push({ column: 'model', code: 'model-missing', value: '', correction: null });
  const placed = readPlace(
    { site: said('site'), rack: said('rack'), hook: said('hook') },
    { ...answers, fleet, before },
    issues,
  );
  const fit = { ...before?.fit, ...readFit(cells, issues) };
  for (const issue of fitIssues(fit))
    issues.push({
      column: `fit:${issue.path.slice(4)}`,
      code: 'out-of-range',
      value: String(fit[issue.path.slice(4)] ?? ''),
      correction: null,
    });
  if (issues.length > 0 || !build) return { tag, issues };
  const kept = (column: 'size' | 'serial'): string =>
    cells.has(column) && texts[column] !== '' ? texts[column] : (before?.[column] ?? '');
  return {
    line,
    before,
    placed,
    bike: {
      tag,
      model: model || answers.kindNames[build.kind],
      size: kept('size'),
      serial: kept('serial'),
      boughtOn: dates.boughtOn || before?.boughtOn || '',
      warrantyUntil: dates.warrantyUntil || before?.warrantyUntil || '',
      site: placed.site,
      rack: placed.rack,
      hook: placed.hook,
      build,
      fit,
    },
  };
}

/**
 * Plans an import: what each line of the file becomes, and what has to be made first. Nothing is decided
 * silently: a row is either good as it stands or told as wrong with its correction. `firstLine` is the
 * line of the file the rows begin at, as a person counts.
 */
export function planImport(
  rows: readonly (readonly string[])[],
  firstLine: number,
  answers: ImportAnswers,
  fleet: FleetDocument,
): ImportPlan {
  const known = knownOf(fleet);
  const planned: PlannedRow[] = [];
  const read: Read[] = [];
  for (const [index, row] of rows.entries()) {
    const line = firstLine + index;
    const cells = new Map<Column, string>();
    for (const [at, column] of answers.columns.entries()) if (column) cells.set(column, row[at] ?? '');
    const why = skipped(row);
    if (why) {
      planned.push({ line, act: 'skip', why });
      continue;
    }
    const one = readRow(line, cells, answers, known);
    if ('issues' in one) planned.push({ line, act: 'wrong', tag: one.tag, issues: one.issues });
    else read.push(one);
  }
  const hung = hooksGiven(read, fleet);
  const full = answers.makePlaces ? [] : hung.filter((each) => isPastItsRack(each, known));
  for (const { line, bike } of full)
    planned.push({
      line,
      act: 'wrong',
      tag: bike.tag,
      issues: [{ column: 'rack', code: 'rack-full', value: bike.rack, correction: null }],
    });
  const settled = settle(
    hung.filter((each) => !full.includes(each)),
    fleet,
    answers,
  );
  const good = new Map(
    settled.flatMap((row) =>
      row.act === 'add' || row.act === 'change' ? [[row.line, row.bike] as const] : [],
    ),
  );
  const used = read.flatMap((each) =>
    good.has(each.line) ? [{ ...each, bike: good.get(each.line) ?? each.bike }] : [],
  );
  return {
    rows: [...planned, ...settled].sort((a, b) => a.line - b.line),
    ...placesToMake(used, known),
    models: modelBuilds(used, new Set(known.modelByName.keys())),
  };
}

/** Whether a bike got a hook that its rack does not have: none is made where making is off. */
function isPastItsRack({ bike }: Read, known: Known): boolean {
  return (
    bike.hook !== null &&
    bike.rack !== '' &&
    bike.hook > (known.racks.get(rackKey(bike.site, bike.rack))?.hooks ?? 0)
  );
}

/** Bikes whose row names a rack but no hook get the rack's free hooks in the order of the file. */
function hooksGiven(read: readonly Read[], fleet: FleetDocument): readonly Read[] {
  const taken = new Set<string>();
  const leaving = new Set(read.map(({ bike }) => bike.tag));
  for (const bike of [
    ...fleet.bikes.filter((each) => !leaving.has(each.tag)),
    ...read.map((each) => each.bike),
  ]) {
    const key = hookKey(bike);
    if (key) taken.add(key);
  }
  return read.map((each) => {
    const { bike } = each;
    if (!bike.rack || bike.hook !== null) return each;
    if (each.before && each.before.site === bike.site && each.before.rack === bike.rack)
      return { ...each, bike: { ...bike, hook: each.before.hook } };
    let hook = 1;
    while (taken.has(`${rackKey(bike.site, bike.rack)}\n${hook}`)) hook += 1;
    taken.add(`${rackKey(bike.site, bike.rack)}\n${hook}`);
    return { ...each, bike: { ...bike, hook } };
  });
}

/** A plan for a fleet file, whose rows are exact already. */
export function planDocument(
  document: FleetDocument,
  answers: Pick<ImportAnswers, 'update'>,
  fleet: FleetDocument,
): ImportPlan {
  const known = knownOf(fleet);
  const read = document.bikes.map((bike, index): Read => ({
    line: index + 1,
    bike,
    before: known.bikeByTag.get(bike.tag) ?? null,
    placed: { site: bike.site, rack: bike.rack, hook: bike.hook },
  }));
  const rows = settle(read, fleet, answers);
  const racks = document.racks.flatMap((rack): PlaceToMake[] => {
    const hooksBefore = known.racks.get(rackKey(rack.site, rack.name))?.hooks ?? 0;
    return rack.hooks > hooksBefore
      ? [{ site: rack.site, rack: rack.name, hooksBefore, hooks: rack.hooks }]
      : [];
  });
  const sites = document.sites.map((site) => site.name).filter((name) => !known.siteNames.includes(name));
  return {
    rows,
    sites,
    racks,
    models: document.models.filter((model) => !known.modelByName.has(model.name)),
  };
}
