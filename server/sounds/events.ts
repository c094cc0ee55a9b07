import {
  entryEntity,
  type Projections,
  type Verifier,
  type VerifyFault,
} from '@cadre/server/platform/event-log';

export interface SoundEvents {
  /** The recording itself lies in its table; the hash is of its bytes. */
  'sound.added': {
    bikeId: string;
    soundId: string;
    seconds: number;
    gear: string;
    doing: string;
    hash: string;
  };
}

export const soundProjections: Projections<SoundEvents> = {
  // The recording is the record itself.
  'sound.added': () => Promise.resolve(),
};

/** Every recording's bytes against the hash its event names, and that none is there unnamed. */
export const verifySounds: Verifier = async (source) => {
  const real = await source.query<{ id: string; hash: string }[]>(
    'SELECT id, SHA2(sound, 256) AS hash FROM sound_note',
  );
  const unnamed = new Map(real.map((row) => [row.id, row.hash]));
  const faults: VerifyFault[] = [];
  for (const row of await source.getRepository(entryEntity).findBy({ kind: 'sound.added' })) {
    const { soundId, hash } = JSON.parse(row.body) as SoundEvents['sound.added'];
    if (unnamed.get(soundId) !== hash)
      faults.push({ chain: row.chain, seq: row.seq, what: 'its recording was altered or removed' });
    unnamed.delete(soundId);
  }
  if (unnamed.size > 0)
    faults.push({
      chain: 'sounds',
      seq: unnamed.size,
      what: `${unnamed.size} recordings stand that no entry names`,
    });
  return { looked: real.length, faults };
};
