import type { DataSource } from 'typeorm';
import { REPORT_LIMITS } from '@cadre/core/reports';
import { MINUTE_MS } from '@cadre/core/time';

/**
 * Counts a report against what it came from, in one statement each, and answers whether it is over what one tag or one address may send in a span. A span begins
 * with its first report.
 */
export async function isOverLimit(
  source: DataSource,
  from: { readonly bikeId: string; readonly address: string },
  now: number,
): Promise<boolean> {
  const counted = [
    { key: `bike:${from.bikeId}`, most: REPORT_LIMITS.perTag },
    { key: `address:${from.address.slice(0, 60)}`, most: REPORT_LIMITS.perAddress },
  ];
  const began = new Date(now - REPORT_LIMITS.spanMinutes * MINUTE_MS);
  let over = false;
  for (const { key, most } of counted) {
    await source.query(
      'INSERT INTO report_rate (`key`, sent, since) VALUES (?, 1, ?) ON DUPLICATE KEY UPDATE sent = IF(since < ?, 1, sent + 1), since = IF(since < ?, VALUES(since), since)',
      [key, new Date(now), began, began],
    );
    const [row] = await source.query<{ sent: number }[]>('SELECT sent FROM report_rate WHERE `key` = ?', [
      key,
    ]);
    over ||= Number(row?.sent ?? 0) > most;
  }
  return over;
}

/** Forgets what is past its span. */
export async function forgetRates(source: DataSource, now: number): Promise<void> {
  await source.query('DELETE FROM report_rate WHERE since < ?', [
    new Date(now - REPORT_LIMITS.spanMinutes * MINUTE_MS),
  ]);
}
