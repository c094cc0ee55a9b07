import { v7 as newId } from 'uuid';
import { BATCH, importBikes } from '@cadre/contract/exchange';
import { addModel, addRack, addSite, changeRack, type Bike, type BikeFields, type Wall } from '@cadre/contract/fleet';
import type { FleetDocument } from '@cadre/core/exchange';
import { RefusedError, send } from '@cadre/web/app';
import type { GoodRow, Preview } from './desk';
import { refusedWords } from './wording';

export interface Progress {
  readonly done: number;
  readonly of: number;
}

export interface BroughtIn {
  readonly added: number;
  readonly changed: number;
  /** Rows the server would not take, by line, with why. */
  readonly refused: Readonly<Record<number, string>>;
}

/** Sites, racks, hooks and models the list names and the fleet has not: made first, each once. */
export async function makePlaces(preview: Preview, wall: () => Wall, sites: FleetDocument['sites'], reload: () => Promise<void>): Promise<void> {
  const known = wall().sites[0];
  for (const name of preview.sites) {
    const told = sites.find((site) => site.name === name);
    await send(addSite, {
      body: { id: newId(), name, timeZone: told?.timeZone ?? known?.timeZone ?? 'UTC', opensAt: told?.opensAt ?? known?.opensAt ?? '09:00' },
    });
  }
  if (preview.sites.length > 0) await reload();
  for (const place of preview.racks) {
    const site = wall().sites.find((each) => each.name === place.site);
    if (!site) throw new Error(`the site ${place.site} was to be made and is not there`);
    const rack = wall().racks.find((each) => each.siteId === site.id && each.name === place.rack);
    if (rack) await send(changeRack, { params: { id: rack.id }, body: { id: newId(), name: rack.name, hooks: place.hooks } });
    else await send(addRack, { body: { id: newId(), siteId: site.id, name: place.rack, hooks: place.hooks } });
  }
  for (const model of preview.models) {
    const { name, build, fit } = model;
    await send(addModel, { body: { id: newId(), name, build: { ...build, accessories: [...build.accessories] }, fit: { ...fit } } });
  }
  await reload();
}

interface Ready {
  readonly row: GoodRow;
  readonly body: BikeFields & { id: string; version: number | null };
}

/** Names become ids; a bike already there keeps its own and says which version it was planned on. */
function readyRows(rows: readonly GoodRow[], wall: Wall, planned: ReadonlyMap<string, Bike>): readonly Ready[] {
  const siteByName = new Map(wall.sites.map((site) => [site.name, site.id]));
  const modelByName = new Map(wall.models.map((model) => [model.name, model.id]));
  const hookByPlace = new Map<string, string>(
    wall.racks.flatMap((rack) => rack.hooks.map((hook) => [`${rack.siteId}\n${rack.name}\n${hook.number}`, hook.id] as const)),
  );
  return rows.map((row) => {
    const { site, rack, hook, build, ...rest } = row.bike;
    const siteId = siteByName.get(site) ?? '';
    const before = planned.get(row.bike.tag);
    return {
      row,
      body: {
        ...rest,
        id: before?.id ?? newId(),
        version: before?.version ?? null,
        modelId: modelByName.get(row.bike.model) ?? null,
        siteId,
        hookId: hookByPlace.get(`${siteId}\n${rack}\n${hook}`) ?? null,
        build: { ...build, accessories: [...build.accessories] },
        fit: { ...row.bike.fit },
      },
    };
  });
}

function batchesOf(ready: readonly Ready[]): readonly (readonly Ready[])[] {
  const bySite = new Map<string, Ready[]>();
  for (const each of ready) bySite.set(each.body.siteId, [...(bySite.get(each.body.siteId) ?? []), each]);
  return [...bySite.values()].flatMap((own) =>
    Array.from({ length: Math.ceil(own.length / BATCH) }, (_, index) => own.slice(index * BATCH, (index + 1) * BATCH)),
  );
}

/** What the server says against single rows of a batch; null when it refused the batch for another reason. */
function refusedRows(error: RefusedError, batch: readonly Ready[]): ReadonlyMap<Ready, string> | null {
  if (error.problem.code !== 'import.rows-refused') return null;
  const why = new Map<Ready, string>();
  for (const issue of error.problem.fields ?? []) {
    const [, index, ...path] = issue.path.split('.');
    const row = batch[Number(index)];
    if (row) why.set(row, [why.get(row), refusedWords(issue, path.join(' '))].filter(Boolean).join('; '));
  }
  return why.size > 0 ? why : null;
}

/**
 * Brings rows in, a batch an act. Rows the server refuses are left out with why and the rest of their batch
 * sent again, so that a bike is either wholly in or not at all. Tells how far it is after every batch.
 */
export async function bringIn(
  rows: readonly GoodRow[],
  wall: Wall,
  planned: ReadonlyMap<string, Bike>,
  tell: (progress: Progress) => void,
): Promise<BroughtIn> {
  const refused: Record<number, string> = {};
  let added = 0;
  let changed = 0;
  let done = 0;
  for (let batch of batchesOf(readyRows(rows, wall, planned))) {
    const size = batch.length;
    while (batch.length > 0) {
      const [first] = batch;
      try {
        const answer = await send(importBikes, { body: { id: newId(), siteId: first?.body.siteId ?? '', bikes: batch.map((each) => each.body) } });
        added += answer.added;
        changed += answer.changed;
        break;
      } catch (error) {
        const why = error instanceof RefusedError ? refusedRows(error, batch) : null;
        if (!why) throw error;
        for (const [each, words] of why) refused[each.row.line] = words;
        batch = batch.filter((each) => !why.has(each));
      }
    }
    done += size;
    tell({ done, of: rows.length });
  }
  return { added, changed, refused };
}
