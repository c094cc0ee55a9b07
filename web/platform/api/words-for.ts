import type { Problem } from '@cadre/contract/http';
import type { Said } from './problems';
import * as t from './messages';

/** What a refusal says. The words are loaded with the first of them: most days nothing is refused. */
export async function wordsFor(problem: Problem): Promise<Said> {
  try {
    return (await import('./problems')).problemWords(problem);
  } catch (error) {
    // The file with the words is not to be had, as after an update: the refusal is said all the same.
    reportError(error);
    return { what: t.serverRefused({ code: problem.code }), todo: t.reloadPage };
  }
}
