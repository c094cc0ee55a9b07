import { v7 as newId } from 'uuid';
import { findChecks, getCheck, type Check, type NewMark } from '@cadre/contract/checks';
import type { Bike } from '@cadre/contract/fleet';
import type { AnswerOf } from '@cadre/contract/http';
import type { Question, FittedPart, ChecklistVersion } from '@cadre/core/catalogue';
import type { MarkedFault, MarkWay, MarkOutcome, Reading } from '@cadre/core/checks';
import type { Build } from '@cadre/core/fleet';
import { RefusedError, send, UnreachableError } from '@cadre/web/platform/api';
import { likelyPlace, signLater, signerOf, takeCounters } from '@cadre/web/platform/authorship';
import {
  saveCheck,
  localDb,
  savedChecksOf,
  type SavedCheck,
  type SavedMark,
} from '@cadre/web/platform/local-db';
import { now } from '@cadre/web/platform/time';
import { takeMarks } from './deliver';

/** Drafts as this browser keeps them: plain acts over what is kept, for the stand and the line alike. */
export interface MarkGiven {
  readonly outcome: MarkOutcome;
  readonly way: MarkWay;
  readonly faults?: readonly MarkedFault[];
  readonly note?: string;
  readonly reading?: Reading | undefined;
}

export interface NamedChecklist {
  readonly hash: string;
  readonly checklist: ChecklistVersion;
}

export type OpenCheck = AnswerOf<typeof findChecks>['checks'][number];

let lastAt = 0;
/** Marks of one device never share an instant: the newer stands. */
export function markTime(): number {
  lastAt = Math.max(now(), lastAt + 1);
  return lastAt;
}

const plain = <T>(value: unknown): T => JSON.parse(JSON.stringify(value)) as T;

function draftOf(
  bike: Bike,
  checklist: NamedChecklist,
  author: string,
  theirs: Pick<SavedCheck, 'serverId' | 'repairId' | 'openedAt' | 'exposure'> | null,
): SavedCheck {
  return {
    id: theirs?.serverId ?? newId(),
    serverId: theirs?.serverId ?? null,
    bikeId: bike.id,
    tag: bike.tag,
    build: plain<Build>(bike.build),
    parts: plain<FittedPart[]>(bike.parts),
    checklistHash: checklist.hash,
    checklist: plain<ChecklistVersion>(checklist.checklist),
    repairId: theirs?.repairId ?? null,
    author,
    openedAt: theirs?.openedAt ?? now(),
    ...(theirs ? { exposure: theirs.exposure ?? null } : {}),
    state: 'open',
    signature: null,
    trouble: null,
  };
}

async function savedDraft(bikeId: string, checklistKey: string | null): Promise<SavedCheck | null> {
  return (
    (await savedChecksOf([bikeId])).find(
      (check) =>
        check.state !== 'signed' &&
        check.repairId === null &&
        (checklistKey === null || check.checklist.key === checklistKey),
    ) ?? null
  );
}

/** The check of a bike at the stand as it is kept here: found, joined or begun. */
export async function findOrBegin(
  bike: Bike,
  checklist: NamedChecklist | null,
  author: string,
  checkId: string | null,
): Promise<SavedCheck | null> {
  const mine = checkId
    ? (await savedChecksOf([bike.id])).find((check) => check.serverId === checkId || check.id === checkId)
    : await savedDraft(bike.id, checklist?.checklist.key ?? null);
  if (mine) return mine;
  // What a bike tells is its open ride-out; other work half done is asked for.
  const other =
    checklist && !checklist.checklist.clears && !checkId
      ? ((await openOn([bike.id], [checklist.checklist.key]))?.[0]?.id ?? null)
      : null;
  const known = checkId ?? other ?? bike.openCheckId;
  const found = known ? await fetchOpen(known) : null;
  const theirs = checkId || !checklist || found?.checklist.key === checklist.checklist.key ? found : null;
  if (!theirs && !checklist) return null;
  const named = theirs ? { hash: theirs.checklistHash, checklist: theirs.checklist } : checklist;
  if (!named) return null;
  const check = draftOf(
    bike,
    named,
    author,
    theirs
      ? {
          serverId: theirs.id,
          repairId: theirs.repairId,
          openedAt: theirs.openedAt,
          exposure: theirs.exposure,
        }
      : null,
  );
  await saveCheck(check);
  void signed(author, ({ signOpening }) => signOpening(check));
  if (theirs) await takeMarks(check.id, theirs.marks);
  return check;
}

/** The server's open check, or null when it is closed, gone or out of reach. */
async function fetchOpen(id: string): Promise<Check | null> {
  try {
    const check = await send(getCheck, { params: { id } });
    return check.state === 'open' ? check : null;
  } catch (error) {
    if (error instanceof UnreachableError || error instanceof RefusedError) return null;
    throw error;
  }
}

