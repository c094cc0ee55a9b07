import { In } from 'typeorm';
import { entryEntity, type Verifier, type VerifyFault } from '@cadre/server/platform/event-log';
import type { ReportEvents } from './events';

type Told = ReportEvents['report.made'] | ReportEvents['report.repeated'];

/** The photo of every report against the last hash its events name, and that none is there unnamed. */
export const verifyReportPhotos: Verifier = async (source) => {
  const real = await source.query<{ id: string; hash: string }[]>(
    'SELECT reportId AS id, SHA2(whole, 256) AS hash FROM report_photo',
  );
  const there = new Map(real.map(({ id, hash }) => [id, hash]));
  const named = new Map<string, { readonly hash: string; readonly chain: string; readonly seq: number }>();
  const entries = await source.getRepository(entryEntity).find({
    where: { kind: In(['report.made', 'report.repeated']) },
    order: { chain: 'ASC', seq: 'ASC' },
  });
  for (const { chain, seq, body } of entries) {
    const { reportId, photoHash: hash } = JSON.parse(body) as Told;
    if (hash !== null) named.set(reportId, { hash, chain, seq });
  }
  const faults: VerifyFault[] = [];
  for (const [id, { hash, chain, seq }] of named) {
    if (there.get(id) !== hash)
      faults.push({ chain, seq, what: 'the photo of its report was altered or removed' });
    there.delete(id);
  }
  if (there.size > 0)
    faults.push({
      chain: 'report photos',
      seq: there.size,
      what: `${there.size} photos stand that no report names`,
    });
  return { looked: real.length, faults };
};
