import { onScopeDispose } from 'vue';
import { getCheck } from '@cadre/contract/checks';
import { localDb, savedChecksOf, type SavedCheck } from '@cadre/web/platform/local-db';
import { RefusedError, send, UnreachableError } from '@cadre/web/platform/api';
import { openOn, type OpenCheck } from './drafts';
import { takeMarks } from './deliver';

const GATHER_MS = 250;

export interface LiveChecks {
  /** Asks for these bikes' open checks now, or for all of them. */
  refresh(bikeId?: string): void;
}

/**
 * Follows what others mark on the checks of some bikes: when a bike changes, its open checks are asked for and their marks kept
 * here. `onOpen` gets what the server has open; a check kept here that is open no more is told by `onOver` with who signed it.
 */
export function useLiveChecks(input: {
  readonly bikeIds: () => readonly string[];
  readonly checklistKeys: () => readonly string[];
  readonly follow: (listener: (bikeId: string | null) => void) => () => void;
  readonly onOpen?: (open: readonly OpenCheck[]) => Promise<void>;
  readonly onOver?: (savedId: string, signedBy: string | null) => void;
}): LiveChecks {
  let wanted = new Set<string>();
  let timer: ReturnType<typeof setTimeout> | null = null;
  let ended = false;

  async function tell(): Promise<void> {
    timer = null;
    const bikeIds = input.bikeIds().filter((id) => wanted.has(id));
    wanted = new Set();
    const open = await openOn(bikeIds, input.checklistKeys());
    if (!open || ended) return; // asked again when the stream is whole
    for (const each of open) await joinOwn(each);
    await input.onOpen?.(open);
    for (const bikeId of bikeIds) await tellOver(bikeId, open);
  }

  /** Their marks go into the draft kept here; one begun here and not sent yet turns out to be theirs. */
  async function joinOwn(theirs: OpenCheck): Promise<void> {
    for (const mine of await savedOf(theirs.bikeId)) {
      const same =
        mine.serverId === null &&
        mine.state === 'open' &&
        mine.repairId === null &&
        mine.checklistHash === theirs.checklistHash;
      if (same) await localDb.checks.update(mine.id, { serverId: theirs.id });
      if (same || mine.serverId === theirs.id) await takeMarks(mine.id, theirs.marks);
      if (mine.serverId === theirs.id) await takeExposure(mine, theirs);
    }
  }

  /** What rested when it was begun may be asked by now. */
  async function takeExposure(mine: SavedCheck, theirs: OpenCheck): Promise<void> {
    if (mine.exposure && JSON.stringify(mine.exposure) !== JSON.stringify(theirs.exposure))
      await localDb.checks.update(mine.id, { exposure: theirs.exposure });
  }

  /** A check that was open here and is open no more was signed or closed by somebody else. */
  async function tellOver(bikeId: string, open: readonly OpenCheck[]): Promise<void> {
    for (const mine of await savedOf(bikeId)) {
      if (
        mine.state !== 'open' ||
        !mine.serverId ||
        mine.repairId ||
        !input.checklistKeys().includes(mine.checklist.key)
      )
        continue;
      if (open.some((each) => each.id === mine.serverId)) continue;
      try {
        const check = await send(getCheck, { params: { id: mine.serverId } });
        if (check.state === 'open') continue;
        await takeMarks(mine.id, check.marks);
        const unsent = await localDb.marks.where('[checkId+sent]').equals([mine.id, 0]).count();
        if (unsent === 0) await localDb.checks.update(mine.id, { state: 'signed' });
        input.onOver?.(mine.id, check.signedBy);
      } catch (error) {
        if (!(error instanceof UnreachableError) && !(error instanceof RefusedError)) throw error;
      }
    }
  }

  const savedOf = (bikeId: string) => savedChecksOf([bikeId]);

  function refresh(bikeId?: string): void {
    for (const id of bikeId ? [bikeId] : input.bikeIds()) wanted.add(id);
    timer ??= setTimeout(() => void tell(), GATHER_MS);
  }

  const stop = input.follow((bikeId) => {
    if (bikeId === null) refresh();
    else if (input.bikeIds().includes(bikeId)) refresh(bikeId);
  });
  onScopeDispose(() => {
    ended = true;
    stop();
    if (timer) clearTimeout(timer);
  });
  return { refresh };
}
