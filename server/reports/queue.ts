import type { DataSource } from 'typeorm';
import { v5 as idFrom } from 'uuid';
import type { Zone } from '@cadre/core/catalogue';
import type { ReportFault } from '@cadre/core/reports';
import { queuedReportEntity } from './entities';
import type { Reports, RiderReport } from './service';

interface Said {
  readonly zone: Zone | null;
  readonly fault: ReportFault;
  readonly canRide: boolean;
  readonly note: string;
  readonly name: string;
}
const NOTES_MOST = 1500;
const AT_ONCE = 20;

/** What came over the limits waits here without its photo: alike ones of one bike are one that is counted, so that nobody fills the disk and nothing is lost. */
export async function enqueue(source: DataSource, sent: RiderReport, now: number): Promise<void> {
  const { id, bikeId, zone, fault, canRide, note, name } = sent;
  const key = `${bikeId} ${zone ?? ''} ${fault} ${String(canRide)}`;
  await source.transaction(async (tx) => {
    const queue = tx.getRepository(queuedReportEntity);
    const before = await queue.findOne({ where: { key }, lock: { mode: 'pessimistic_write' } });
    if (!before) {
      const said: Said = { zone, fault, canRide, note, name };
      await tx.query(
        'INSERT INTO report_queue (`key`, id, bikeId, said, times, at) VALUES (?, ?, ?, ?, 1, ?) ON DUPLICATE KEY UPDATE times = times + 1',
        [key, id, bikeId, JSON.stringify(said), new Date(now)],
      );
      return;
    }
    // Sent again under its id it was counted already.
    if (before.id === id) return;
    const said = JSON.parse(before.said) as Said;
    const notes = [...new Set([said.note, note].filter(Boolean))].join(' · ').slice(0, NOTES_MOST);
    await queue.update({ key }, { said: JSON.stringify({ ...said, note: notes }), times: before.times + 1 });
  });
}

/** Takes what waits to where it belongs, a few at a time. Answers how many there were. */
export async function takeQueued(source: DataSource, reports: Reports): Promise<number> {
  const queue = source.getRepository(queuedReportEntity);
  const waiting = await queue.find({ order: { at: 'ASC' }, take: AT_ONCE });
  for (const { key, id, bikeId, said, times } of waiting) {
    await reports.fromRider({
      ...(JSON.parse(said) as Said),
      id: idFrom(String(times), id),
      bikeId,
      times,
      photo: null,
    });
    // Of one that was told again meanwhile the whole is told once more: rather counted twice than lost.
    await queue.delete({ key, times });
  }
  return waiting.length;
}
