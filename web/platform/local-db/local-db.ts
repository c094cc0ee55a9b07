import Dexie, { type EntityTable } from 'dexie';
import type { NewMark } from '@cadre/contract/checks';
import type { Person } from '@cadre/contract/people';
import type { CheckExposure } from '@cadre/core/exposure';
import type { Proof } from '@cadre/core/authorship';
import type { Build } from '@cadre/core/fleet';
import type { FittedPart, Position, ChecklistVersion } from '@cadre/core/catalogue';
import type { Shape } from '@cadre/core/photos';

/** A check as this browser keeps it. It needs no session and no server. */
export interface SavedCheck {
  /** The id it was begun under here. */
  id: string;
  /** The id the server knows it by, once it does; another one when somebody had begun already. */
  serverId: string | null;
  bikeId: string;
  tag: string;
  build: Build;
  /** Parts on record when it was begun; not in checks kept before rules could ask for them. */
  parts?: FittedPart[];
  checklistHash: string;
  checklist: ChecklistVersion;
  repairId: string | null;
  author: string;
  openedAt: number;
  /** What the server asks and what it rests; null where all is asked, absent while it has not said. */
  exposure?: CheckExposure | null;
  state: 'open' | 'signing' | 'signed';
  /** The signature as given, to be sent again the same until it is answered. */
  signature: { id: string; author: string; markIds: string[]; at: number; proof?: Proof } | null;
  /** What its author signed the opening with. */
  proof?: Proof;
  /** Why the server would not take it, if so: shown to people, never dropped. */
  trouble: string | null;
}

/** What opens a person's key on this browser: their secret, and nothing that lies here. */
export interface SavedEntry {
  signInName: string;
  person: Person;
  publicKey: string;
  salt: BufferSource;
  iv: BufferSource;
  /** The private key, encrypted under a key made of the person's secret. */
  key: BufferSource;
}

/** The series of one person on this browser: what they said here, numbered. */
export interface SavedWriter {
  id: string;
  personId: string;
  /** Of the last item. */
  counter: number;
  /** The hash of the last item signed, once there is one. */
  previous: string | null;
  entry: SavedEntry | null;
}

export interface SavedMark {
  id: string;
  checkId: string;
  mark: NewMark;
  /** 0 kept here, 1 sent. */
  sent: 0 | 1;
}

/** Something left loose or open on a bike, said at the stand: kept here until it is sent. */
export interface SavedAct {
  id: string;
  bikeId: string;
  tag: string;
  what: string;
  at: number;
  author: string;
  proof?: Proof;
  /** Why the server would not take it, if so. */
  trouble: string | null;
}

/** A photo taken here: the picture itself until it is sent. */
export interface SavedPhoto {
  id: string;
  bikeId: string;
  /** The check it was taken in, under the id it has here. */
  checkId: string | null;
  checkpoint: string;
  position: Position;
  author: string;
  at: number;
  shapes: readonly Shape[];
  width: number;
  height: number;
  blob: Blob;
  proof?: Proof;
  /** Why the server would not take it, if so. */
  trouble: string | null;
}

/** A recording of a noise made here: a draft until it is described and saved, then waiting to be sent. */
export interface SavedSound {
  id: string;
  bikeId: string;
  author: string;
  at: number;
  bytes: Uint8Array<ArrayBuffer>;
  type: string;
  gear: string;
  doing: string;
  state: 'draft' | 'waiting';
  /** Why the server would not take it, if so: it is a draft again. */
  trouble: { what: string; todo: string } | null;
}

export interface SavedValue {
  key: string;
  value: unknown;
}

/** As it lies on the disk: a checklist is large and never changes, so it lies there once. Checks kept before hold theirs. */
type StoredCheck = Omit<SavedCheck, 'checklist'> & { checklist?: ChecklistVersion };

interface SavedChecklist {
  hash: string;
  checklist: ChecklistVersion;
}

class LocalDatabase extends Dexie {
  declare checks: EntityTable<StoredCheck, 'id'>;
  declare checklists: EntityTable<SavedChecklist, 'hash'>;
  declare marks: EntityTable<SavedMark, 'id'>;
  declare things: EntityTable<SavedValue, 'key'>;
  declare acts: EntityTable<SavedAct, 'id'>;
  declare photos: EntityTable<SavedPhoto, 'id'>;
  declare sounds: EntityTable<SavedSound, 'id'>;
  declare writers: EntityTable<SavedWriter, 'id'>;

