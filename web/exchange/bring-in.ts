import { v7 as newId } from 'uuid';
import { importBikes, BATCH } from '@cadre/contract/exchange';
import { addModel, addRack, addSite, changeRack, type Bike, type BikeFields } from '@cadre/contract/fleet';
import { type Wall } from '@cadre/contract/wall';
import type { FleetDocument } from '@cadre/core/exchange';
import { RefusedError } from '@cadre/web/platform/api';
import { type SendAct } from '@cadre/web/platform/act';
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

/** A list on its way in: what is known of its rows outlasts a lost answer, so that bringing it in again goes on where it was. */
export interface UnderWay {
  /** The bike of each tag as it was when the list was planned: one that changed since is refused. */
  readonly planned: Map<string, Pick<Bike, 'id' | 'version'>>;
  /** The ids of bikes that are new, by line. */
  readonly ids: Map<number, string>;
  /** Lines that are in. */
  readonly done: Map<number, 'added' | 'changed'>;
}
export const underWay = (bikes: readonly Bike[]): UnderWay => ({
  planned: new Map(bikes.map(({ tag, id, version }) => [tag, { id, version }])),
  ids: new Map(),
  done: new Map(),
});

/** Sites, racks, hooks and models the list names and the fleet has not: made first, each once. */
export async function makePlaces(
  act: SendAct,
  preview: Preview,
  wall: () => Wall,
  sites: FleetDocument['sites'],
  reload: () => Promise<void>,
): Promise<void> {
  const known = wall().sites[0];
  for (const name of preview.sites.filter((each) => wall().sites.every((site) => site.name !== each))) {
    const told = sites.find((site) => site.name === name);
    await act(
      addSite,
      {
        body: {
          name,
          timeZone: told?.timeZone ?? known?.timeZone ?? 'UTC',
          opensAt: told?.opensAt ?? known?.opensAt ?? '09:00',
        },
      },
      name,
    );
  }
  if (preview.sites.length > 0) await reload();
  for (const place of preview.racks) {
    const site = wall().sites.find((each) => each.name === place.site);
    if (!site) throw new Error(`the site ${place.site} was to be made and is not there`);
    const rack = wall().racks.find((each) => each.siteId === site.id && each.name === place.rack);
    if (rack)
      await act(changeRack, { params: { id: rack.id }, body: { name: rack.name, hooks: place.hooks } });
    else
      await act(
        addRack,
        { body: { siteId: site.id, name: place.rack, hooks: place.hooks } },
        `${place.site} ${place.rack}`,
      );
  }
  for (const model of preview.models.filter((each) =>
    wall().models.every((known) => known.name !== each.name),
  )) {
    const { name, build, fit } = model;
    await act(
      addModel,
      { body: { name, build: { ...build, accessories: [...build.accessories] }, fit: { ...fit } } },
      name,
    );
  }
  await reload();
}

interface Ready {
  readonly row: GoodRow;
  readonly body: BikeFields & { id: string; version: number | null };
}

/** Names become ids; a bike already there keeps its own and says which version it was planned on. */
function readyRows(rows: readonly GoodRow[], wall: Wall, { planned, ids }: UnderWay): readonly Ready[] {
  const siteByName = new Map(wall.sites.map((site) => [site.name, site.id]));
  const modelByName = new Map(wall.models.map((model) => [model.name, model.id]));
  const hookByPlace = new Map<string, string>(
    wall.racks.flatMap((rack) =>
      rack.hooks.map((hook) => [`${rack.siteId}\n${rack.name}\n${hook.number}`, hook.id] as const),
    ),
  );
  return rows.map((row) => {
    const { site, rack, hook, build, ...rest } = row.bike;
    const siteId = siteByName.get(site) ?? '';
    const before = planned.get(row.bike.tag);
    const id = before?.id ?? ids.get(row.line) ?? newId();
    ids.set(row.line, id);
    return {
      row,
      body: {
        ...rest,
        id,
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
    Array.from({ length: Math.ceil(own.length / BATCH) }, (_, index) =>
      own.slice(index * BATCH, (index + 1) * BATCH),
    ),
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
  act: SendAct,
  rows: readonly GoodRow[],
  wall: Wall,
  list: UnderWay,
  tell: (progress: Progress) => void,
): Promise<BroughtIn> {
  const refused: Record<number, string> = {};
  const open = rows.filter((row) => !list.done.has(row.line));
  let done = rows.length - open.length;
  for (let batch of batchesOf(readyRows(open, wall, list))) {
    const size = batch.length;
    while (batch.length > 0) {
      const [first] = batch;
      try {
        await act(
          importBikes,
          { body: { siteId: first?.body.siteId ?? '', bikes: batch.map((each) => each.body) } },
          `${first?.body.siteId} ${first?.row.line}`,
        );
        for (const { row, body } of batch)
          list.done.set(row.line, body.version === null ? 'added' : 'changed');
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
  const brought = [...list.done.values()];
  const changed = brought.filter((each) => each === 'changed').length;
  return { added: brought.length - changed, changed, refused };
}
