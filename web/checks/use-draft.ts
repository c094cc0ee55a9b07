import { liveQuery } from 'dexie';
import { computed, onScopeDispose, shallowRef, type ComputedRef, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import { getCheck, type Check, type NewMark } from '@cadre/contract/checks';
import type { Bike } from '@cadre/contract/fleet';
import { askedOf, stationsOf, type Asked, type SheetVersion, type Station } from '@cadre/core/catalogue';
import { foldMarks, progressOf, type Mark, type MarkedFault, type MarkWay, type MarkWord, type Progress, type Standing } from '@cadre/core/checks';
import type { Build } from '@cadre/core/fleet';
import { deviceId, kept, now, RefusedError, send, UnreachableError, type KeptCheck, type KeptMark } from '@cadre/web/app';
import { takeMarks } from './deliver';
import { useOutbox } from './use-outbox';

export interface MarkGiven {
  readonly word: MarkWord;
  readonly way: MarkWay;
  readonly faults?: readonly MarkedFault[];
  readonly note?: string;
}

export interface Draft {
  readonly check: Ref<KeptCheck | null>;
  readonly stations: ComputedRef<readonly Station[]>;
  readonly standings: ComputedRef<ReadonlyMap<string, Standing>>;
  readonly progress: ComputedRef<Progress>;
  readonly marks: ComputedRef<readonly KeptMark[]>;
  /** How many marks of this check are kept here and not sent. */
  readonly unsent: ComputedRef<number>;
  mark(asked: readonly Asked[], given: MarkGiven, author: string): Promise<void>;
  undo(author: string): Promise<Asked | null>;
  sign(author: string): Promise<void>;
}

let lastAt = 0;
/** Marks of one device never share an instant: the newer stands. */
function markTime(): number {
  lastAt = Math.max(now(), lastAt + 1);
  return lastAt;
}

/** The check of a bike as it is kept here: found, joined or begun. */
export async function findOrBegin(
  bike: Bike,
  sheet: { hash: string; sheet: SheetVersion } | null,
  author: string,
  checkId: string | null,
): Promise<KeptCheck | null> {
  const mine = (await kept.checks.where('bikeId').equals(bike.id).toArray()).find((check) =>
    checkId
      ? check.serverId === checkId || check.id === checkId
      : check.state !== 'signed' && check.repairId === null && (sheet === null || check.sheet.key === sheet.sheet.key),
  );
  if (mine) return mine;
  const known = checkId ?? bike.openCheckId;
  const found = known ? await fetchOpen(known) : null;
  const theirs = checkId || !sheet || found?.sheet.key === sheet.sheet.key ? found : null;
  if (!theirs && !sheet) return null;
  const check: KeptCheck = {
    id: theirs?.id ?? newId(),
    serverId: theirs?.id ?? null,
    bikeId: bike.id,
    tag: bike.tag,
    build: JSON.parse(JSON.stringify(bike.build)) as Build,
    parts: bike.parts.map((part) => ({ ...part })),
    sheetHash: theirs?.sheetHash ?? sheet?.hash ?? '',
    sheet: JSON.parse(JSON.stringify(theirs?.sheet ?? sheet?.sheet)) as SheetVersion,
    repairId: theirs?.repairId ?? null,
    author,
    openedAt: theirs?.openedAt ?? now(),
    state: 'open',
    signature: null,
    trouble: null,
  };
  await kept.checks.put(check);
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

/** A draft: what is kept of one check, folded by core, and the acts on it. Everything is kept before it is sent. */
export function useDraft(id: string): Draft {
  const outbox = useOutbox();
  const check = shallowRef<KeptCheck | null>(null);
  const rows = shallowRef<readonly KeptMark[]>([]);
  const subscription = liveQuery(async () => ({
    check: (await kept.checks.get(id)) ?? null,
    rows: await kept.marks.where('checkId').equals(id).toArray(),
  })).subscribe((found) => {
    check.value = found.check;
    rows.value = found.rows;
  });
  onScopeDispose(() => subscription.unsubscribe());

  const asked = computed(() => (check.value ? askedOf(check.value.sheet, { build: check.value.build, parts: check.value.parts ?? [] }) : []));
  const stations = computed(() => (check.value ? stationsOf(asked.value, check.value.sheet.route) : []));
  const standings = computed(() => foldMarks(rows.value.map((row) => row.mark as Mark)));
  const progress = computed(() => progressOf(asked.value, standings.value));
  const unsent = computed(() => rows.value.filter((row) => row.sent === 0).length);

  async function add(marks: readonly NewMark[]): Promise<void> {
    const added = marks.map((mark): KeptMark => ({ id: mark.id, checkId: id, mark, sent: 0 }));
    await kept.transaction('rw', kept.marks, kept.checks, async () => {
      await kept.marks.bulkAdd(added);
      await kept.checks.update(id, { trouble: null });
    });
    rows.value = [...rows.value, ...added.filter((each) => !rows.value.some((row) => row.id === each.id))];
    void outbox.flush();
  }

  async function mark(questions: readonly Asked[], given: MarkGiven, author: string): Promise<void> {
    const at = markTime();
    await add(
      questions.map((question): NewMark => ({
        id: newId(),
        checkpoint: question.checkpoint.key,
        position: question.position,
        word: given.word,
        way: given.way,
        faults: (given.faults ?? []).map((fault) => ({ ...fault })),
        note: given.note ?? '',
        author,
        device: deviceId(),
        at,
      })),
    );
  }

  /** Takes back the newest mark of this person that still stands, or the whole sweep it came with. */
  async function undo(author: string): Promise<Asked | null> {
    const own = [...standings.value.values()].flatMap((standing) => standing.marks).filter((each) => each.author === author);
    const newest = own.reduce<Mark | null>((latest, each) => (!latest || each.at > latest.at ? each : latest), null);
    if (!newest) return null;
    const together = own.filter((each) => each.at === newest.at);
    const questions = asked.value.filter((question) =>
      together.some((each) => each.checkpoint === question.checkpoint.key && each.position === question.position),
    );
    await mark(questions, { word: 'withdrawn', way: 'single' }, author);
    return questions[0] ?? null;
  }

  async function sign(author: string): Promise<void> {
    const markIds = rows.value.map((row) => row.id).sort();
    await kept.checks.update(id, { state: 'signing', trouble: null, signature: { id: newId(), author, markIds, at: markTime() } });
    void outbox.flush();
  }

  return { check, stations, standings, progress, marks: computed(() => rows.value), unsent, mark, undo, sign };
}