  constructor() {
    super('cadre');
    this.version(1).stores({
      checks: 'id, bikeId, state',
      marks: 'id, checkId, sent, [checkId+sent]',
      things: 'key',
    });
    this.version(2).stores({ acts: 'id' });
    this.version(3).stores({ checklists: 'hash' });
    this.version(4).stores({ photos: 'id' });
    this.version(5)
      .stores({ writers: 'id, personId' })
      .upgrade(async (stored) => {
        // Marks from before there were series: each author's in the order of their times.
        await stored
          .table<SavedMark>('marks')
          .toCollection()
          .modify((each) => {
            each.mark = { ...each.mark, writerId: each.mark.author, counter: 0 };
          });
      });
    this.version(6).stores({ sounds: 'id, bikeId, state, [state+author]' });
  }
}

/** What this browser keeps: drafts and marks until they are sent, and the last wall and checklists for when there is no signal. */
export const localDb = new LocalDatabase();

const checklists = new Map<string, ChecklistVersion>();

/** Checks as they were read, each with its checklist: the same one for all that are of it. */
export async function withChecklists(rows: readonly (StoredCheck | undefined)[]): Promise<SavedCheck[]> {
  const checks: SavedCheck[] = [];
  for (const row of rows) {
    if (!row) continue;
    const checklist =
      checklists.get(row.checklistHash) ??
      row.checklist ??
      (await localDb.checklists.get(row.checklistHash))?.checklist;
    if (!checklist) throw new Error(`check ${row.id} is kept without its checklist`);
    checklists.set(row.checklistHash, checklist);
    checks.push({ ...row, checklist });
  }
  return checks;
}

/** Keeps a check, and its checklist unless that is kept already. */
export async function saveCheck({ checklist, ...check }: SavedCheck): Promise<void> {
  await localDb.transaction('rw', localDb.checks, localDb.checklists, async () => {
    if ((await localDb.checklists.where('hash').equals(check.checklistHash).count()) === 0)
      await localDb.checklists.put({ hash: check.checklistHash, checklist });
    await localDb.checks.put(check);
  });
  checklists.set(check.checklistHash, checklist);
}

/** Checks by several keys, each read whole and all in one go: one search for them all walks row by row, which takes ten times as long. */
const checksOfEach = (index: 'bikeId' | 'state', keys: readonly string[]): Promise<SavedCheck[]> =>
  localDb.transaction('r', localDb.checks, localDb.checklists, async () =>
    withChecklists(
      (await Promise.all(keys.map((key) => localDb.checks.where(index).equals(key).toArray()))).flat(),
    ),
  );

export const savedChecksOf = (bikeIds: readonly string[]): Promise<SavedCheck[]> =>
  checksOfEach('bikeId', bikeIds);

/** Checks that are not over: begun, or signed here and not sent yet. */
export const savedUnderWay = (): Promise<SavedCheck[]> => checksOfEach('state', ['open', 'signing']);

/** Lets go of checks that were signed, sent and untroubled days ago: the server has them. */
export async function letGoOfOld(before: number): Promise<void> {
  await localDb.transaction('rw', localDb.checks, localDb.marks, async () => {
    for (const check of await localDb.checks.where('state').equals('signed').toArray()) {
      if (check.trouble !== null || check.openedAt >= before) continue;
      const unsent = await localDb.marks.where('[checkId+sent]').equals([check.id, 0]).count();
      if (unsent > 0) continue;
      await localDb.marks.where('checkId').equals(check.id).delete();
      await localDb.checks.delete(check.id);
    }
  });
}

export async function saveValue(key: string, value: unknown): Promise<void> {
  await localDb.things.put({ key, value: JSON.parse(JSON.stringify(value)) as unknown });
}

/** Keeps a large value that is plain already, without copying it first. */
export async function savePlain(key: string, value: unknown): Promise<void> {
  await localDb.things.put({ key, value });
}

export async function savedValue<T>(key: string): Promise<T | null> {
  return ((await localDb.things.get(key))?.value as T | undefined) ?? null;
}

export async function dropValue(key: string): Promise<void> {
  await localDb.things.delete(key);
}

/** The keys of what is kept under a beginning of a key. */
export async function savedKeys(beginning: string): Promise<readonly string[]> {
  return localDb.things.where('key').startsWith(beginning).primaryKeys();
}
