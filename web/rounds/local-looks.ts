import type { Round } from '@cadre/contract/rounds';
import { questionsOf } from '@cadre/core/catalogue';
import { askedOf } from '@cadre/core/exposure';
import { resolveMarks, progressOf } from '@cadre/core/checks';
import type { RoundLook } from '@cadre/core/rounds';
import type { SavedCheck, SavedMark } from '@cadre/web/platform/local-db';

/** What is kept in this browser and not known to the server yet, as looks of a round: the board is true without signal too. */
export function withLocalLooks(
  round: Round,
  checks: readonly SavedCheck[],
  marks: ReadonlyMap<string, readonly SavedMark[]>,
): readonly RoundLook[] {
  const byBike = new Map<string, RoundLook>(round.looks.map((look) => [look.bikeId, look]));
  for (const check of checks) {
    const ofRound =
      round.checklistKey === null ? check.checklist.clears : check.checklist.key === round.checklistKey;
    if (
      !ofRound ||
      check.repairId !== null ||
      !round.bikeIds.includes(check.bikeId) ||
      check.openedAt < round.madeAt - 1
    )
      continue;
    const own = marks.get(check.id) ?? [];
    const unsent =
      check.serverId === null || check.state === 'signing' || own.some((mark) => mark.sent === 0);
    if (!unsent || check.state === 'signed') continue;
    const known = byBike.get(check.bikeId);
    if (
      known?.state === 'signed' &&
      known.checkId !== (check.serverId ?? check.id) &&
      known.lastAt > check.openedAt
    )
      continue;
    const answers = resolveMarks(own.map((each) => each.mark));
    const every = questionsOf(check.checklist, { build: check.build, parts: check.parts ?? [] });
    const asked = askedOf(every, check.exposure, answers);
    const progress = progressOf(asked, answers);
    const last = own.reduce<SavedMark | null>(
      (newest, each) => (!newest || each.mark.at > newest.mark.at ? each : newest),
      null,
    );
    byBike.set(check.bikeId, {
      bikeId: check.bikeId,
      checkId: check.serverId ?? check.id,
      state: check.state === 'signing' ? 'signed' : 'open',
      by: last?.mark.author ?? check.author,
      lastAt: last?.mark.at ?? check.openedAt,
      signedBy: check.signature?.author ?? null,
      signedAt: check.signature?.at ?? null,
      complete: progress.criticalsMissing.length === 0,
      found: [...answers.values()].filter((each) => each.outcome === 'fail' || each.outcome === 'watch')
        .length,
    });
  }
  return [...byBike.values()];
}