/** The open checks of bikes on checklists as the server has them; null when it cannot be asked. */
export async function openOn(
  bikeIds: readonly string[],
  checklistKeys: readonly string[],
): Promise<readonly OpenCheck[] | null> {
  if (bikeIds.length === 0) return [];
  try {
    return (await send(findChecks, { body: { bikeIds: [...bikeIds], checklistKeys: [...checklistKeys] } }))
      .checks;
  } catch (error) {
    if (error instanceof UnreachableError || error instanceof RefusedError) return null;
    throw error;
  }
}

/** Joins checks others have begun: they are kept here with their marks, so that one's own marks go into them. */
export async function joinChecks(
  open: readonly OpenCheck[],
  bikeOf: (id: string) => Bike | undefined,
  checklistOf: (hash: string) => NamedChecklist | null,
  author: string,
): Promise<void> {
  for (const theirs of open) {
    const known = (await savedChecksOf([theirs.bikeId])).find((check) => check.serverId === theirs.id);
    const draft = known ?? (await savedDraft(theirs.bikeId, theirs.checklistKey));
    if (draft) {
      if (draft.serverId === theirs.id) await takeMarks(draft.id, theirs.marks);
      continue; // one begun here and not sent yet joins theirs when it is delivered
    }
    const bike = bikeOf(theirs.bikeId);
    const checklist = checklistOf(theirs.checklistHash);
    if (!bike || !checklist) continue;
    const check = draftOf(bike, checklist, author, {
      serverId: theirs.id,
      repairId: null,
      openedAt: theirs.openedAt,
      exposure: theirs.exposure,
    });
    await saveCheck(check);
    await takeMarks(check.id, theirs.marks);
  }
}

const beginning = new Map<string, Promise<SavedCheck>>();
/** The draft of a bike on a checklist as kept here, begun if there is none; asks nobody, so that a mark never waits for the network. */
export function draftFor(bike: Bike, checklist: NamedChecklist, author: string): Promise<SavedCheck> {
  const key = `${bike.id} ${checklist.checklist.key}`;
  const before = beginning.get(key) ?? Promise.resolve(null);
  const next = before.then(async () => {
    const mine = await savedDraft(bike.id, checklist.checklist.key);
    if (mine) return mine;
    // Down a column all bikes are asked the same: the whole.
    const check = { ...draftOf(bike, checklist, author, null), exposure: null };
    await saveCheck(check);
    void signed(author, ({ signOpening }) => signOpening(check));
    return check;
  });
  beginning.set(key, next);
  return next;
}

/** One person's marks of the same kind for some questions, as they are kept and sent. */
export function marksOf(
  questions: readonly Pick<Question, 'checkpoint' | 'position'>[],
  given: MarkGiven,
  author: string,
  at = markTime(),
): NewMark[] {
  return questions.map((question) => ({
    id: newId(),
    checkpoint: question.checkpoint.key,
    position: question.position,
    outcome: given.outcome,
    way: given.way,
    faults: plain<NewMark['faults']>(given.faults ?? []),
    note: given.note ?? '',
    ...(given.reading ? { reading: plain<NonNullable<NewMark['reading']>>(given.reading) } : {}),
    author,
    ...likelyPlace(author),
    at,
  }));
}

/** Signs what was just stored where its author's key is open here; what signs comes with the key. */
const signing = () => import('./sign');
const signed = (
  author: string,
  work: (by: Awaited<ReturnType<typeof signing>>) => Promise<void>,
): Promise<void> => (signerOf(author) ? signLater(async () => work(await signing())) : Promise.resolve());

/** Marks with the numbers they have from now on. */
async function numbered(checkId: string, marks: readonly NewMark[]): Promise<readonly SavedMark[]> {
  const [first] = marks;
  if (!first) return [];
  const place = await takeCounters(first.author, marks.length);
  return marks.map((mark, index) => ({
    id: mark.id,
    checkId,
    mark: { ...mark, writerId: place.id, counter: place.first + index },
    sent: 0,
  }));
}

/** Keeps marks of a draft here, before they are sent. */
export async function saveMarks(checkId: string, marks: readonly NewMark[]): Promise<readonly SavedMark[]> {
  const author = marks[0]?.author ?? '';
  let added: readonly SavedMark[] = [];
  await localDb.transaction('rw', localDb.marks, localDb.checks, localDb.writers, async () => {
    added = await numbered(checkId, marks);
    await localDb.marks.bulkAdd(added);
    const check = await localDb.checks.get(checkId);
    if (check && check.trouble !== null) await localDb.checks.update(checkId, { trouble: null });
  });
  void signed(author, ({ signMarks }) => signMarks(checkId, added));
  return added;
}

/** Puts a name under a draft, over exactly the marks that are kept of it. */
export async function signDraft(checkId: string, author: string): Promise<void> {
  await localDb.transaction('rw', localDb.marks, localDb.checks, async () => {
    const markIds = (await localDb.marks.where('checkId').equals(checkId).primaryKeys()).sort();
    await localDb.checks.update(checkId, {
      state: 'signing',
      trouble: null,
      signature: { id: newId(), author, markIds, at: markTime() },
    });
  });
  await signed(author, ({ signSignature }) => signSignature(checkId));
}
