import { OlderDatabaseError } from '@cadre/server/app';
import { PlainError } from './say';

/** The same failure, said to whoever started Cadre: an older database is named, with how to take everything out of it. */
export function saidPlainly(error: unknown): unknown {
  if (!(error instanceof OlderDatabaseError)) return error;
  return new PlainError(
    `This data was made by an older Cadre (step ${error.step}) and is not read by this one. Nothing was changed.`,
    'Write it to files with: npm run export -- <folder>. Then start with another CADRE_DATA_DIR.',
  );
}
