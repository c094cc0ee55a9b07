import type { Finding } from '@cadre/core/findings';
import { reportHolds, type ReportSaid } from '@cadre/core/reports';
import type { EntityManager } from 'typeorm';
import { saveFindings } from '@cadre/server/findings';
import type { Projections } from '@cadre/server/platform/event-log';
import { reportEntity } from './entities';

type Told = ReportSaid & { readonly note: string };

export interface ReportEvents {
  'report.made': Told & {
    bikeId: string;
    reportId: string;
    /** What the rider called themselves, sealed; empty where none was given. */
    sealedName: string;
    photoHash: string | null;
    times: number;
  };
  /** The same fault was told again, and nobody has dealt with the first. */
  'report.repeated': {
    bikeId: string;
    reportId: string;
    canRide: boolean;
    note: string;
    photoHash: string | null;
    times: number;
  };
  'report.described': Told & { bikeId: string; reportId: string };
  'report.to-finding': { bikeId: string; reportId: string; finding: Finding };
  'report.closed': { bikeId: string; reportId: string; reason: string };
}

/** What notes told again and again come to is bounded. */
const NOTES_MOST = 2000;
const joined = (...notes: readonly string[]): string =>
  [...new Set(notes.filter(Boolean))].join(' · ').slice(0, NOTES_MOST);

async function dealWith(
  tx: EntityManager,
  id: string,
  state: 'finding' | 'closed',
  { by, at, reason }: { readonly by: string | null; readonly at: number; readonly reason: string },
): Promise<void> {
  await tx.getRepository(reportEntity).update({ id }, { state, dealtBy: by, dealtAt: new Date(at), reason });
}

export const reportProjections: Projections<ReportEvents> = {
  async 'report.made'(tx, { body, author, happenedAt }) {
    const { reportId: id, bikeId, zone, fault, canRide, note, sealedName, photoHash, times } = body;
    await tx.getRepository(reportEntity).insert({
      ...{ id, bikeId, zone, fault, canRide, note, sealedName, photoHash, times },
      ...{ holds: reportHolds(body), at: new Date(happenedAt), by: author, state: 'unread' },
      ...{ dealtBy: null, dealtAt: null, reason: '' },
    });
  },
  async 'report.repeated'(tx, { body: { reportId: id, canRide, note, photoHash, times } }) {
    const reports = tx.getRepository(reportEntity);
    const before = await reports.findOneByOrFail({ id });
    const worse = { zone: before.zone, fault: before.fault, canRide: before.canRide && canRide };
    await reports.update(
      { id },
      {
        canRide: worse.canRide,
        holds: reportHolds(worse),
        note: joined(before.note, note),
        photoHash: photoHash ?? before.photoHash,
        times: before.times + times,
      },
    );
  },
  async 'report.described'(tx, { body: { reportId: id, zone, fault, canRide, note } }) {
    const reports = tx.getRepository(reportEntity);
    const before = await reports.findOneByOrFail({ id });
    // Who says where it is takes no hold off: that is the mechanic's.
    const holds = before.holds || reportHolds({ zone, fault, canRide });
    await reports.update({ id }, { zone, fault, canRide, holds, note: joined(before.note, note) });
  },
  async 'report.to-finding'(tx, { body: { reportId, bikeId, finding }, author: by, happenedAt: at }) {
    await dealWith(tx, reportId, 'finding', { by, at, reason: '' });
    await saveFindings(tx, bikeId, [finding]);
  },
  'report.closed': (tx, { body: { reportId, reason }, author: by, happenedAt: at }) =>
    dealWith(tx, reportId, 'closed', { by, at, reason }),
};
