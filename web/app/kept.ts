import Dexie, { type EntityTable } from 'dexie';
import type { NewMark } from '@cadre/contract/checks';
import type { Build } from '@cadre/core/fleet';
import type { FittedPart, SheetVersion } from '@cadre/core/catalogue';

/** A check as this browser keeps it. It needs no session and no server. */
export interface KeptCheck {
  /** The id it was begun under here. */
  id: string;
  /** The id the server knows it by, once it does; another one when somebody had begun already. */
  serverId: string | null;
  bikeId: string;
  tag: string;
  build: Build;
  /** Parts on record when it was begun; not in checks kept before rules could ask for them. */
  parts?: FittedPart[];
  sheetHash: string;
  sheet: SheetVersion;
  repairId: string | null;
  author: string;
  openedAt: number;
  state: 'open' | 'signing' | 'signed';
  /** The signature as given, to be sent again the same until it is answered. */
  signature: { id: string; author: string; markIds: string[]; at: number } | null;
  /** Why the server would not take it, if so: shown to people, never dropped. */
  trouble: string | null;
}

export interface KeptMark {
  id: string;
  checkId: string;
  mark: NewMark;
  /** 0 kept here, 1 sent. */
  sent: 0 | 1;
}

/** Something left loose or open on a bike, said at the stand: kept here until it is sent. */
export interface KeptAct {
  id: string;
  bikeId: string;
  tag: string;
  what: string;
  at: number;
  author: string;
  /** Why the server would not take it, if so. */
  trouble: string | null;
}

export interface KeptThing {
  key: string;
  value: unknown;
}

class KeptDatabase extends Dexie {
  declare checks: EntityTable<KeptCheck, 'id'>;
  declare marks: EntityTable<KeptMark, 'id'>;
  declare things: EntityTable<KeptThing, 'key'>;
  declare acts: EntityTable<KeptAct, 'id'>;

  constructor() {
    super('cadre');
    this.version(1).stores({ checks: 'id, bikeId, state', marks: 'id, checkId, sent, [checkId+sent]', things: 'key' });
    this.version(2).stores({ acts: 'id' });
  }
}

/** What this browser keeps: drafts and marks until they are sent, and the last wall and sheets for when there is no signal. */
export const kept = new KeptDatabase();

export async function keepThing(key: string, value: unknown): Promise<void> {
  await kept.things.put({ key, value: JSON.parse(JSON.stringify(value)) as unknown });
}

/** Keeps a large value that is plain already, without copying it first. */
export async function keepPlain(key: string, value: unknown): Promise<void> {
  await kept.things.put({ key, value });
}

export async function keptThing<T>(key: string): Promise<T | null> {
  return ((await kept.things.get(key))?.value as T | undefined) ?? null;
}

export async function dropThing(key: string): Promise<void> {
  await kept.things.delete(key);
}

/** The keys of what is kept under a beginning of a key. */
export async function keptKeys(beginning: string): Promise<readonly string[]> {
  return kept.things.where('key').startsWith(beginning).primaryKeys();
}
